package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Values;

/** Rows that a chart passes over with dots: "Gobo 2, ..., Gobo 7" in equal steps. What cannot be counted on is a doubt. */
final class PassedOver {
    private static final String DOTS = "...";
    private static final Pattern NUMBER = Pattern.compile("^(.*?)(\\d{1,3})(\\D*)$");
    private static final int MOST = 256;

    private PassedOver() {}

    /** {@return the rows with those that the dots stand for} @param doubts takes what could not be filled in */
    static List<Row> filled(List<Row> rows, List<String> doubts) {
        var all = new ArrayList<Row>();
        for (int i = 0; i < rows.size(); i++) {
            var row = rows.get(i);
            if (row.values() != null || !row.meaning().equals(DOTS)) {
                all.add(row);
                continue;
            }
            var before = i == 0 ? null : rows.get(i - 1);
            var after = i + 1 == rows.size() ? null : rows.get(i + 1);
            var between = before == null || after == null ? List.<Row>of() : between(before, row, after);
            if (between.isEmpty()) {
                doubts.add(row.begins() + " passes over values with dots; what they do is not said.");
            }
            all.addAll(between);
        }
        return all;
    }

    private static List<Row> between(Row before, Row dots, Row after) {
        var from = before.values();
        var to = after.values();
        var first = NUMBER.matcher(before.meaning());
        var last = NUMBER.matcher(after.meaning());
        if (from == null || to == null || from.percent() || to.percent() || !first.matches() || !last.matches()
                || !first.group(1).equalsIgnoreCase(last.group(1)) || !first.group(3).equalsIgnoreCase(last.group(3))) {
            return List.of();
        }
        int start = Integer.parseInt(first.group(2));
        int missing = Integer.parseInt(last.group(2)) - start - 1;
        double gap = to.from() - from.to() - 1;
        if (missing < 1 || missing > MOST || gap < missing || gap % missing != 0) {
            return List.of();
        }
        double step = gap / missing;
        var rows = new ArrayList<Row>();
        for (int n = 0; n < missing; n++) {
            double at = from.to() + 1 + n * step;
            rows.add(new Row(new Values(at, at + step - 1, false, false), first.group(1) + (start + n + 1) + first.group(3), "", "",
                    dots.place()));
        }
        return rows;
    }
}
