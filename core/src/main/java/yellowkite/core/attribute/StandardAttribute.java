package yellowkite.core.attribute;

import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.profile.AttributeDefinitions.Attribute;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.xml.Source;

/**
 * One line of the standard's list, perhaps for many numbers: {@code Gobo(n)PosRotate}. Source: GDTF, "Attribute names".
 *
 * @param pattern name with {@code (n)} and {@code (m)} for numbers
 * @param pretty name for people, with the same places for numbers
 * @param feature {@code Group.Feature}
 * @param physicalFrom what is usual at the first DMX value, in {@code unit}; {@code physicalTo} at the last
 * @param activationGroup empty = none
 * @param words what technicians call it, in lower case
 */
public record StandardAttribute(String pattern, String pretty, String feature, PhysicalUnit unit, double physicalFrom, double physicalTo,
        String activationGroup, List<String> words) {
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    public StandardAttribute {
        words = List.copyOf(words);
    }

    public boolean isNumbered() {
        return pattern.contains("(n)");
    }

    /** {@return the name with its numbers put in: {@code Gobo2PosRotate}} */
    public String name(int n, int m) {
        return numbered(pattern, String.valueOf(n), String.valueOf(m));
    }

    public String featureGroup() {
        return feature.substring(0, feature.indexOf('.'));
    }

    /** {@return what a profile says that uses the attribute of that name, which must fit the pattern} */
    Attribute definition(String name) {
        var numbers = NUMBER.matcher(name).results().map(each -> each.group()).toList();
        var n = numbers.isEmpty() ? "1" : numbers.getFirst();
        var m = numbers.size() < 2 ? "1" : numbers.get(1);
        return new Attribute(name, numbered(pretty, n, m), numbered(activationGroup, n, m), feature, "", unit, null, List.of(),
                Source.NONE);
    }

    /** {@return what people call the attribute of that name: "Gobo 2 position"} */
    public String pretty(String name) {
        return definition(name).pretty();
    }

    private static String numbered(String text, String n, String m) {
        return text.replace("(n)", n).replace("(m)", m);
    }
}
