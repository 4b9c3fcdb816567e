package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * How fast the fixture itself follows within a function.
 *
 * @param realFade seconds from one end to the other; null = stays
 * @param realAcceleration seconds to full speed; null = stays
 */
public record SetFade(int function, @Nullable Double realFade, @Nullable Double realAcceleration) implements Edit {
    private static final double LONGEST = 3600;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (!isTime(realFade) || !isTime(realAcceleration)) {
            return Located.rejected(isTime(realFade) ? "realAcceleration" : "realFade",
                    "A time lies from 0 to " + (int) LONGEST + " seconds.");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> {
            f.realFade = realFade == null ? f.realFade : realFade;
            f.realAcceleration = realAcceleration == null ? f.realAcceleration : realAcceleration;
        }))));
    }

    private static boolean isTime(@Nullable Double seconds) {
        return seconds == null || seconds >= 0 && seconds <= LONGEST;
    }

    @Override
    public String describe(FixtureType before) {
        var says = (realFade == null ? "" : " is " + realFade + " s,")
                + (realAcceleration == null ? "" : " acceleration " + realAcceleration + " s,");
        return "Own fade" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("")
                + (says.isEmpty() ? " stays" : says.substring(0, says.length() - 1));
    }
}
