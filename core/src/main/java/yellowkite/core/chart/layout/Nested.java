package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;

/**
 * A chart whose values stand below the names of their channels, in one column: a row with an address names, the rows below it have values
 * and meanings. The column is made two, so that the rest of the layout sees a chart like any other.
 */
final class Nested {
    private static final int FEWEST = 3;

    private Nested() {}

    /** {@return the table with such a column parted; the same where there is none} */
    static Sheet parted(Sheet table) {
        int width = table.lines().stream().mapToInt(line -> line.cells().size()).max().orElse(0);
        for (int column = 1; column < width; column++) {
            if (isNested(table, column)) {
                int at = column;
                return new Sheet(table.name(), table.lines().stream().map(line -> parted(line, at)).toList());
            }
        }
        return table;
    }

    private static boolean isNested(Sheet table, int column) {
        int names = 0;
        int values = 0;
        int beside = 0;
        for (var line : table.lines()) {
            boolean addressed = line.cells()
                .subList(0, Math.min(column, line.cells().size()))
                .stream()
                .anyMatch(cell -> Addresses.of(cell).isPresent());
            boolean valued = Values.of(line.cell(column)).isPresent();
            names += addressed && !valued && !line.cell(column).isEmpty() ? 1 : 0;
            values += !addressed && valued && isBlankBefore(line, column) ? 1 : 0;
            beside += addressed && valued ? 1 : 0;
        }
        return names >= FEWEST && values >= FEWEST && 10 * beside <= values;
    }

    private static boolean isBlankBefore(Line line, int column) {
        return line.cells()
            .subList(0, Math.min(column, line.cells().size()))
            .stream()
            .allMatch(cell -> cell.isEmpty() || Addresses.isDash(cell));
    }

    private static Line parted(Line line, int column) {
        var cells = new ArrayList<>(line.cells());
        while (cells.size() <= column) {
            cells.add("");
        }
        boolean below = isBlankBefore(line, column);
        var both = below ? Values.leading(cells.get(column)).orElse(null) : null;
        if (both != null) {
            var more = column + 1 < cells.size() && !cells.get(column + 1).isEmpty() ? " " + cells.get(column + 1) : "";
            cells.subList(column, Math.min(cells.size(), column + 2)).clear();
            cells.addAll(column, List.of("", both.values(), both.words() + more));
        } else {
            cells.add(below && Values.of(cells.get(column)).isPresent() ? column : column + 1, "");
        }
        return new Line(line.place(), List.copyOf(cells));
    }
}
