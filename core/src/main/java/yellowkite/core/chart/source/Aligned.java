package yellowkite.core.chart.source;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;

/**
 * Columns that are made by nothing but position: in a text of spaces, on a page. A column begins where many lines have a piece that
 * begins there.
 */
public final class Aligned {
    private static final double OFTEN = 0.04;

    private Aligned() {}

    /** A few words that stand together. @param start where they begin, in characters or points; {@code end} behind the last */
    public record Piece(double start, double end, String text) {}

    /**
     * {@return each line's cells, all of the same columns}
     *
     * @param tolerance how far a piece may begin before its column
     */
    public static List<List<String>> cells(List<List<Piece>> lines, double tolerance) {
        var columns = columns(lines, tolerance);
        return lines.stream().map(line -> {
            var cells = new ArrayList<>(Collections.nCopies(Math.max(1, columns.size()), ""));
            for (var piece : line) {
                int column = 0;
                while (column + 1 < columns.size() && columns.get(column + 1) <= piece.start() + tolerance) {
                    column++;
                }
                cells.set(column, cells.get(column).isEmpty() ? piece.text() : cells.get(column) + " " + piece.text());
            }
            return (List<String>) cells;
        }).toList();
    }

    private static List<Double> columns(List<List<Piece>> lines, double tolerance) {
        var counts = new TreeMap<Double, Integer>();
        lines.forEach(line -> line.forEach(piece -> {
            var near = counts.floorKey(piece.start());
            counts.merge(near != null && piece.start() - near <= tolerance ? near : piece.start(), 1, Integer::sum);
        }));
        double often = Math.max(2, OFTEN * lines.size());
        return counts.entrySet().stream().filter(each -> each.getValue() >= often).map(each -> each.getKey()).toList();
    }
}
