package yellowkite.core.chart.source;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;

/**
 * Columns that are made by nothing but position: in a text of spaces, on a page. A column begins where many lines have a piece that begins
 * there.
 */
public final class Aligned {
    private static final double OFTEN = 0.04;
    private static final int FEW = 12;
    /** Share of the pieces that begin where a column does, as long as columns are known by that. */
    private static final double PLACED = 0.85;
    /** Share of the rows that may write across a stripe between columns. */
    private static final double CROSSED = 0.02;

    /** How far an indented text may stand behind its column, as times of the tolerance. */
    private static final double INDENT = 4;

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
        if (isRagged(lines, columns, tolerance)) {
            var rivers = rivers(lines);
            return rivers.isEmpty() ? byStart(lines, columns, tolerance) : byRiver(lines, rivers);
        }
        return byStart(lines, columns, tolerance);
    }

    private static List<List<String>> byStart(List<List<Piece>> lines, List<Double> columns, double tolerance) {
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

    /** Text in the middle of its column begins anywhere, and makes more columns than any line has pieces. */
    private static boolean isRagged(List<List<Piece>> lines, List<Double> columns, double tolerance) {
        int most = lines.stream().mapToInt(List::size).max().orElse(0);
        var inTables = lines.stream().filter(line -> line.size() > 1).flatMap(List::stream).toList();
        long placed = inTables.stream()
            .filter(piece -> columns.stream().anyMatch(column -> Math.abs(piece.start() - column) <= tolerance))
            .count();
        return inTables.size() > FEW && (placed < PLACED * inTables.size() || columns.size() > most + 1 && 2 * columns.size() > 3 * most);
    }

    /** {@return the middles of the white stripes that run down between the columns} */
    private static List<Double> rivers(List<List<Piece>> lines) {
        var rows = lines.stream().filter(line -> line.size() > 2).toList();
        var ink = new TreeMap<Double, Integer>();
        rows.forEach(line -> line.forEach(piece -> {
            ink.merge(piece.start(), 1, Integer::sum);
            ink.merge(piece.end(), -1, Integer::sum);
        }));
        int crossed = (int) (CROSSED * rows.size());
        var rivers = new ArrayList<Double>();
        int deep = 0;
        double dry = Double.NaN;
        for (var each : ink.entrySet()) {
            int next = deep + each.getValue();
            if (deep <= crossed && next > crossed && !Double.isNaN(dry) && each.getKey() > dry) {
                rivers.add((dry + each.getKey()) / 2);
            }
            dry = next <= crossed && deep > crossed ? each.getKey() : dry;
            deep = next;
        }
        return rivers;
    }

    private static List<List<String>> byRiver(List<List<Piece>> lines, List<Double> rivers) {
        return lines.stream().map(line -> {
            var cells = new ArrayList<>(Collections.nCopies(rivers.size() + 1, ""));
            for (var piece : line) {
                double middle = (piece.start() + piece.end()) / 2;
                int column = (int) rivers.stream().filter(river -> river < middle).count();
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
        return withoutIndents(counts.entrySet().stream().filter(each -> each.getValue() >= often).map(each -> each.getKey()).toList(),
                lines, tolerance);
    }

    /** What begins a little behind a column, in lines that have nothing in it, is indented there: it is no column of its own. */
    private static List<Double> withoutIndents(List<Double> columns, List<List<Piece>> lines, double tolerance) {
        var kept = new ArrayList<Double>();
        for (int i = 0; i < columns.size(); i++) {
            double from = kept.isEmpty() ? Double.NaN : kept.getLast();
            double at = columns.get(i);
            double next = i + 1 < columns.size() ? columns.get(i + 1) : Double.MAX_VALUE;
            boolean indent = at - from <= INDENT * tolerance && lines.stream()
                .noneMatch(line -> has(line, from - tolerance, at - tolerance) && has(line, at - tolerance, next - tolerance));
            if (!indent) {
                kept.add(at);
            }
        }
        return kept;
    }

    private static boolean has(List<Piece> line, double from, double to) {
        return line.stream().anyMatch(piece -> from <= piece.start() && piece.start() < to);
    }
}
