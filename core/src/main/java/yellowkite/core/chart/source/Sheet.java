package yellowkite.core.chart.source;

import java.util.List;

/**
 * A table as it came, before anybody knows what its columns hold.
 *
 * @param name of the sheet or page; empty if there is only one
 */
public record Sheet(String name, List<Line> lines) {
    public Sheet {
        lines = List.copyOf(lines);
    }

    /**
     * @param place where it stands, for people: {@code line 14}, {@code page 2, line 14}. @param cells stripped; empty where there is
     * nothing
     */
    public record Line(String place, List<String> cells) {
        public Line {
            cells = List.copyOf(cells);
        }

        /** {@return a cell; empty beyond the last} */
        public String cell(int column) {
            return column >= 0 && column < cells.size() ? cells.get(column) : "";
        }

        public boolean isBlank() {
            return cells.stream().allMatch(String::isEmpty);
        }

        public String text() {
            return String.join(" ", cells.stream().filter(cell -> !cell.isEmpty()).toList());
        }
    }
}
