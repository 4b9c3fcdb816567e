package yellowkite.core.attribute;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What was typed, in words.
 *
 * @param number the number in it; 1 if there is none
 */
record Query(List<String> words, int number) {
    /** They say how wide a channel is, not what it does. */
    private static final Set<String> WIDTHS = Set.of("bit", "fine", "coarse", "8bit", "16bit", "24bit", "32bit");
    private static final Set<String> BITS = Set.of("8", "16", "24", "32");

    static Query of(String text) {
        var words = words(text);
        boolean saysBits = words.contains("bit");
        var numbers = words.stream().filter(each -> each.matches("\\d{1,3}") && !(saysBits && BITS.contains(each))).toList();
        var left = words.stream().filter(each -> !WIDTHS.contains(each) && !each.matches("\\d+")).toList();
        return new Query(left, numbers.isEmpty() ? 1 : Math.max(1, Integer.parseInt(numbers.getFirst())));
    }

    /** {@return the words of a text: "Gobo2Pos-Rotate" as gobo, 2, pos, rotate; "Blade 1A" as blade, 1, a} */
    static List<String> words(String text) {
        var spaced = text.replaceAll("(?<=[a-z])(?=[A-Z0-9])|(?<=\\d)(?=\\p{L}\\b)", " ")
            .toLowerCase(Locale.ROOT)
            .replace("colour", "color");
        return Arrays.stream(spaced.split("[^\\p{L}\\p{N}]+")).filter(each -> !each.isEmpty()).limit(12).toList();
    }
}
