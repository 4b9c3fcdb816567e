package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;

/** Tells the lines of a chart apart: headings, tables, sentences, and what is none of it. */
public final class ChartLayout {
    static final Pattern MODE_LINE = Pattern.compile(
            "(?i)^(?:dmx\\s*)?(?:(?:mode|modus|personality)\\b.{0,60}|.{0,40}\\b(?:mode|modus)\\b.{0,20}|\\d{1,3}\\s*-?\\s*(?:ch|chn|channels?|kan[a\\u00E4]le?)\\b.{0,40})$");
    private static final Pattern FOOT = Pattern
        .compile("(?i)^(?:(?:page|seite|p\\.)\\s*)?\\d{1,4}\\s*(?:/|of|von|\\|)?\\s*\\d{0,4}$|^-\\s*\\d{1,4}\\s*-$");

    private final Charting charting = new Charting();

    private ChartLayout() {}

    public static Charted read(List<Sheet> sheets) {
        var layout = new ChartLayout();
        sheets.forEach(layout::sheet);
        return layout.charting.done();
    }

    /** A heading that differs from the one before begins another table. */
    private void sheet(Sheet sheet) {
        var table = new ArrayList<Line>();
        Line heading = null;
        for (var line : sheet.lines()) {
            boolean heads = Columns.isHeading(line);
            if (heads && heading != null && line.cells().equals(heading.cells())) {
                continue;
            }
            if (heads && heading != null) {
                table(new Sheet(sheet.name(), table));
                table.clear();
                charting.close();
            }
            heading = heads ? line : heading;
            table.add(line);
        }
        table(new Sheet(sheet.name(), table));
        charting.close();
    }

    private void table(Sheet whole) {
        var plain = Combined.parted(whole);
        var table = Nested.parted(plain);
        var columns = Columns.of(table);
        if (columns.addresses().size() > 1) { // modes stand in the order of their columns
            columns.addresses().forEach(charting::column);
        }
        var rows = new TableRows(charting, columns, table != plain);
        var sentences = new Sentences(charting);
        for (int i = 0; i < table.lines().size(); i++) {
            var line = table.lines().get(i);
            if (i == columns.heading() || line.isBlank() || FOOT.matcher(line.text()).matches()) {
                continue;
            }
            if (i < columns.heading()) {
                above(line);
            } else if (!(columns.addresses().isEmpty() ? sentences.sentence(line) : rows.row(line))) {
                other(line, columns.heading() >= 0 && !columns.addresses().isEmpty());
            }
        }
    }

    private void above(Line line) {
        if (MODE_LINE.matcher(line.text()).matches() && !line.text().matches("(?i).*\\b(protocol|chart|manual|version)\\b.*")) {
            charting.begin(line.text());
        } else if (charting.isBefore()) {
            charting.entitle(line);
        } else {
            charting.leave(line);
        }
    }

    /** A line that is no row of the table. @param below whether it stands below the heading of one, and so is no title */
    private void other(Line line, boolean below) {
        boolean single = line.cells().stream().filter(cell -> !cell.isEmpty()).count() == 1;
        if (single && MODE_LINE.matcher(line.text()).matches()) {
            charting.begin(line.text());
        } else if (charting.isBefore() && charting.open().isEmpty() && !below) {
            charting.entitle(line);
        } else {
            charting.leave(line);
        }
    }
}
