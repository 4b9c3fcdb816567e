package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedMap;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Matching.CandidateMode;

/** What it would cost, or save, to make all units of a kind another mode of their profile. */
public final class ModeCosts {
    private ModeCosts() {}

    /**
     * @param addresses how many more the rig would take; below 0 = less
     * @param universes likewise, where both are addressed straight through
     */
    public record RigModeCost(String mode, int footprint, int addresses, int universes) {}

    /** {@return one for each mode but the one that it is, the smallest first} @param kind that units are now */
    public static List<RigModeCost> of(Rig rig, Found kind, List<CandidateMode> modes) {
        var was = new ArrayList<SortedMap<Integer, Integer>>();
        var is = new ArrayList<Boolean>();
        rig.units()
            .stream()
            .filter(unit -> unit.hasAddress() && !unit.found().breaks().isEmpty())
            .sorted(Comparator.comparing(unit -> unit.addresses().getFirst().at()))
            .forEach(unit -> {
                was.add(unit.found().breaks());
                is.add(unit.found().isSameMode(kind));
            });
        int before = universes(was);
        return modes.stream()
            .filter(mode -> !mode.name().equals(kind.mode()) && fits(mode))
            .map(mode -> {
                var will = new ArrayList<>(was);
                for (int i = 0; i < will.size(); i++) {
                    will.set(i, is.get(i) ? mode.breaks() : was.get(i));
                }
                return new RigModeCost(mode.name(), mode.footprint(), addresses(will) - addresses(was), universes(will) - before);
            })
            .sorted(Comparator.comparingInt(RigModeCost::footprint))
            .toList();
    }

    /** A mode that takes addresses, and of which no break is larger than a universe. */
    private static boolean fits(CandidateMode mode) {
        return !mode.breaks().isEmpty() && mode.breaks().values().stream().allMatch(each -> each <= AddressMap.UNIVERSE);
    }

    private static int addresses(List<SortedMap<Integer, Integer>> all) {
        return all.stream().flatMap(each -> each.values().stream()).mapToInt(Integer::intValue).sum();
    }

    private static int universes(List<SortedMap<Integer, Integer>> all) {
        return Placing.straight(all, new At(1, 1)).stream().flatMap(List::stream).mapToInt(Patch::universe).max().orElse(0);
    }
}
