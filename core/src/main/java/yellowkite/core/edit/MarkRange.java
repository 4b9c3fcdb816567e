package yellowkite.core.edit;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;

/** Gives a named range a mark of the house. @param mark null = none */
public record MarkRange(int range, House.@Nullable Mark mark) implements Edit {
    private static final Pattern COLOR = Pattern.compile("#[0-9a-f]{6}");

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onRange(before, range, at -> {
            if (mark != null && !isColor(mark.color(), mark.sign() == House.Sign.COLOR || mark.sign() == House.Sign.SPLIT)) {
                return Located.rejected("color", "A colour is written as # and six digits of 0 to 9 and a to f, such as #ffcc00.");
            }
            if (mark != null && !isColor(mark.second(), mark.sign() == House.Sign.SPLIT)) {
                return Located.rejected("second", "A split has a second colour, such as #0040ff; other marks have none.");
            }
            return Located.applied(before.with(f -> f.house = f.house.withMark(range, mark)));
        });
    }

    private static boolean isColor(String text, boolean wanted) {
        return wanted ? COLOR.matcher(text).matches() : text.isEmpty();
    }

    @Override
    public String describe(FixtureType before) {
        return "Mark of " + Located.range(before, range).map(Located.InFunction::called).orElse("a range") + ": "
                + (mark == null ? "none" : Words.small(mark.sign()).replace('_', ' '));
    }
}
