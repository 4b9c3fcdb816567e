package yellowkite.core.edit;

import yellowkite.core.profile.FixtureType;

/** Lets a function run through a curve of the profile. @param curve name; empty = straight */
public record LayCurve(int function, String curve) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        if (!curve.isEmpty() && before.physicalDescriptions().findDmxProfile(curve).isEmpty()) {
            return Located.rejected("curve", "This profile has no curve called '" + curve + "'.");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> f.dmxProfile = curve))));
    }

    @Override
    public String describe(FixtureType before) {
        return "'" + Located.function(before, function).map(Located.InChannel::name).orElse("A function") + "' runs "
                + (curve.isEmpty() ? "straight" : "through the curve '" + curve + "'");
    }
}
