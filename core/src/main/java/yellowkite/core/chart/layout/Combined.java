package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;

/**
 * A column that holds values and what they mean in one cell: "000-019 Closed". It is made two, so that the rest of the layout sees a chart
 * like any other.
 */
final class Combined {
    private static final int FEWEST = 3;
    private static final double MOST_OF_THEM = 0.6;

    private Combined() {}

    /** {@return the table with such a column parted; the same where there is none, or where values have a column of their own} */
    static Sheet parted(Sheet table) {
        int width = table.lines().stream().mapToInt(line -> line.cells().size()).max().orElse(0);
        int best = -1;
        for (int column = 0; column < width; column++) {
            int filled = 0;
            int combined = 0;
            int spans = 0;
            for (var line : table.lines()) {
                var cell = line.cell(column);
                filled += cell.isEmpty() ? 0 : 1;
                combined += isCombined(cell) ? 1 : 0;
                spans += Values.of(cell).filter(values -> values.to() > values.from() + 8).isPresent() ? 1 : 0;
            }
            if (spans >= FEWEST && spans >= MOST_OF_THEM * Math.max(1, filled - 2)) {
                return table;
            }
            best = combined >= FEWEST && combined >= MOST_OF_THEM * filled ? column : best;
        }
        int column = best;
        return column < 0 ? table : new Sheet(table.name(), table.lines().stream().map(line -> parted(line, column)).toList());
    }

    private static boolean isCombined(String cell) {
        return Values.leading(cell).isPresent();
    }

    private static Line parted(Line line, int column) {
        var cells = new ArrayList<>(line.cells());
        while (cells.size() <= column) {
            cells.add("");
        }
        var cell = cells.get(column);
        var both = Values.leading(cell).orElse(null);
        boolean values = Values.of(cell).isPresent();
        if (both != null) {
            cells.set(column, both.values());
            cells.add(column + 1, both.words());
        } else {
            cells.set(column, values ? cell : "");
            cells.add(column + 1, values ? "" : cell);
        }
        return new Line(line.place(), List.copyOf(cells));
    }
}
