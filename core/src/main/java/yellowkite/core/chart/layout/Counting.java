package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.chart.layout.Charted.Entry;

/**
 * Cells that a chart passes over with dots: "Pixel 2 white, ..., Pixel 8 red". They are filled in where the addresses on both sides leave
 * room for just these.
 */
final class Counting {
    private static final Pattern COUNTED = Pattern.compile("(?i)^(.*?\\b(?:" + Repeats.CELL_WORDS + ")\\.?\\s*#?)(\\d{1,3})\\b(.*)$");

    private Counting() {}

    /** @param before what stands before the number, {@code after} what stands behind it */
    private record Counted(Entry entry, String before, int number, String after) {
        String kind() {
            return before.toLowerCase(Locale.ROOT).strip();
        }
    }

    private static Optional<Counted> counted(Entry entry) {
        var found = COUNTED.matcher(entry.words());
        return found.matches() ? Optional.of(new Counted(entry, found.group(1), Integer.parseInt(found.group(2)), found.group(3)))
                : Optional.empty();
    }

    /** {@return the channels with those that stand between two counted ones; the same list if none is passed over} */
    static List<Entry> filled(List<Entry> entries) {
        var all = new ArrayList<Entry>();
        for (int i = 0; i < entries.size(); i++) {
            var next = counted(entries.get(i)).orElse(null);
            var last = i == 0 ? null : counted(entries.get(i - 1)).orElse(null);
            if (next != null && last != null && next.kind().equals(last.kind()) && next.number() > last.number() + 1) {
                all.addAll(between(block(entries, i - 1, last), last.number(), next));
            }
            all.add(entries.get(i));
        }
        return all.size() == entries.size() ? entries : all;
    }

    /** The channels of one cell, in order. */
    private static List<Counted> block(List<Entry> entries, int end, Counted last) {
        var block = new ArrayList<Counted>();
        for (int i = end; i >= 0; i--) {
            var each = counted(entries.get(i)).orElse(null);
            if (each == null || each.number() != last.number() || !each.kind().equals(last.kind())) {
                break;
            }
            block.addFirst(each);
        }
        return block;
    }

    private static List<Entry> between(List<Counted> block, int from, Counted next) {
        int first = block.getFirst().entry().addresses().getFirst();
        int size = block.stream().mapToInt(each -> each.entry().addresses().size()).sum();
        int way = next.entry().addresses().getFirst() - first;
        int steps = next.number() - from;
        boolean fits = way == steps * (way / steps) && way / steps >= size && block.getFirst().after().equalsIgnoreCase(next.after());
        var filled = new ArrayList<Entry>();
        for (int step = 1; fits && step < steps; step++) {
            int shift = step * (way / steps);
            for (var each : block) {
                var entry = each.entry();
                filled.add(entry.withWords(each.before() + (from + step) + each.after())
                    .withAddresses(entry.addresses().stream().map(address -> address + shift).toList()));
            }
        }
        return filled;
    }
}
