package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Notes of the house for colleagues; no file carries them. */
public record SetNotes(String to) implements Edit {
    private static final int LONGEST = 10_000;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Texts.refusal("to", to, LONGEST).orElseGet(() -> Located.applied(before.with(f -> f.house = f.house.withNotes(to.strip()))));
    }

    @Override
    public String describe(FixtureType before) {
        return to.isBlank() ? "Notes removed" : "Notes: '" + Texts.shortened(to.strip()) + "'";
    }
}
