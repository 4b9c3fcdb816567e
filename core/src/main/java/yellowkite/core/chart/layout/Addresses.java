package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** The addresses in a cell, as charts write them: {@code 7}, {@code CH7}, {@code #7}, {@code 1/2}, {@code 1-2}, {@code 5 / 9 / 13}. */
public final class Addresses {
    /** The last address of a universe; a fixture that needs more has its chart count on. */
    static final int LAST = 512;
    private static final int MOST_BYTES = 4;
    private static final Pattern CELL = Pattern.compile(
            "(?i)^(?:(?:dmx\\s*)?(?:channels?|chan|ch|addr(?:ess)?|no|nr|kanal)\\.?\\s*|#\\s*)?(\\d{1,3})[.:)]?((?:\\s*(?:[-\\u2010-\\u2015\\u2212/+&,~]|and|to)\\s*(?:ch\\.?\\s*|#\\s*)?\\d{1,3})*)\\.?$");
    /** "1 (MSB) / 2 (LSB)" says of each which byte it is. */
    private static final Pattern BYTE = Pattern.compile("(?i)\\s*\\(?\\b(?:msb|lsb|coarse|fine)\\b\\)?");
    private static final Pattern MORE = Pattern
        .compile("(?i)\\s*([-\\u2010-\\u2015\\u2212/+&,~]|and|to)\\s*(?:ch\\.?\\s*|#\\s*)?(\\d{1,3})");
    private static final Pattern BETWEEN = Pattern.compile("(?<=\\d)[;,\\s]+(?=\\d)");
    private static final Pattern DASH = Pattern.compile("^(?:[-\\u2010-\\u2015\\u2212~.\\u00B7*x\\u00D7]{1,3}|n/?a|none|\\(-\\))$",
            Pattern.CASE_INSENSITIVE);

    private Addresses() {}

    /** {@return whether a cell says that there is none} */
    static boolean isDash(String cell) {
        return DASH.matcher(cell).matches();
    }

    /**
     * {@return the addresses in the order in which they stand; none if the cell is something else} A stretch of up to four is written out.
     */
    public static Optional<List<Integer>> of(String cell) {
        return read(cell, MOST_BYTES);
    }

    /**
     * {@return the addresses of a list such as {@code 2, 4, 10-12}, in its order; none if it is something else} A stretch has any length.
     */
    public static Optional<List<Integer>> listed(String list) {
        return read(BETWEEN.matcher(list.strip()).replaceAll(","), LAST);
    }

    private static Optional<List<Integer>> read(String cell, int longest) {
        var found = CELL.matcher(BYTE.matcher(cell).replaceAll(" ").strip());
        if (!found.matches()) {
            return Optional.empty();
        }
        var addresses = new ArrayList<Integer>(List.of(Integer.parseInt(found.group(1))));
        for (var more : MORE.matcher(found.group(2)).results().toList()) {
            int next = Integer.parseInt(more.group(2));
            boolean stretch = !"/+&,and".contains(more.group(1).toLowerCase(java.util.Locale.ROOT));
            int last = addresses.getLast();
            if (stretch && (next <= last || next - last >= longest)) {
                return Optional.empty();
            }
            IntStream.rangeClosed(stretch ? last + 1 : next, next).forEach(addresses::add);
        }
        return addresses.stream().allMatch(each -> each >= 1 && each <= LAST) ? Optional.of(List.copyOf(addresses)) : Optional.empty();
    }
}
