package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Entry;
import yellowkite.core.chart.layout.Charted.Mode;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.chart.layout.Columns.Role;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;

/** Tells the rows of a chart apart: a row with a new address begins a channel, one without goes on with the channel above. */
public final class ChartLayout {
    private static final Pattern MODE_LINE = Pattern.compile("(?i)^(?:dmx\\s*)?(?:(?:mode|modus|personality)\\b.{0,60}|.{0,40}\\b(?:mode|modus)\\b.{0,20}|\\d{1,3}\\s*-?\\s*(?:ch|chn|channels?|kan[a\\u00E4]le?)\\b.{0,40})$");
    private static final Pattern FOOT = Pattern.compile("(?i)^(?:(?:page|seite|p\\.)\\s*)?\\d{1,4}\\s*(?:/|of|von|\\|)?\\s*\\d{0,4}$|^-\\s*\\d{1,4}\\s*-$");
    private static final Pattern SENTENCE = Pattern.compile("(?i)^(?:(?:dmx\\s*)?(?:channels?|ch|kanal)\\.?\\s*)?#?(\\d{1,3}(?:\\s*[-/+&]\\s*\\d{1,3})?)\\s*[:.)\\u2013=-]?\\s+(\\p{L}.*)$");

    private static final Pattern CONDITION = Pattern.compile("(?i)\\((?:while|when|if|only)\\b[^)]{3,80}\\)");

    private static final int FIRST_LINES = 2;
    private static final int LAST_LINES = 5;
    /** Of one channel: no chart says more than one thing of each value. */
    private static final int MOST_ROWS = 1_024;

    private final List<Unplaced> title = new ArrayList<>();
    private final List<Unplaced> unplaced = new ArrayList<>();
    /** Modes in the order of the chart, by the column or the block that they stand in. */
    private final Map<String, OpenMode> modes = new LinkedHashMap<>();
    private @Nullable OpenEntry open;
    /** Whether names stand above their values: text there that is no name heads the rows below it. */
    private boolean nested;
    private int numbers;
    private int blocks;
    /** What the column of modes said last. */
    private String mode = "";

    private ChartLayout() {}

    private record OpenMode(String name, List<Placed> entries) {}

    private record Placed(List<Integer> addresses, OpenEntry entry) {}

    /** A channel while its rows come in. */
    private static final class OpenEntry {
        private final String words;
        private final int number;
        private final Map<Integer, List<Integer>> addresses;
        private final List<Row> rows = new ArrayList<>();
        private final List<String> places = new ArrayList<>();
        private final List<String> doubts = new ArrayList<>();

        private OpenEntry(String words, int number, Map<Integer, List<Integer>> addresses) {
            this.words = words;
            this.number = number;
            this.addresses = addresses;
        }
    }

    public static Charted read(List<Sheet> sheets) {
        var layout = new ChartLayout();
        for (var sheet : sheets) {
            layout.sheet(sheet);
        }
        var listed = layout.modes.values().stream().filter(mode -> !mode.entries().isEmpty())
                .map(mode -> new Mode(mode.name(), mode.entries().stream().map(each -> new Entry(each.addresses(), each.entry().words, each.entry().rows, each.entry().places, each.entry().number, each.entry().doubts)).toList())).toList();
        var modes = listed.stream().map(mode -> new Mode(mode.name(), Counting.filled(mode.entries()))).toList();
        if (!modes.equals(listed)) {
            layout.unplaced.removeIf(each -> Values.isEllipsis(each.text())); // the dots said what is filled in now
        }
        modes = layout.started(modes.stream().map(DefaultLines::behind).toList());
        return new Charted(layout.heading().stream().map(Unplaced::text).toList(), modes, Stream.concat(layout.title.stream().filter(each -> !layout.heading().contains(each)), layout.unplaced.stream()).toList());
    }

    /** A line of start values is placed with the channels that it names. */
    private List<Mode> started(List<Mode> modes) {
        var after = modes;
        for (var line : List.copyOf(unplaced)) {
            var values = DefaultLines.of(line.text());
            after = after.stream().map(mode -> DefaultLines.with(mode, values)).toList();
            if (DefaultLines.areAllThere(modes, values)) {
                unplaced.remove(line);
            }
        }
        return after;
    }

    /** What names the fixture stands at the very beginning, or just above the table; what else comes before it is no part of the chart. */
    private List<Unplaced> heading() {
        int last = title.size();
        return last <= FIRST_LINES + LAST_LINES ? title : Stream.concat(title.subList(0, FIRST_LINES).stream(), title.subList(last - LAST_LINES, last).stream()).toList();
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
                open = null;
            }
            heading = heads ? line : heading;
            table.add(line);
        }
        table(new Sheet(sheet.name(), table));
        open = null;
    }

    private void table(Sheet whole) {
        var plain = Combined.parted(whole);
        var table = Nested.parted(plain);
        nested = table != plain;
        var columns = Columns.of(table);
        if (columns.addresses().size() > 1) { // modes stand in the order of their columns
            columns.addresses().forEach((column, name) -> modes.computeIfAbsent("column " + column + name, none -> new OpenMode(name, new ArrayList<>())));
        }
        for (int i = 0; i < table.lines().size(); i++) {
            var line = table.lines().get(i);
            if (i == columns.heading() || line.isBlank() || FOOT.matcher(line.text()).matches()) {
                continue;
            }
            if (i < columns.heading()) {
                above(line);
            } else if (!(columns.addresses().isEmpty() ? sentence(line) : row(columns, line))) {
                other(line, columns.heading() >= 0 && !columns.addresses().isEmpty());
            }
        }
    }

    private void above(Line line) {
        if (MODE_LINE.matcher(line.text()).matches() && !line.text().matches("(?i).*\\b(protocol|chart|manual|version)\\b.*")) {
            begin(line.text());
        } else if (isBefore()) {
            title.add(new Unplaced(line.place(), line.text()));
        } else {
            unplaced.add(new Unplaced(line.place(), line.text()));
        }
    }

    /** {@return whether no channel has begun yet} */
    private boolean isBefore() {
        return modes.values().stream().allMatch(mode -> mode.entries().isEmpty());
    }

    private void begin(String name) {
        begin(name, null);
    }

    private void begin(String name, @Nullable OpenEntry next) {
        blocks++;
        open = next;
        modes.put("block " + blocks, new OpenMode(name, new ArrayList<>()));
    }

    /** A line that is no row of the table. @param below whether it stands below the heading of one, and so is no title */
    private void other(Line line, boolean below) {
        boolean single = line.cells().stream().filter(cell -> !cell.isEmpty()).count() == 1;
        if (single && MODE_LINE.matcher(line.text()).matches()) {
            begin(line.text());
        } else if (isBefore() && open == null && !below) {
            title.add(new Unplaced(line.place(), line.text()));
        } else {
            unplaced.add(new Unplaced(line.place(), line.text()));
        }
    }

    private boolean row(Columns columns, Line line) {
        var addresses = new LinkedHashMap<Integer, List<Integer>>();
        var fine = Addresses.of(line.cell(columns.column(Role.FINE))).orElse(List.of());
        columns.addresses().keySet().forEach(column -> Addresses.of(line.cell(column)).ifPresent(found -> addresses.put(column, Stream.concat(found.stream(), fine.stream()).toList())));
        var name = words(columns, line);
        var values = values(columns, line);
        var meaning = meaning(columns, line);
        boolean dashed = addresses.isEmpty() && columns.addresses().keySet().stream().anyMatch(column -> Addresses.isDash(line.cell(column)));
        if (values == null && columns.addresses().keySet().stream().anyMatch(column -> Values.isEllipsis(line.cell(column)))) {
            return false; // channels are passed over, not values
        }
        boolean odd = columns.addresses().keySet().stream().anyMatch(column -> !line.cell(column).isEmpty() && !addresses.containsKey(column) && !Addresses.isDash(line.cell(column)) && !Values.isEllipsis(line.cell(column)));
        if (odd || dashed && !name.isEmpty() && !isOfOpen(addresses, name)) {
            return false;
        }
        if (!addresses.isEmpty() && !isOfOpen(addresses, name)) {
            if (name.isEmpty() && meaning.isEmpty()) {
                return false;
            }
            boolean nameless = name.isEmpty();
            open(columns, nameless ? meaning : name, addresses, line.cell(columns.column(Role.MODE)));
            add(line, columns, values, nameless ? "" : meaning);
            return true;
        }
        if (open == null) {
            return false;
        }
        var says = meaning.isEmpty() && !name.equals(open.words) ? name : meaning;
        if (values == null && !addresses.isEmpty() && says.isEmpty()) {
            open.places.add(line.place());
            return true;
        }
        if (values == null && !isGoingOn(columns, line)) {
            if (nested && !name.isEmpty()) {
                open.doubts.add(Character.toUpperCase(line.place().charAt(0)) + line.place().substring(1) + " stands among its values and heads those below it: '" + name + "'.");
                return false;
            }
            return goesOn(line, says);
        }
        add(line, columns, values, says);
        return true;
    }

    /** A name that differs at the same address, in a row that says nothing of values, is a slip of the maker. */
    private boolean isOfOpen(Map<Integer, List<Integer>> addresses, String name) {
        return open != null && open.addresses.equals(addresses) && (name.isEmpty() || name.equals(open.words) || addresses.isEmpty());
    }

    private boolean isGoingOn(Columns columns, Line line) {
        return Values.isEllipsis(line.cell(columns.column(Role.VALUES)));
    }

    /** Text without values below a row goes on with what the row says. */
    private boolean goesOn(Line line, String says) {
        if (open == null || says.isEmpty() || open.rows.isEmpty() || MODE_LINE.matcher(line.text()).matches()) {
            return false;
        }
        var last = open.rows.removeLast();
        open.rows.add(new Row(last.values(), (last.meaning() + " " + says).strip(), last.start(), last.highlight(), last.place()));
        open.places.add(line.place());
        return true;
    }

    private void open(Columns columns, String words, Map<Integer, List<Integer>> addresses, String named) {
        open = new OpenEntry(words, ++numbers, addresses);
        if (!named.isEmpty() && !named.equals(mode)) {
            mode = named;
            begin(named, open);
        }
        boolean several = columns.addresses().size() > 1;
        addresses.forEach((column, found) -> {
            var key = several ? "column " + column + columns.addresses().get(column) : restarted(found);
            modes.computeIfAbsent(key, none -> new OpenMode("", new ArrayList<>())).entries().add(new Placed(found, open));
        });
    }

    /** Where a chart begins again at address 1, another mode begins. */
    private String restarted(List<Integer> addresses) {
        var last = modes.get("block " + blocks);
        if (last == null || addresses.getFirst() == 1 && last.entries().size() > 1 && last.entries().getLast().addresses().getFirst() > 1) {
            blocks++;
        }
        return "block " + blocks;
    }

    private void add(Line line, Columns columns, @Nullable Values values, String meaning) {
        var entry = java.util.Objects.requireNonNull(open);
        if (entry.rows.size() >= MOST_ROWS) {
            unplaced.add(new Unplaced(line.place(), line.text()));
            return;
        }
        entry.places.add(line.place());
        var start = line.cell(columns.column(Role.START));
        boolean dots = values == null && isGoingOn(columns, line);
        if (values != null || dots || !meaning.isEmpty() || !start.isEmpty() || entry.rows.isEmpty()) {
            entry.rows.add(new Row(values, dots ? "..." : meaning, start, line.cell(columns.column(Role.HIGHLIGHT)), line.place()));
        }
    }

    private static String meaning(Columns columns, Line line) {
        var range = line.cell(columns.column(Role.RANGE));
        var more = line.cell(columns.column(Role.MORE));
        var said = range.isEmpty() ? line.cell(columns.column(Role.MEANING)) : range;
        return BothEnds.inMeaning(more.isEmpty() || more.equalsIgnoreCase(said) ? said : said + ", " + more);
    }

    private static String words(Columns columns, Line line) {
        var name = line.cell(columns.column(Role.NAME));
        var width = line.cell(columns.column(Role.WIDTH));
        return width.matches("(?i).*(bit|fine|coarse|[lm]sb|\\bhi\\b|\\blo\\b|\\bhigh\\b|\\blow\\b).*") && !name.isEmpty() ? name + " " + width : name;
    }

    private static @Nullable Values values(Columns columns, Line line) {
        if (columns.column(Role.FROM) >= 0) {
            var from = Values.of(line.cell(columns.column(Role.FROM)));
            var to = Values.of(line.cell(columns.column(Role.TO)));
            return from.map(first -> new Values(first.from(), Math.max(first.from(), to.map(Values::to).orElse(first.from())), first.percent(), false)).orElse(null);
        }
        return Values.of(line.cell(columns.column(Role.VALUES)))
                .or(() -> Values.ofHex(line.cell(columns.column(Role.HEX))).filter(each -> !line.cell(columns.column(Role.HEX)).isEmpty()))
                .or(() -> Values.of(line.cell(columns.column(Role.PERCENT))).map(each -> new Values(each.from(), each.to(), true, each.falling()))).orElse(null);
    }

    /** A chart without columns: each line is a sentence of its own. */
    private boolean sentence(Line line) {
        var text = BothEnds.inSentence(line.text());
        var within = Values.within(text);
        var begins = SENTENCE.matcher(text);
        if (begins.matches() && (within.isEmpty() || within.get().before().length() > begins.group(1).length())) {
            var addresses = Addresses.of(begins.group(1)).orElse(null);
            if (addresses != null) {
                return opened(line, addresses, begins.group(2));
            }
        }
        var cells = line.cells().stream().filter(cell -> !cell.isEmpty()).toList();
        var first = cells.size() > 1 ? Values.of(cells.getFirst()) : Optional.<Values>empty();
        if (open != null && first.isPresent()) { // the same values may follow in other notations
            open.rows.add(new Row(first.get(), String.join(" ", cells.stream().skip(1).filter(cell -> Values.of(cell).isEmpty() && !Values.isBareHexSpan(cell)).toList()), "", "", line.place()));
            open.places.add(line.place());
            return true;
        }
        if (open != null && within.isPresent()) {
            return pieces(line, text);
        }
        return false;
    }

    private boolean opened(Line line, List<Integer> addresses, String said) {
        var condition = CONDITION.matcher(said);
        boolean waits = condition.find();
        var rest = waits ? condition.replaceFirst(" ") : said;
        var within = Values.within(rest);
        var name = within.map(Values.Within::before).orElse(rest).replaceFirst("(?i)[\\s.:,;=(-]+(?:dmx[\\s.:,;=(-]*)?$", "");
        var key = restarted(addresses);
        open = new OpenEntry(name, ++numbers, Map.of(0, addresses));
        modes.computeIfAbsent(key, none -> new OpenMode("", new ArrayList<>())).entries().add(new Placed(addresses, open));
        open.places.add(line.place());
        if (within.isPresent()) {
            pieces(line, rest.substring(within.get().before().length()));
            if (waits) { // it holds for all of the channel, and so from its first row on
                var first = open.rows.getFirst();
                open.rows.set(0, new Row(first.values(), first.meaning() + " " + condition.group(), first.start(), first.highlight(), first.place()));
            }
        } else {
            open.rows.add(new Row(null, "", "", "", line.place()));
        }
        return true;
    }

    /** {@code 0 to 127 = even, 128 to 255 = random}: each stretch with the words up to the next. */
    private boolean pieces(Line line, String text) {
        var entry = java.util.Objects.requireNonNull(open);
        Optional<Values.Within> found = Values.within(text);
        while (found.isPresent()) {
            var after = found.get().after();
            var next = Values.within(after);
            var meaning = next.map(Values.Within::before).orElse(after).replaceAll("^[\\s=:.,;)-]+|[\\s,;.(]+$", "");
            entry.rows.add(new Row(found.get().values(), meaning, "", "", line.place()));
            found = next;
        }
        if (!entry.places.contains(line.place())) {
            entry.places.add(line.place());
        }
        return true;
    }
}
