package yellowkite.core.edit;

import yellowkite.core.profile.FixtureType;

/** Edits in tests: applied for certain, or refused for certain. */
final class Applying {
    private Applying() {}

    static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Edit.Outcome.Applied applied -> applied.after();
            case Edit.Outcome.Rejected rejected -> throw new AssertionError(rejected.field() + ": " + rejected.reason());
        };
    }

    /** {@return the field and the reason} */
    static String refusal(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Edit.Outcome.Applied applied -> throw new AssertionError("was applied");
            case Edit.Outcome.Rejected rejected -> rejected.field() + ": " + rejected.reason();
        };
    }
}
