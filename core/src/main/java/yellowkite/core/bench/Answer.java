package yellowkite.core.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a step found. @param wanted what the profile says. @param seen what was seen; null where nothing was */
public record Answer(Step step, Walk.Verdict verdict, Seen wanted, @Nullable Seen seen) {

    static Answer of(Step step, Seen wanted, @Nullable Seen seen) {
        return new Answer(step, Walk.judge(step, wanted, seen), wanted, seen);
    }

    /** {@return what was looked at and differs} */
    List<Reading> differing() {
        return seen == null ? List.of() : step.watched().stream().filter(each -> !each.agree(wanted, seen, step.tolerance())).toList();
    }

    /** {@return what should have been seen, in few words} */
    public String expectedWords() {
        return words(wanted, seen);
    }

    /** {@return what was seen, in few words} */
    public String seenWords() {
        return words(seen, wanted);
    }

    private String words(@Nullable Seen of, @Nullable Seen other) {
        if (of == null || other == null) {
            return "";
        }
        var differing = differing();
        var told = differing.isEmpty() ? step.watched() : differing;
        return String.join(", ", told.stream().map(each -> each.words(of, other, step.tolerance())).distinct().toList());
    }

    /** {@return a sentence on what differs} */
    public String says() {
        var where = switch (step.kind()) {
            case UNSENT -> "Before the first frame";
            case START -> "At the start values";
            case HIGHLIGHT -> "At the highlight values";
            case CELL -> "With '" + step.channel() + "' lit alone";
            default -> step.channel() + " at " + step.dmx();
        };
        return where + " there is " + seenWords() + " where the profile says " + expectedWords() + ".";
    }
}
