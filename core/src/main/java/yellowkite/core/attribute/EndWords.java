package yellowkite.core.attribute;

import java.util.Map;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.Figures;

/** What a physical value is called: some attributes have words for their two ends, all others say the number. */
public final class EndWords {
    private record Pair(String zero, String one) {}

    /** By the attribute's name without its digits; the words stand for 0 and for 1. */
    private static final Map<String, Pair> WORDS = Map.of(
            "Dimmer", new Pair("dark", "full"), "Shutter", new Pair("closed", "open"), "Iris", new Pair("closed", "open"),
            "Frost", new Pair("clear", "full frost"), "ColorAdd_", new Pair("dark", "full"), "ColorSub_", new Pair("open", "full"),
            "ColorRGB_", new Pair("dark", "full"), "BladeSoft", new Pair("hard", "soft"));

    private EndWords() {}

    /** {@return "closed", "4.5 °" or "2700 K"} */
    public static String of(String attribute, double physical, PhysicalUnit unit) {
        var words = WORDS.get(family(attribute));
        if (words != null && (physical == 0 || physical == 1)) {
            return physical == 0 ? words.zero() : words.one();
        }
        return Figures.of(physical, unit.symbol());
    }

    /** {@return whether the values of an attribute mean something to people: they have words or a unit} */
    public static boolean tell(String attribute, PhysicalUnit unit) {
        return !unit.symbol().isEmpty() || WORDS.containsKey(family(attribute));
    }

    private static String family(String attribute) {
        int underline = attribute.indexOf('_');
        return underline > 0 ? attribute.substring(0, underline + 1) : attribute.replaceAll("\\d+", "");
    }
}
