package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** A mode as a row of pennants in the order of addresses: our picture of it. Cells are drawn once, with their count. */
public final class Tail {
    private Tail() {}

    /** @param featureGroup the standard's name; empty if the profile does not define the attribute */
    public record Pennant(String featureGroup, String attribute, int bytes) {}

    /** Pennants that hang together. @param times 1 for shared channels; how often a block of cells repeats */
    public record Bundle(int times, List<Pennant> pennants) {
        public Bundle {
            pennants = List.copyOf(pennants);
        }
    }

    /** {@return the bundles of a mode, by first address; virtual channels hang nowhere} */
    public static List<Bundle> of(FixtureType type, Mode mode) {
        return of(type, AddressMap.of(type, mode));
    }

    public static List<Bundle> of(FixtureType type, AddressMap map) {
        var first = new LinkedHashMap<Integer, PlacedChannel>();
        var times = new HashMap<Integer, Integer>();
        for (var placed : map.channels()) {
            if (!placed.addresses().isEmpty()) {
                first.putIfAbsent(placed.channel().id(), placed);
                times.merge(placed.channel().id(), 1, Integer::sum);
            }
        }
        var ordered = first.values()
            .stream()
            .sorted(Comparator.comparingInt((PlacedChannel p) -> p.dmxBreak())
                .thenComparingInt(p -> p.addresses().getFirst()))
            .toList();
        var bundles = new ArrayList<Bundle>();
        var pennants = new ArrayList<Pennant>();
        for (int i = 0; i < ordered.size(); i++) {
            int count = Objects.requireNonNull(times.get(ordered.get(i).channel().id()));
            pennants.add(pennant(type, ordered.get(i).channel()));
            if (i + 1 == ordered.size() || Objects.requireNonNull(times.get(ordered.get(i + 1).channel().id())) != count) {
                bundles.add(new Bundle(count, pennants));
                pennants = new ArrayList<>();
            }
        }
        return bundles;
    }

    public static Pennant pennant(FixtureType type, Channel channel) {
        var group = type.attributeDefinitions().find(channel.attribute()).map(each -> each.featureGroup()).orElse("");
        return new Pennant(group, channel.attribute(), channel.bytes());
    }
}
