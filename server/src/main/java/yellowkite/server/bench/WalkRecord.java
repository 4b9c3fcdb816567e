package yellowkite.server.bench;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.Step;
import yellowkite.core.bench.Walk.Verdict;

/**
 * A walk as it is handed on.
 *
 * @param form what this file is. @param version of that form. @param instruments what answered: an address, or {@code hand}
 * @param footprint that the fixture said it has; null where it said none. @param startedAt UTC
 */
record WalkRecord(String form, int version, String manufacturer, String profile, String fixtureTypeId, int revision, String mode,
        String fixtureSerial, String firmware, @Nullable Integer footprint, String author, LocalDateTime startedAt, String state,
        String instruments, String notes, List<RecordedStep> steps, List<RecordedCause> causes, List<WalkPhoto> photographs) {
    static final String FORM = "kite-walk";
    static final int VERSION = 1;

    /** @param shows what the profile says. @param seen what instruments saw; empty by hand */
    record RecordedStep(int number, Step.Kind kind, String channel, String function, @Nullable String range, long dmx, String shows,
            Verdict verdict, String seen, String reason) {}

    record RecordedCause(String says, String flaw, int steps) {}

    /** @param sha256 of the picture as a PNG */
    record WalkPhoto(String sha256, String name) {}

    List<RecordedStep> differing() {
        return steps.stream().filter(each -> each.verdict() == Verdict.DIFFERS).toList();
    }

    long count(Verdict verdict) {
        return steps.stream().filter(each -> each.verdict() == verdict).count();
    }
}
