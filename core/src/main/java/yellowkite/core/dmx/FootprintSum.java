package yellowkite.core.dmx;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.SortedMap;
import java.util.stream.Collectors;

/**
 * How a footprint comes about.
 *
 * @param shared addresses of channels that stand once
 * @param blocks repeated channels that stand equally often, in document order
 * @param footprint of all breaks together; {@code byBreak} of each
 */
public record FootprintSum(int shared, List<Block> blocks, int footprint, SortedMap<Integer, Integer> byBreak) {

    /** @param each addresses of one cell */
    public record Block(int times, int each) {}

    public static FootprintSum of(AddressMap map) {
        var times = map.channels().stream().collect(Collectors.groupingBy(placed -> placed.channel().id(), Collectors.counting()));
        int shared = 0;
        var blocks = new LinkedHashMap<String, Block>();
        var seen = new HashSet<Integer>();
        for (var placed : map.channels()) {
            if (!seen.add(placed.channel().id())) {
                continue;
            }
            int count = Objects.requireNonNull(times.get(placed.channel().id())).intValue();
            if (count == 1) {
                shared += placed.addresses().size();
            } else {
                var was = blocks.getOrDefault(placed.channel().geometry(), new Block(count, 0));
                blocks.put(placed.channel().geometry(), new Block(count, was.each() + placed.addresses().size()));
            }
        }
        return new FootprintSum(shared, List.copyOf(blocks.values()), map.totalFootprint(), map.footprint());
    }

    /**
     * {@return how much each universe has left: {@code 475}, with several breaks {@code 112 on break 1, 112 on break 2}} Each break begins
     * in a universe of its own.
     */
    public String free() {
        if (byBreak.size() < 2) {
            return String.valueOf(left(byBreak.values().stream().findFirst().orElse(0)));
        }
        return byBreak.entrySet()
            .stream()
            .map(each -> left(each.getValue()) + " on break " + each.getKey())
            .collect(Collectors.joining(", "));
    }

    private static int left(int used) {
        return Math.max(0, AddressMap.UNIVERSE - used);
    }

    /** {@return {@code 8 shared + 24 x 5 = 128}; empty without cells, or where gaps and overlaps make the sum another} */
    public String words() {
        int sum = shared + blocks.stream().mapToInt(block -> block.times() * block.each()).sum();
        if (blocks.isEmpty() || sum != footprint) {
            return "";
        }
        var parts = blocks.stream().map(block -> block.times() + " x " + block.each()).collect(Collectors.joining(" + "));
        return (shared > 0 ? shared + " shared + " : "") + parts + " = " + footprint;
    }
}
