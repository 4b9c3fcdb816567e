package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Edits in tests: applied for certain, or refused for certain. */
final class Applying {
    private Applying() {}

    static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied<FixtureType> applied -> applied.after();
            case Outcome.Rejected<FixtureType> rejected -> throw new AssertionError(rejected.field() + ": " + rejected.reason());
        };
    }

    /** {@return the field and the reason} */
    static String refusal(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied<FixtureType> applied -> throw new AssertionError("was applied");
            case Outcome.Rejected<FixtureType> rejected -> rejected.field() + ": " + rejected.reason();
        };
    }
}
