package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Lets a function bring in the slots of a wheel. @param wheel name; empty = none */
public record SetWheel(int function, String wheel) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (!wheel.isEmpty() && before.findWheel(wheel).isEmpty()) {
            return Located.rejected("wheel", "This profile has no wheel called '" + wheel + "'.");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> f.wheel = wheel))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Wheel" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + " is "
                + (wheel.isEmpty() ? "none" : "'" + wheel + "'");
    }
}
