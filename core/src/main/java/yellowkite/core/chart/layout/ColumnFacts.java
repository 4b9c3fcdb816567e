package yellowkite.core.chart.layout;

import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.chart.source.Sheet.Line;

/** What stands in a column. Shares are of the cells that hold anything; {@code reach} is the largest value. */
record ColumnFacts(int filled, double addresses, boolean rising, double spans, double weight, double reach, double hex, double percents,
        double numbers, double letters) {
    private static final Pattern SIGNED_HEX = Pattern.compile("(?i)0x|\\dh\\b|[a-f]h\\b");
    private static final Pattern HEX_LETTER = Pattern.compile("(?i)[a-f]");
    private static final Pattern PLAIN = Pattern.compile("\\d{1,5}(?:\\s*%)?");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2}|^[RGBWAXYCM]$");

    static ColumnFacts of(List<Line> body, int column) {
        int filled = 0;
        int addresses = 0;
        int dashes = 0;
        int spans = 0;
        int ranges = 0;
        int hex = 0;
        int bareHexLetters = 0;
        int percents = 0;
        int numbers = 0;
        int letters = 0;
        int falls = 0;
        int last = 0;
        double reach = 0;
        for (var line : body) {
            var cell = line.cell(column);
            if (cell.isEmpty()) {
                continue;
            }
            filled++;
            var values = Values.of(cell);
            var address = Addresses.of(cell);
            if (Addresses.isDash(cell) || Values.isEllipsis(cell)) {
                dashes++;
            } else if (address.isPresent()) {
                addresses++;
                falls += address.get().getFirst() < last ? 1 : 0;
                last = address.get().getFirst();
            }
            if (values.isPresent()) {
                spans++;
                ranges += values.get().to() > values.get().from() ? 1 : 0;
                reach = Math.max(reach, values.get().percent() ? 0 : values.get().to());
                percents += values.get().percent() ? 1 : 0;
            }
            hex += Values.isBareHex(cell) || values.isPresent() && SIGNED_HEX.matcher(cell).find() ? 1 : 0;
            bareHexLetters += Values.isBareHex(cell) && HEX_LETTER.matcher(cell).find() && values.isEmpty() ? 1 : 0;
            numbers += PLAIN.matcher(cell).matches() ? 1 : 0;
            letters += WORD.matcher(cell).find() ? 1 : 0;
        }
        double of = Math.max(1, filled);
        double plain = Math.max(1, filled - dashes);
        boolean rising = addresses > 0 && falls <= Math.max(1, addresses / 5);
        return new ColumnFacts(filled, share(addresses, filled - dashes), rising, (spans + 0.0) / plain, spans + 2 * ranges, reach,
                bareHexLetters > 0 || hex == filled && filled > 0 && cellIsMarked(body, column) ? hex / of : 0, percents / of, numbers / of,
                letters / of);
    }

    /** In a short column one slip is no evidence. */
    private static double share(int addresses, int plain) {
        return plain == 0 ? 0 : addresses >= 3 && plain - addresses <= 1 ? 1 : (double) addresses / plain;
    }

    private static boolean cellIsMarked(List<Line> body, int column) {
        return body.stream().map(line -> line.cell(column)).anyMatch(cell -> SIGNED_HEX.matcher(cell).find());
    }

    boolean isAddresses() {
        return addresses >= 0.85 && rising;
    }
}
