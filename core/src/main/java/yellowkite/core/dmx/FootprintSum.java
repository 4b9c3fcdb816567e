package yellowkite.core.dmx;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;

/**
 * How a footprint comes about.
 *
 * @param shared addresses of channels that stand once
 * @param blocks repeated channels that stand equally often, in document order
 */
public record FootprintSum(int shared, List<Block> blocks, int footprint) {

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
            int count = times.get(placed.channel().id()).intValue();
            if (count == 1) {
                shared += placed.addresses().size();
            } else {
                var was = blocks.getOrDefault(placed.channel().geometry(), new Block(count, 0));
                blocks.put(placed.channel().geometry(), new Block(count, was.each() + placed.addresses().size()));
            }
        }
        return new FootprintSum(shared, List.copyOf(blocks.values()), map.totalFootprint());
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
