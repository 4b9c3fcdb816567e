package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Entry;

/** Finds cells: channels that the chart counts through ("Pixel 1 red ... Pixel 12 white"), or whose addresses it lists ("5 / 9 / 13"). */
public final class Repeats {
    static final String CELL_WORDS = "pixel|cell|segment|seg|zone|ring|group|led|head|section|bank|part|px";
    private static final Pattern COUNTED = Pattern.compile("(?i)^(.*?)\\b(" + CELL_WORDS + ")\\.?\\s*#?(\\d{1,3})\\b(.*)$");
    private static final Pattern COLOURED = Pattern.compile(
            "(?i)^(red|green|blue|white|amber|lime|uv|cyan|magenta|yellow|warm white|cold white|cool white|dimmer|strobe|[rgbwal])()\\s*(\\d{1,3})()$");

    private Repeats() {}

    /**
     * A channel, or the channel of each of several cells.
     *
     * @param cell null = no cell
     */
    public record Found(Entry entry, @Nullable Cell cell) {}

    /** @param first address of the first cell. @param spacing addresses from one to the next */
    public record Cell(String name, int count, int first, int spacing) {}

    private record Counted(Entry entry, String kind, int number, String rest) {}

    public static List<Found> found(List<Entry> entries) {
        var counted = entries.stream().map(Repeats::counted).toList();
        var kinds = new LinkedHashMap<String, Map<Integer, List<Counted>>>();
        counted.stream()
            .filter(each -> each != null)
            .forEach(each -> kinds.computeIfAbsent(each.kind(), none -> new LinkedHashMap<>())
                .computeIfAbsent(each.number(), none -> new ArrayList<>())
                .add(each));
        var cells = new LinkedHashMap<String, Cell>();
        kinds.forEach((kind, byNumber) -> {
            var cell = cell(kind, byNumber);
            if (cell != null) {
                cells.put(kind, cell);
            }
        });
        var found = new ArrayList<Found>();
        for (int i = 0; i < entries.size(); i++) {
            var each = counted.get(i);
            var cell = each == null ? null : cells.get(each.kind());
            if (each != null && cell == null && Objects.requireNonNull(kinds.get(each.kind())).size() == 1 && each.number() == 1
                    && !each.kind().isEmpty()) {
                var entry = each.entry(); // one cell alone is no cell, but its channels are what they are
                found.add(new Found(entry.withWords(each.rest()), null));
            } else if (each == null || cell == null) {
                found.add(listed(entries.get(i)));
            } else if (each.number() == 1) {
                var entry = each.entry();
                found.add(new Found(entry.withWords(each.rest())
                    .withAddresses(entry.addresses().stream().map(address -> address - cell.first() + 1).toList()), cell));
            }
        }
        return found;
    }

    private static @Nullable Counted counted(Entry entry) {
        var words = Widths.plain(entry.words());
        var found = COUNTED.matcher(words);
        if (found.matches()) {
            var rest = (found.group(1) + " " + found.group(4)).replaceAll("[\\s,:;()\\-\\u2013]+", " ").strip();
            return rest.isEmpty() ? null
                    : new Counted(entry, found.group(2).toLowerCase(Locale.ROOT), Integer.parseInt(found.group(3)), rest);
        }
        Matcher coloured = COLOURED.matcher(words);
        return coloured.matches() ? new Counted(entry, "", Integer.parseInt(coloured.group(3)), coloured.group(1)) : null;
    }

    /** Cells have the same channels at the same distances, and count from 1 without a gap. */
    private static @Nullable Cell cell(String kind, Map<Integer, List<Counted>> byNumber) {
        int count = byNumber.size();
        var first = byNumber.get(1);
        var second = byNumber.get(2);
        if (count < 2 || first == null || second == null) {
            return null;
        }
        int spacing = second.getFirst().entry().addresses().getFirst() - first.getFirst().entry().addresses().getFirst();
        for (int n = 1; n <= count; n++) {
            var cell = byNumber.get(n);
            if (cell == null || cell.size() != first.size()) {
                return null;
            }
            int shift = spacing * (n - 1);
            for (int i = 0; i < first.size(); i++) {
                var expected = first.get(i).entry().addresses().stream().map(address -> address + shift).toList();
                if (!cell.get(i).rest().equalsIgnoreCase(first.get(i).rest()) || !cell.get(i).entry().addresses().equals(expected)) {
                    return null;
                }
            }
        }
        int start = first.stream().flatMap(each -> each.entry().addresses().stream()).mapToInt(Integer::intValue).min().orElse(1);
        return spacing > 0
                ? new Cell(kind.isEmpty() ? "Cell" : Character.toUpperCase(kind.charAt(0)) + kind.substring(1), count, start, spacing)
                : null;
    }

    /** Three addresses or more, evenly apart, are one for each cell. */
    private static Found listed(Entry entry) {
        var addresses = entry.addresses();
        int spacing = addresses.size() < 3 ? 0 : addresses.get(1) - addresses.get(0);
        boolean even = spacing > 1;
        for (int i = 2; i < addresses.size() && even; i++) {
            even = addresses.get(i) - addresses.get(i - 1) == spacing;
        }
        if (!even) {
            return new Found(entry, null);
        }
        return new Found(entry.withAddresses(List.of(1)), new Cell("Cell", addresses.size(), addresses.getFirst(), spacing));
    }
}
