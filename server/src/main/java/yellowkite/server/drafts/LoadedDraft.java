package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.edit.Edit;
import yellowkite.core.history.History;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.drafts.DraftRepository.StoredStep;

/**
 * A draft with its document.
 *
 * @param edits the stored steps of the history's edits, one for each, undone ones included
 * @param halted why it goes no further, though more is stored; null if all of it could be read
 */
public record LoadedDraft(StoredDraft draft, History<FixtureType, Edit> history, List<StoredStep> edits, @Nullable String halted) {

    public LoadedDraft {
        edits = List.copyOf(edits);
    }

    /** {@return this draft after a step that led to that history} */
    LoadedDraft after(StoredStep step, History<FixtureType, Edit> to) {
        var next = draft.at(step.version());
        var kept = new ArrayList<>(edits);
        if (step.kind() == DraftRepository.Kind.EDIT) {
            kept.subList(history.done(), kept.size()).clear();
            kept.add(step);
        } else if (step.kind() == DraftRepository.Kind.UNDO && step.edit() != null) {
            kept.add(history.done() - 1, kept.remove(Integer.parseInt(step.edit())));
        }
        return new LoadedDraft(next, to, kept, halted);
    }
}
