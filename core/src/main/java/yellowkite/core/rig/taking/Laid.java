package yellowkite.core.rig.taking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Unit;

/** Where units of a file would stand, kind by kind, to be seen before anything is decided. */
public record Laid(List<Lane> lanes, List<Trouble> troubles) {
    public Laid {
        lanes = List.copyOf(lanes);
        troubles = List.copyOf(troubles);
    }

    /** A universe. */
    public record Lane(int universe, List<Block> blocks) {
        public Lane {
            blocks = List.copyOf(blocks);
        }
    }

    /**
     * One break of a unit. @param to at most the universe's end. @param kind index of what was asked for. @param collides with another unit
     */
    public record Block(int from, int to, int kind, boolean collides) {}

    /** What does not fit of a kind. @param says one sentence */
    public record Trouble(int kind, String says) {}

    /** @param kinds what was asked for, in the order in which they are shown */
    public static Laid of(List<Unit> units, List<Asked> kinds) {
        var index = new HashMap<Asked, Integer>();
        kinds.forEach(kind -> index.putIfAbsent(kind, index.size()));
        var colliding = new HashSet<String>();
        Collisions.of(units)
            .stream()
            .filter(each -> !each.meant())
            .forEach(each -> each.units().forEach(unit -> colliding.add(unit.uuid())));
        var troubled = new TreeMap<Integer, Counted>();
        var lanes = new ArrayList<Lane>();
        var occupancy = Occupancy.of(units);
        for (int universe : occupancy.universes()) {
            var there = occupancy.in(universe);
            var blocks = new ArrayList<Block>();
            for (int i = 0; i < there.size(); i++) {
                var patch = there.get(i).patch();
                var unit = there.get(i).unit();
                int kind = index.getOrDefault(unit.asked(), 0);
                int next = i + 1 < there.size() ? there.get(i + 1).patch().from() : AddressMap.UNIVERSE + 1;
                var counted = troubled.computeIfAbsent(kind, none -> new Counted());
                if (patch.overruns()) {
                    counted.over.add(unit.uuid());
                } else if (colliding.contains(unit.uuid())) {
                    counted.colliding.add(unit.uuid());
                    counted.narrow(patch.footprint(), next - patch.from());
                }
                blocks.add(new Block(patch.from(), Math.min(AddressMap.UNIVERSE, patch.to()), kind, colliding.contains(unit.uuid())));
            }
            lanes.add(new Lane(universe, blocks));
        }
        return new Laid(lanes, troubled.entrySet().stream().filter(each -> each.getValue().isAny()).map(Laid::trouble).toList());
    }

    private static final class Counted {
        private final Set<String> colliding = new HashSet<>();
        private final Set<String> over = new HashSet<>();
        private int footprint;
        private int room = AddressMap.UNIVERSE;

        /** Of those that run into the next one, the one with the least room. */
        void narrow(int takes, int left) {
            if (left < takes && left < room) {
                footprint = takes;
                room = left;
            }
        }

        boolean isAny() {
            return !colliding.isEmpty() || !over.isEmpty();
        }
    }

    private static Trouble trouble(Map.Entry<Integer, Counted> of) {
        var counted = of.getValue();
        var parts = new ArrayList<String>();
        if (!counted.colliding.isEmpty()) {
            parts.add((counted.colliding.size() == 1 ? "1 unit collides" : counted.colliding.size() + " units collide")
                    + (counted.footprint == 0 ? ""
                            : counted.room <= 0 ? "; another unit begins at the same address"
                                    : "; it takes " + counted.footprint + " addresses where the drawing has room for " + counted.room));
        }
        if (!counted.over.isEmpty()) {
            parts.add((counted.over.size() == 1 ? "1 unit runs" : counted.over.size() + " units run") + " over the end of the universe");
        }
        return new Trouble(of.getKey(), String.join(". ", parts) + ".");
    }
}
