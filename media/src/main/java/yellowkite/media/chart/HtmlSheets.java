package yellowkite.media.chart;

import java.util.ArrayList;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;
import yellowkite.core.chart.source.TextSheets;

/**
 * The tables of a page of HTML; without any, its text. A cell that spans columns stands in the first of them, one that spans rows in the
 * first row.
 */
final class HtmlSheets {
    private static final int MOST_SPAN = 64;
    private static final int MOST_ROWS = 20_000;

    private HtmlSheets() {}

    static boolean isHtml(String text) {
        var begin = text.substring(0, Math.min(text.length(), 2_000)).strip().toLowerCase(java.util.Locale.ROOT);
        return begin.startsWith("<")
                && (begin.contains("<html") || begin.contains("<!doctype html") || begin.contains("<table") || begin.contains("<body"));
    }

    static List<Sheet> read(String text) {
        var page = Jsoup.parse(text);
        var tables = page.select("table");
        if (tables.isEmpty()) {
            return List.of(TextSheets.read(page.wholeText()));
        }
        var sheets = new ArrayList<Sheet>();
        for (int i = 0; i < tables.size(); i++) {
            sheets.add(table(tables.get(i), tables.size() == 1 ? "" : "table " + (i + 1)));
        }
        return sheets;
    }

    private static Sheet table(Element table, String name) {
        var lines = new ArrayList<Line>();
        var before = table.previousElementSibling();
        if (before != null && !before.tagName().equals("table")) {
            lines.add(new Line(name.isEmpty() ? "above the table" : "above " + name, List.of(TextSheets.plain(before.text()).strip())));
        }
        var covered = new ArrayList<Integer>(); // rows that a cell from above still covers, by column
        int number = 0;
        for (var row : table.select("tr")) {
            if (++number > MOST_ROWS || row.closest("table") != table) {
                continue;
            }
            var cells = new ArrayList<String>();
            for (var cell : row.select("> td, > th")) {
                skipCovered(cells, covered);
                int columns = span(cell, "colspan");
                int rows = span(cell, "rowspan");
                for (int i = 0; i < columns; i++) {
                    cells.add(i == 0 ? TextSheets.plain(cell.text()).strip() : "");
                    while (covered.size() < cells.size()) {
                        covered.add(0);
                    }
                    covered.set(cells.size() - 1, rows - 1);
                }
            }
            skipCovered(cells, covered);
            lines.add(new Line((name.isEmpty() ? "" : name + ", ") + "row " + number, cells));
        }
        return new Sheet(name, lines);
    }

    private static void skipCovered(List<String> cells, List<Integer> covered) {
        while (cells.size() < covered.size() && covered.get(cells.size()) > 0) {
            covered.set(cells.size(), covered.get(cells.size()) - 1);
            cells.add("");
        }
    }

    private static int span(Element cell, String attribute) {
        var text = cell.attr(attribute);
        return text.matches("\\d{1,4}") ? Math.clamp(Integer.parseInt(text), 1, MOST_SPAN) : 1;
    }
}
