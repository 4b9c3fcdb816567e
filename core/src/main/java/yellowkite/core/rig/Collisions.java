package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.TreeSet;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Occupancy.Holder;

/** Addresses that more than one unit holds. */
public final class Collisions {
    private static final int MOST_NAMED = 3;

    private Collisions() {}

    /**
     * Neighbouring addresses that the same units hold.
     *
     * @param from first address. @param to last address
     * @param units at least two, in the order of their addresses; one alone if two of its breaks lie over each other
     * @param meant whether they share addresses on purpose
     */
    public record Collision(int universe, int from, int to, List<Unit> units, boolean meant) {
        public Collision {
            units = List.copyOf(units);
        }

        /** {@return one sentence} */
        public String says() {
            var where = from == to ? "address " + universe + "." + from
                    : "addresses " + universe + "." + from + " to " + universe + "." + to;
            var who = units.size() == 1 ? "Two breaks of unit " + units.getFirst().called()
                    : "Units " + String.join(" and ", units.stream().map(Unit::called).limit(MOST_NAMED).toList())
                            + (units.size() > MOST_NAMED ? " and " + (units.size() - MOST_NAMED) + " more" : "");
            return who + (meant ? " share " : " collide on ") + where + (meant ? " on purpose." : ".");
        }
    }

    /** {@return all of them, by universe and address} */
    public static List<Collision> of(Collection<Unit> units) {
        var all = new ArrayList<Collision>();
        Occupancy.holders(units).forEach((universe, holders) -> in(universe, holders, all));
        return all;
    }

    private static void in(int universe, List<Holder> holders, List<Collision> all) {
        int first = 0;
        int reach = 0;
        for (int i = 0; i <= holders.size(); i++) {
            if (i < holders.size() && (i == first || holders.get(i).patch().from() <= reach)) {
                reach = Math.max(reach, end(holders.get(i)));
                continue;
            }
            if (i - first > 1) {
                within(universe, holders.subList(first, i), all);
            }
            first = i;
            reach = i < holders.size() ? end(holders.get(i)) : 0;
        }
    }

    /** Of holders of which each touches another: they are told apart wherever one begins or ends. */
    private static void within(int universe, List<Holder> cluster, List<Collision> all) {
        var edges = new TreeSet<Integer>();
        cluster.forEach(each -> {
            edges.add(each.patch().from());
            edges.add(end(each) + 1);
        });
        Integer from = null;
        for (int edge : edges) {
            if (from != null) {
                int start = from;
                var there = cluster.stream().filter(each -> each.patch().from() <= start && end(each) >= start).toList();
                if (there.size() > 1) {
                    var units = List.copyOf(new LinkedHashSet<>(there.stream().map(Holder::unit).toList()));
                    all.add(new Collision(universe, start, edge - 1, units, isMeant(units)));
                }
            }
            from = edge;
        }
    }

    private static boolean isMeant(List<Unit> units) {
        var word = units.getFirst().sharedAs();
        return units.size() > 1 && !word.isEmpty() && units.stream().allMatch(each -> each.sharedAs().equals(word));
    }

    private static int end(Holder holder) {
        return Math.min(AddressMap.UNIVERSE, holder.patch().to());
    }
}
