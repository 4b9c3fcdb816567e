package yellowkite.core.chart.layout;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Charting.OpenEntry;
import yellowkite.core.chart.layout.Columns.Role;
import yellowkite.core.chart.source.Sheet.Line;

/**
 * The rows of a table whose columns are known: one with a new address begins a channel, one without goes on with the channel above.
 *
 * @param nested whether names stand above their values: text there that is no name heads the rows below it
 */
record TableRows(Charting charting, Columns columns, boolean nested) {
    /** {@return whether the line is a row of the table} */
    boolean row(Line line) {
        var addresses = new LinkedHashMap<Integer, List<Integer>>();
        var fine = Addresses.of(line.cell(columns.column(Role.FINE))).orElse(List.of());
        columns.addresses()
            .keySet()
            .forEach(column -> Addresses.of(line.cell(column))
                .ifPresent(found -> addresses.put(column, Stream.concat(found.stream(), fine.stream()).toList())));
        var name = words(line);
        var values = values(line);
        var meaning = meaning(line);
        boolean dashed = addresses.isEmpty()
                && columns.addresses().keySet().stream().anyMatch(column -> Addresses.isDash(line.cell(column)));
        if (values == null && columns.addresses().keySet().stream().anyMatch(column -> Values.isEllipsis(line.cell(column)))) {
            return false; // channels are passed over, not values
        }
        boolean odd = columns.addresses()
            .keySet()
            .stream()
            .anyMatch(column -> !line.cell(column).isEmpty() && !addresses.containsKey(column) && !Addresses.isDash(line.cell(column))
                    && !Values.isEllipsis(line.cell(column)));
        if (odd || dashed && !name.isEmpty() && !isOfOpen(addresses, name)) {
            return false;
        }
        if (!addresses.isEmpty() && !isOfOpen(addresses, name)) {
            if (name.isEmpty() && meaning.isEmpty()) {
                return false;
            }
            boolean nameless = name.isEmpty();
            var modes = columns.addresses().size() > 1 ? columns.addresses() : Map.<Integer, String>of();
            add(charting.begin(nameless ? meaning : name, addresses, modes, line.cell(columns.column(Role.MODE))), line, values,
                    nameless ? "" : meaning);
            return true;
        }
        var open = charting.open().orElse(null);
        if (open == null) {
            return false;
        }
        var says = meaning.isEmpty() && !name.equals(open.words) ? name : meaning;
        if (values == null && !addresses.isEmpty() && says.isEmpty()) {
            open.places.add(line.place());
            return true;
        }
        if (values == null && !isGoingOn(line)) {
            if (nested && !name.isEmpty()) {
                open.doubts.add(Charted.begins(line.place()) + " stands among its values and heads those below it: '" + name + "'.");
                return false;
            }
            return goesOn(open, line, says);
        }
        add(open, line, values, says);
        return true;
    }

    /** A name that differs at the same address, in a row that says nothing of values, is a slip of the manufacturer. */
    private boolean isOfOpen(Map<Integer, List<Integer>> addresses, String name) {
        return charting.open()
            .filter(open -> open.addresses.equals(addresses) && (name.isEmpty() || name.equals(open.words) || addresses.isEmpty()))
            .isPresent();
    }

    private boolean isGoingOn(Line line) {
        return Values.isEllipsis(line.cell(columns.column(Role.VALUES)));
    }

    /** Text without values below a row goes on with what the row says. */
    private static boolean goesOn(OpenEntry open, Line line, String says) {
        if (says.isEmpty() || open.rows.isEmpty() || ChartLayout.MODE_LINE.matcher(line.text()).matches()) {
            return false;
        }
        var last = open.rows.removeLast();
        open.rows.add(last.withMeaning((last.meaning() + " " + says).strip()));
        open.places.add(line.place());
        return true;
    }

    private void add(OpenEntry open, Line line, @Nullable Values values, String meaning) {
        if (!charting.takes(open, line)) {
            return;
        }
        var start = line.cell(columns.column(Role.START));
        boolean dots = values == null && isGoingOn(line);
        if (values != null || dots || !meaning.isEmpty() || !start.isEmpty() || open.rows.isEmpty()) {
            open.rows.add(new Row(values, dots ? "..." : meaning, start, line.cell(columns.column(Role.HIGHLIGHT)), line.place()));
        }
    }

    private String meaning(Line line) {
        var range = line.cell(columns.column(Role.RANGE));
        var more = line.cell(columns.column(Role.MORE));
        var said = range.isEmpty() ? line.cell(columns.column(Role.MEANING)) : range;
        return BothEnds.inMeaning(more.isEmpty() || more.equalsIgnoreCase(said) ? said : said + ", " + more);
    }

    private String words(Line line) {
        var name = line.cell(columns.column(Role.NAME));
        var width = line.cell(columns.column(Role.WIDTH));
        return width.matches("(?i).*(bit|fine|coarse|[lm]sb|\\bhi\\b|\\blo\\b|\\bhigh\\b|\\blow\\b).*") && !name.isEmpty()
                ? name + " " + width
                : name;
    }

    private @Nullable Values values(Line line) {
        if (columns.column(Role.FROM) >= 0) {
            var from = Values.of(line.cell(columns.column(Role.FROM)));
            var to = Values.of(line.cell(columns.column(Role.TO)));
            return from
                .map(first -> new Values(first.from(), Math.max(first.from(), to.map(Values::to).orElse(first.from())), first.percent(),
                        false))
                .orElse(null);
        }
        return Values.of(line.cell(columns.column(Role.VALUES)))
            .or(() -> Values.ofHex(line.cell(columns.column(Role.HEX))).filter(each -> !line.cell(columns.column(Role.HEX)).isEmpty()))
            .or(() -> Values.of(line.cell(columns.column(Role.PERCENT)))
                .map(each -> new Values(each.from(), each.to(), true, each.falling())))
            .orElse(null);
    }
}
