package yellowkite.core.edit;

import java.util.function.Function;
import yellowkite.core.colour.Wish;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;

/** Colours with a name, as edits put them into a profile. */
final class Colours {
    private Colours() {}

    /** Goes on with the colour if it can be seen and its name is one. @param luminance in percent */
    static Outcome<FixtureType> on(String name, String thing, double x, double y, double luminance,
            Function<ColorCie, Outcome<FixtureType>> change) {
        var refusal = Names.refusalOfRequired("name", name, thing);
        if (refusal.isPresent()) {
            return refusal.get();
        }
        if (!(luminance >= 0 && luminance <= 10_000)) {
            return Located.rejected("luminance", "A luminance lies from 0 to 10000 %.");
        }
        try {
            Wish.coordinates(x, y);
        } catch (IllegalArgumentException unseen) {
            return Located.rejected("x", String.valueOf(unseen.getMessage()));
        }
        return change.apply(new ColorCie(x, y, luminance));
    }
}
