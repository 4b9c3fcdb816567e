package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.edit.SetRanges;

/**
 * A pasted table as named ranges: each row has a first value, perhaps a last one, and a meaning, parted by tabs, commas,
 * semicolons or a dash.
 *
 * @param left rows that were not understood, as they stood
 */
public record RangeTable(List<SetRanges.Row> rows, List<String> left) {
    private static final int MOST = 2_000;
    private static final int LONGEST_ROW = 400;
    private static final Pattern ROW = Pattern.compile("^\\s*(\\d{1,10})(?:\\s*(?:[-\\u2013\\u2026,;\\t]|\\.\\.+|\\bto\\b)\\s*(\\d{1,10}))?[\\s,;:=\\u2013-]+(?=.*[^\\d\\s])(\\S.*)$");

    public RangeTable {
        rows = List.copyOf(rows);
        left = List.copyOf(left);
    }

    /** @param last last value of the function that they are for */
    public static RangeTable read(String text, long last) {
        var pieces = new ArrayList<Pieces.Piece>();
        var left = new ArrayList<String>();
        text.lines().filter(line -> !line.isBlank()).limit(MOST).forEach(line -> {
            var found = ROW.matcher(line);
            if (line.length() <= LONGEST_ROW && found.matches()) {
                pieces.add(new Pieces.Piece(Long.parseLong(found.group(1)), found.group(2) == null ? null : Long.valueOf(found.group(2)),
                        found.group(3).strip().replaceAll("[\\s,;]*[\\t,;]+[\\s,;]*", " ").strip()));
            } else {
                left.add(line);
            }
        });
        return new RangeTable(Pieces.rows(pieces, last), left);
    }
}
