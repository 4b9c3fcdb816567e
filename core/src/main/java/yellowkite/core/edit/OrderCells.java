package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import yellowkite.core.body.Frames;
import yellowkite.core.body.Place;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/**
 * Numbers the cells of a block anew by where they stand: the row at the back first, each from its left.
 *
 * @param cell the top-level part that is repeated
 * @param readdress whether the addresses follow the numbers; if not, each cell keeps its own
 */
public record OrderCells(String cell, Order order, boolean readdress) implements Edit {
    /** Nearer than this, in metres, is the same row. */
    private static final double SAME = 0.001;

    /** How numbers run. */
    public enum Order {
        ROWS, COLUMNS, SERPENTINE, REVERSED
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return CellRow.of(before, cell).map(row -> {
            var ordered = ordered(row.references());
            var after = row.replaced(before, same -> readdress ? readdressed(ordered) : ordered);
            return Located.applied(ordered.equals(row.references()) && !readdress || after.equals(before) ? before : after);
        }).orElseGet(() -> Located.rejected("cell", "Nothing repeats '" + cell + "'."));
    }

    private List<Geometry.Reference> ordered(List<Geometry.Reference> cells) {
        if (order == Order.REVERSED) {
            return cells.reversed();
        }
        boolean upright = spread(cells, true) > spread(cells, false); // cells of older drafts stand in a wall, row below row
        Comparator<Geometry.Reference> byRow = Comparator.comparingLong(each -> -step(upright ? place(each).z() : place(each).y()));
        Comparator<Geometry.Reference> byColumn = Comparator.comparingLong(each -> step(place(each).x()));
        var ordered = new ArrayList<>(cells);
        ordered.sort(order == Order.COLUMNS ? byColumn.thenComparing(byRow) : byRow.thenComparing(byColumn));
        return order == Order.SERPENTINE ? zigzag(ordered, byRow) : ordered;
    }

    private static List<Geometry.Reference> zigzag(List<Geometry.Reference> rows, Comparator<Geometry.Reference> byRow) {
        var all = new ArrayList<Geometry.Reference>();
        boolean back = false;
        for (int i = 0; i < rows.size();) {
            int end = i;
            while (end < rows.size() && byRow.compare(rows.get(i), rows.get(end)) == 0) {
                end++;
            }
            all.addAll(back ? rows.subList(i, end).reversed() : rows.subList(i, end));
            back = !back;
            i = end;
        }
        return all;
    }

    private static double spread(List<Geometry.Reference> cells, boolean up) {
        var stats = cells.stream().mapToDouble(each -> up ? place(each).z() : place(each).y()).summaryStatistics();
        return stats.getMax() - stats.getMin();
    }

    private static Place place(Geometry.Reference of) {
        return Frames.place(of.position());
    }

    private static long step(double metres) {
        return Math.round(metres / SAME);
    }

    /** The starts that the cells have among them, in ascending order. */
    private static List<Geometry.Reference> readdressed(List<Geometry.Reference> cells) {
        var starts = cells.stream()
            .map(Geometry.Reference::breaks)
            .sorted(Comparator.comparingInt(each -> each.stream().mapToInt(Geometry.Break::dmxOffset).findFirst().orElse(0)))
            .toList();
        var all = new ArrayList<Geometry.Reference>();
        for (int i = 0; i < cells.size(); i++) {
            all.add(cells.get(i).withBreaks(starts.get(i)));
        }
        return all;
    }

    @Override
    public String describe(FixtureType before) {
        return "Cells '" + cell + "' numbered anew" + (readdress ? ", with their addresses" : "");
    }
}
