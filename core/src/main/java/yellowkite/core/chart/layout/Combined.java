package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;

/** A column that holds values and what they mean in one cell: "000-019 Closed". It is made two, so that the rest of the layout sees a chart like any other. */
final class Combined {
    private static final Pattern CELL = Pattern.compile("^\\(?\\s*((?:0x)?[0-9A-Fa-f]{1,5}h?\\s*(?:[-\\u2010-\\u2015\\u2212~\\u2026]|\\.{2,}|\\bto\\b|\\bbis\\b)\\s*(?:0x)?[0-9A-Fa-f]{1,5}h?)\\s*\\)?\\s*[:=.,-]?\\s+(\\S.*)$");
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
        var found = CELL.matcher(cell);
        return found.matches() && Values.of(found.group(1)).isPresent() && Values.of(cell).isEmpty();
    }

    /** {@return the values of such a cell, and what they mean; null if it is another one} */
    static @Nullable List<String> split(String cell) {
        var found = CELL.matcher(cell);
        return isCombined(cell) && found.matches() ? List.of(found.group(1), found.group(2)) : null;
    }

    private static Line parted(Line line, int column) {
        var cells = new ArrayList<>(line.cells());
        while (cells.size() <= column) {
            cells.add("");
        }
        var cell = cells.get(column);
        var found = CELL.matcher(cell);
        boolean values = Values.of(cell).isPresent();
        if (isCombined(cell) && found.matches()) {
            cells.set(column, found.group(1));
            cells.add(column + 1, found.group(2));
        } else {
            cells.set(column, values ? cell : "");
            cells.add(column + 1, values ? "" : cell);
        }
        return new Line(line.place(), List.copyOf(cells));
    }
}
