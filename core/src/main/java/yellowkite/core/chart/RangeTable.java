package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.text.StandardName;

/**
 * A pasted table as named ranges: each row has a first value, perhaps a last one, and a meaning, parted by tabs, commas,
 * semicolons or a dash. Each name is spelled so that the standard can hold it.
 *
 * @param rows in order; where the table ends a range and nothing begins behind it, one without a name keeps the values free
 * @param left rows that were not understood, as they stood
 */
public record RangeTable(List<Row> rows, List<String> left) {
    private static final int MOST = 2_000;
    private static final int LONGEST_ROW = 400;
    private static final int LONGEST_NAME = 120;
    private static final Pattern ROW = Pattern.compile("^\\s*(\\d{1,10})(?:\\s*(?:[-\\u2013\\u2026,;\\t]|\\.\\.+|\\bto\\b)\\s*(\\d{1,10}))?[\\s,;:=\\u2013-]+(?=.*[^\\d\\s])(\\S.*)$");

    /** @param from raw value */
    public record Row(long from, String name) {}

    private record Piece(long from, @Nullable Long to, String meaning) {}

    public RangeTable {
        rows = List.copyOf(rows);
        left = List.copyOf(left);
    }

    /** @param last last value of the function that they are for */
    public static RangeTable read(String text, long last) {
        var pieces = new ArrayList<Piece>();
        var left = new ArrayList<String>();
        text.lines().filter(line -> !line.isBlank()).limit(MOST).forEach(line -> {
            var found = ROW.matcher(line);
            if (line.length() <= LONGEST_ROW && found.matches()) {
                pieces.add(new Piece(Long.parseLong(found.group(1)), found.group(2) == null ? null : Long.valueOf(found.group(2)),
                        found.group(3).strip().replaceAll("[\\s,;]*[\\t,;]+[\\s,;]*", " ").strip()));
            } else {
                left.add(line);
            }
        });
        return new RangeTable(rows(pieces, last), left);
    }

    private static List<Row> rows(List<Piece> pieces, long last) {
        var sorted = pieces.stream().sorted(Comparator.comparingLong(Piece::from)).toList();
        var rows = new ArrayList<Row>();
        for (int i = 0; i < sorted.size(); i++) {
            var piece = sorted.get(i);
            rows.add(new Row(piece.from(), StandardName.of(piece.meaning(), LONGEST_NAME)));
            long next = i + 1 < sorted.size() ? sorted.get(i + 1).from() : last + 1;
            if (piece.to() != null && piece.to() >= piece.from() && piece.to() + 1 < next) {
                rows.add(new Row(piece.to() + 1, ""));
            }
        }
        return rows;
    }
}
