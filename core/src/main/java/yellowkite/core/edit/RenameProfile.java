package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Gives the fixture type another name. */
public record RenameProfile(String to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Names.refusalOfRequired("to", to, "A profile")
            .orElseGet(() -> Located.applied(before.with(f -> f.name = to)));
    }

    @Override
    public String describe(FixtureType before) {
        return "Profile is called '" + to + "', was '" + before.name() + "'";
    }
}
