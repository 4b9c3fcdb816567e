package yellowkite.core.edit;

import yellowkite.core.profile.FixtureType;

/**
 * How fast the lamp itself follows within a function.
 *
 * @param realFade         seconds from one end to the other
 * @param realAcceleration seconds to full speed
 */
public record SetFade(int function, double realFade, double realAcceleration) implements Edit {
    private static final double LONGEST = 3600;

    @Override
    public Outcome applyTo(FixtureType before) {
        if (!(realFade >= 0 && realFade <= LONGEST) || !(realAcceleration >= 0 && realAcceleration <= LONGEST)) {
            return Located.rejected(realFade >= 0 && realFade <= LONGEST ? "realAcceleration" : "realFade", "A time lies from 0 to " + (int) LONGEST + " seconds.");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> {
            f.realFade = realFade;
            f.realAcceleration = realAcceleration;
        }))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Own fade" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + " is " + realFade + " s, acceleration " + realAcceleration + " s";
    }
}
