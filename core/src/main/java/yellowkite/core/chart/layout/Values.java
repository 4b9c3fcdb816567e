package yellowkite.core.chart.layout;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The DMX values that a row of a chart is about, as charts write them: {@code 000-255}, {@code 0..255}, {@code 00h-13h}, {@code 0x00~0xFF},
 * {@code 0 to 50 %}, {@code 128}.
 *
 * @param from first value, {@code to} the last, {@code from <= to}; in percent if so said
 * @param percent whether they are shares of the whole
 * @param falling whether the chart writes the larger one first
 */
public record Values(double from, double to, boolean percent, boolean falling) {
    private static final String NUMBER = "(?:0x(?<hex%1$s>[0-9A-Fa-f]{1,8})|(?<tail%1$s>[0-9][0-9A-Fa-f]{0,7}|[A-Fa-f][0-9A-Fa-f]{0,6}[0-9]|(?-i:[A-F]{2}))h\\b|(?<plain%1$s>\\d{1,10}(?:[.,]\\d{1,3})?)\\s*(?<share%1$s>%%)?)";
    private static final String BETWEEN = "\\s*(?:-{1,2}>?|[\\u2010-\\u2015\\u2212~\\u301C\\uFF5E\\u2192\\u00BB]|\\.{2,}|\\u2026|\\bto\\b|\\bbis\\b|\\ba\\b|\\u00E0)\\s*";
    private static final Pattern LEADING = Pattern.compile(
            "^\\(?\\s*((?:0x)?[0-9A-Fa-f]{1,5}h?\\s*(?:[-\\u2010-\\u2015\\u2212~\\u2026]|\\.{2,}|\\bto\\b|\\bbis\\b)\\s*(?:0x)?[0-9A-Fa-f]{1,5}h?)\\s*\\)?\\s*[:=.,-]?\\s+(\\S.*)$");
    private static final Pattern SPAN = Pattern
        .compile("^\\(?\\s*" + NUMBER.formatted("1") + "(?:" + BETWEEN + NUMBER.formatted("2") + ")?\\s*\\)?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern BARE_HEX = Pattern.compile("^([0-9A-Fa-f]{2,8})(?:" + BETWEEN + "([0-9A-Fa-f]{2,8}))?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ELLIPSIS = Pattern.compile("^(?:\\.{2,}|\\u2026|\\u22EE|:|\"|\\u3003|idem|ditto)$");
    /** The same inside a longer text, where only what shows both ends is taken for values. */
    private static final Pattern INSIDE = Pattern.compile(
            "(?<![\\d.,])(\\d{1,5})" + BETWEEN + "(\\d{1,5})(?![\\d.,]*\\d|\\s*(?:%|\\u00B0|deg|Hz|K\\b|rpm|s\\b))",
            Pattern.CASE_INSENSITIVE);

    /** {@return the values that a whole cell says; none if it says anything else} */
    public static Optional<Values> of(String cell) {
        var found = SPAN.matcher(cell);
        if (!found.matches()) {
            return Optional.empty();
        }
        boolean two = found.group("hex2") != null || found.group("tail2") != null || found.group("plain2") != null;
        double first = number(found, "1");
        double last = two ? number(found, "2") : first;
        boolean percent = found.group("share1") != null || found.group("share2") != null;
        return Optional.of(ordered(first, last, percent));
    }

    /** {@return the values of a cell in a column of hexadecimal numbers without a sign of it} */
    public static Optional<Values> ofHex(String cell) {
        var found = BARE_HEX.matcher(cell);
        if (!found.matches()) {
            return of(cell);
        }
        double first = Long.parseLong(found.group(1), 16);
        return Optional.of(ordered(first, found.group(2) == null ? first : Long.parseLong(found.group(2), 16), false));
    }

    /** {@return whether a cell says that it goes on like its neighbours} */
    public static boolean isEllipsis(String cell) {
        return ELLIPSIS.matcher(cell).matches();
    }

    /** {@return whether a cell reads as hexadecimal and nothing else} */
    static boolean isBareHex(String cell) {
        return BARE_HEX.matcher(cell).matches();
    }

    /** {@return whether a cell reads as a stretch of hexadecimal values} */
    static boolean isBareHexSpan(String cell) {
        var found = BARE_HEX.matcher(cell);
        return found.matches() && found.group(2) != null;
    }

    /** A stretch of values and what they mean, in one text: "000-019 Closed". */
    public record Leading(String values, String words) {}

    /** {@return the values that a text begins with; none if it does not, or is nothing but values} */
    public static Optional<Leading> leading(String text) {
        var found = LEADING.matcher(text);
        return found.matches() && of(found.group(1)).isPresent() && of(text).isEmpty()
                ? Optional.of(new Leading(found.group(1), found.group(2)))
                : Optional.empty();
    }

    /** Values inside a longer text, with what stands around them. */
    record Within(String before, Values values, String after) {}

    static Optional<Within> within(String text) {
        var found = INSIDE.matcher(text);
        return found.find() ? Optional.of(new Within(text.substring(0, found.start()).strip(),
                ordered(Long.parseLong(found.group(1)), Long.parseLong(found.group(2)), false), text.substring(found.end()).strip()))
                : Optional.empty();
    }

    private static Values ordered(double first, double last, boolean percent) {
        return new Values(Math.min(first, last), Math.max(first, last), percent, last < first);
    }

    private static double number(Matcher found, String which) {
        for (var kind : new String[]{"hex", "tail"}) {
            if (found.group(kind + which) != null) {
                return Long.parseLong(found.group(kind + which), 16);
            }
        }
        return Double.parseDouble(found.group("plain" + which).replace(',', '.'));
    }
}
