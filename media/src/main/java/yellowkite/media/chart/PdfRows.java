package yellowkite.media.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowkite.core.chart.source.Aligned.Piece;

/**
 * Rows of a page. Where lines are drawn around cells, all that stands in one cell is one text, whatever lines it takes, and a cell that is
 * merged over several rows belongs to the first of them; elsewhere what stands beside each other is a row.
 */
final class PdfRows {
    /** How far lines of one text stand apart, as times of the nearest. */
    private static final double NEAR = 1.12;
    private static final double APART = 1.25;

    /** How tall the first row of a page may be whose upper line is missing, in heights of its letters. */
    private static final double TOP_ROW = 3.5;

    private PdfRows() {}

    /** Words at one height. @param base in points from the page's upper edge. @param height of the tallest letter */
    record TextLine(double base, double height, List<Piece> pieces) {}

    /** @param top in points from the page's upper edge. {@code bottom} likewise */
    record Row(double top, double bottom, List<Piece> pieces) {}

    /** A cell while its lines come in. */
    private static final class Open {
        private double start;
        private double end;
        private final StringBuilder text = new StringBuilder();
    }

    /** A row while its cells come in. @param order where it stands among the others */
    private record Band(double top, double bottom, double order, Map<Double, Open> cells) {}

    static List<Row> of(List<TextLine> lines, PdfRules rules) {
        var bands = new LinkedHashMap<String, Band>();
        double wrapped = wrapped(lines);
        double first = 0;
        TextLine before = null;
        var whole = new HashSet<Double>();
        lines.forEach(line -> line.pieces().forEach(piece -> {
            var cell = around(rules, line, piece);
            if (cell.isRow()) {
                whole.add(cell.top());
            }
        }));
        for (var line : lines) {
            first = before != null && line.base() - before.base() <= wrapped && goesOn(before, line) ? first : line.base();
            before = line;
            for (var piece : line.pieces()) {
                var cell = around(rules, line, piece);
                add(band(bands, cell, line, first, whole), cell, piece);
            }
        }
        return bands.values()
            .stream()
            .sorted(Comparator.comparingDouble(Band::order))
            .map(band -> new Row(band.top(), band.bottom(),
                    band.cells()
                        .values()
                        .stream()
                        .map(each -> new Piece(each.start, each.end, each.text.toString()))
                        .sorted(Comparator.comparingDouble(Piece::start))
                        .toList()))
            .toList();
    }

    private static PdfRules.Cell around(PdfRules rules, TextLine line, Piece piece) {
        return rules.around((piece.start() + piece.end()) / 2, line.base() - line.height() / 2);
    }

    /**
     * A row begins where its cells do. A merged cell may go on over the end of its page: its row is known by the cells beside it; so is one
     * that came over from the page before.
     */
    private static Band band(Map<String, Band> bands, PdfRules.Cell cell, TextLine line, double first, Set<Double> whole) {
        boolean tall = !(cell.bottom() - cell.top() <= line.height());
        if (tall && (cell.isRow() || whole.contains(cell.top()))) {
            return bands.computeIfAbsent("row " + cell.top(), none -> new Band(cell.top(),
                    Double.isNaN(cell.bottom()) ? line.base() : cell.bottom(), cell.top(), new LinkedHashMap<>()));
        }
        if (Double.isNaN(cell.top()) && cell.bottom() - line.base() < TOP_ROW * line.height()) {
            return bands.computeIfAbsent("above " + cell.bottom(),
                    none -> new Band(line.base() - line.height(), cell.bottom(), line.base() - line.height() / 2, new LinkedHashMap<>()));
        }
        return bands.computeIfAbsent("line " + first,
                none -> new Band(line.base() - line.height(), line.base(), line.base() - line.height() / 2, new LinkedHashMap<>()));
    }

    /**
     * {@return up to which distance a line goes on with the one above it} Where rows stand apart by more than the lines of one text do; 0
     * where all lines stand as near.
     */
    private static double wrapped(List<TextLine> lines) {
        var steps = new ArrayList<Double>();
        for (int i = 1; i < lines.size(); i++) {
            steps.add(lines.get(i).base() - lines.get(i - 1).base());
        }
        steps.sort(Comparator.naturalOrder());
        if (steps.size() < 4) {
            return 0;
        }
        double near = steps.get(steps.size() / 20);
        long close = steps.stream().filter(each -> each <= NEAR * near).count();
        long apart = steps.stream().filter(each -> each > APART * near).count();
        long between = steps.size() - close - apart;
        return between <= steps.size() / 20 && 4 * apart >= steps.size() ? NEAR * near : 0;
    }

    /** Whoever begins a row writes in its first columns; what is wrapped stands below something that it goes on with. */
    private static boolean goesOn(TextLine before, TextLine line) {
        return line.pieces()
            .stream()
            .allMatch(piece -> before.pieces().stream().anyMatch(above -> above.start() < piece.end() && piece.start() < above.end()));
    }

    private static void add(Band band, PdfRules.Cell cell, Piece piece) {
        double start = cell.isColumn() ? cell.left() : piece.start();
        var known = cell.isColumn() ? band.cells().get(start)
                : band.cells()
                    .values()
                    .stream()
                    .filter(each -> piece.start() < each.end && each.start < piece.end())
                    .findFirst()
                    .orElse(null);
        if (known == null) {
            var open = new Open();
            open.start = start;
            open.end = piece.end();
            open.text.append(piece.text());
            band.cells().put(start, open);
            return;
        }
        known.end = Math.max(known.end, piece.end());
        boolean broken = known.text.toString().matches("(?s).*[0-9A-Fa-f][-\\u2010-\\u2015~]");
        known.text.append(broken ? "" : " ").append(piece.text());
    }
}
