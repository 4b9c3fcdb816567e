package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Entry;
import yellowkite.core.chart.layout.Charted.Mode;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.chart.source.Sheet.Line;

/** A chart while its lines come in: modes with their channels, and what belongs to none. Not for several threads. */
final class Charting {
    private static final int FIRST_LINES = 2;
    private static final int LAST_LINES = 5;
    /** Of one channel: no chart says more than one thing of each value. */
    private static final int MOST_ROWS = 1_024;

    private final List<Unplaced> title = new ArrayList<>();
    private final List<Unplaced> unplaced = new ArrayList<>();
    /** Modes in the order of the chart, by the column or the block that they stand in. */
    private final Map<String, OpenMode> modes = new LinkedHashMap<>();
    private @Nullable OpenEntry open;
    private int numbers;
    private int blocks;
    /** What the column of modes said last. */
    private String mode = "";

    private record OpenMode(String name, List<Placed> entries) {}

    private record Placed(List<Integer> addresses, OpenEntry entry) {}

    /** A channel while its rows come in. */
    static final class OpenEntry {
        final String words;
        final Map<Integer, List<Integer>> addresses;
        final List<Row> rows = new ArrayList<>();
        final List<String> places = new ArrayList<>();
        final List<String> doubts = new ArrayList<>();
        private final int number;

        private OpenEntry(String words, int number, Map<Integer, List<Integer>> addresses) {
            this.words = words;
            this.number = number;
            this.addresses = addresses;
        }

        private Entry at(List<Integer> there) {
            return new Entry(there, words, rows, places, number, doubts);
        }
    }

    /** {@return the channel that rows belong to now} */
    Optional<OpenEntry> open() {
        return Optional.ofNullable(open);
    }

    /** From here on no row belongs to the channel before. */
    void close() {
        open = null;
    }

    void entitle(Line line) {
        title.add(new Unplaced(line.place(), line.text()));
    }

    void leave(Line line) {
        unplaced.add(new Unplaced(line.place(), line.text()));
    }

    /** {@return whether no channel has begun yet} */
    boolean isBefore() {
        return modes.values().stream().allMatch(each -> each.entries().isEmpty());
    }

    /** A mode of its own column. */
    void column(int column, String name) {
        modes.computeIfAbsent(key(column, name), none -> new OpenMode(name, new ArrayList<>()));
    }

    private static String key(int column, String name) {
        return "column " + column + name;
    }

    /** From here on another mode of that name is listed. */
    void begin(String name) {
        blocks++;
        open = null;
        modes.put("block " + blocks, new OpenMode(name, new ArrayList<>()));
    }

    /**
     * Begins a channel.
     *
     * @param addresses by the column of the mode
     * @param columns what each mode's column is called, where there are several; empty if there is one
     * @param named what the column of modes says; empty without one
     */
    OpenEntry begin(String words, Map<Integer, List<Integer>> addresses, Map<Integer, String> columns, String named) {
        if (!named.isEmpty() && !named.equals(mode)) {
            mode = named;
            begin(named);
        }
        var entry = new OpenEntry(words, ++numbers, addresses);
        open = entry;
        addresses.forEach((column, found) -> {
            var key = columns.containsKey(column) ? key(column, columns.get(column)) : restarted(found);
            modes.computeIfAbsent(key, none -> new OpenMode("", new ArrayList<>())).entries().add(new Placed(found, entry));
        });
        return entry;
    }

    /** Where a chart begins again at address 1, another mode begins. */
    private String restarted(List<Integer> addresses) {
        var last = modes.get("block " + blocks);
        if (last == null || addresses.getFirst() == 1 && last.entries().size() > 1 && last.entries().getLast().addresses().getFirst() > 1) {
            blocks++;
        }
        return "block " + blocks;
    }

    /** {@return whether the open channel takes a row of that line; what is too much is left} */
    boolean takes(OpenEntry entry, Line line) {
        if (entry.rows.size() >= MOST_ROWS) {
            leave(line);
            return false;
        }
        if (!entry.places.contains(line.place())) {
            entry.places.add(line.place());
        }
        return true;
    }

    Charted done() {
        var listed = modes.values()
            .stream()
            .filter(each -> !each.entries().isEmpty())
            .map(each -> new Mode(each.name(), each.entries().stream().map(placed -> placed.entry().at(placed.addresses())).toList()))
            .toList();
        var filled = listed.stream().map(each -> new Mode(each.name(), Counting.filled(each.entries()))).toList();
        if (!filled.equals(listed)) {
            unplaced.removeIf(each -> Values.isEllipsis(each.text())); // the dots said what is filled in now
        }
        var started = started(filled.stream().map(DefaultLines::behind).toList());
        var heading = heading();
        return new Charted(heading.stream().map(Unplaced::text).toList(), started,
                Stream.concat(title.stream().filter(each -> !heading.contains(each)), unplaced.stream()).toList());
    }

    /** A line of start values is placed with the channels that it names. */
    private List<Mode> started(List<Mode> listed) {
        var after = listed;
        for (var line : List.copyOf(unplaced)) {
            var values = DefaultLines.of(line.text());
            if (!values.isEmpty()) {
                after = after.stream().map(each -> DefaultLines.with(each, values)).toList();
                unplaced.removeIf(each -> each == line && DefaultLines.areAllThere(listed, values));
            }
        }
        return after;
    }

    /** What names the fixture stands at the very beginning, or just above the table; what else comes before it is no part of the chart. */
    private List<Unplaced> heading() {
        int last = title.size();
        return last <= FIRST_LINES + LAST_LINES ? List.copyOf(title)
                : Stream.concat(title.subList(0, FIRST_LINES).stream(), title.subList(last - LAST_LINES, last).stream()).toList();
    }
}
