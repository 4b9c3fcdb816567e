package yellowkite.server.history;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing that was done to a document.
 *
 * @param edit as JSON; of an undo that takes back an earlier one than the last its place in the history; null for other undos, and for redo
 * @param changeId the asker's own; null if it had none
 */
public record StoredStep(int version, Kind kind, @Nullable String edit, String sentence, String author, LocalDateTime createdAt,
        @Nullable String changeId) {
    private static final int LONGEST_SENTENCE = 1_000;

    public StoredStep {
        sentence = sentence.length() <= LONGEST_SENTENCE ? sentence : sentence.substring(0, LONGEST_SENTENCE - 3) + "...";
    }

    /** What was done. */
    public enum Kind {
        EDIT, UNDO, REDO
    }

    /**
     * {@return the steps of a history's edits after this one, one for each edit, undone ones included}
     *
     * @param edits those before it
     * @param done how many of them counted
     */
    public List<StoredStep> upon(List<StoredStep> edits, int done) {
        var kept = new ArrayList<>(edits);
        if (kind == Kind.EDIT) {
            kept.subList(done, kept.size()).clear();
            kept.add(this);
        } else if (kind == Kind.UNDO && edit != null) {
            kept.add(done - 1, kept.remove(Integer.parseInt(edit)));
        }
        return List.copyOf(kept);
    }
}
