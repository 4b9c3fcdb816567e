package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Unit;

/**
 * How many addresses fixtures take of which no profile is there: what lies between them tells. Source: MVR files as programs write them,
 * with addresses one behind the other.
 */
final class Spacing {
    private static final int FEWEST = 2;

    private Spacing() {}

    /** {@return the footprint of each kind, where two of it at least stand next to each other; the distance that occurs most} */
    static Map<Asked, Integer> of(List<Unit> units) {
        var lanes = new HashMap<Integer, TreeMap<Integer, Asked>>();
        units.forEach(unit -> unit.addresses()
            .forEach(patch -> lanes.computeIfAbsent(patch.universe(), none -> new TreeMap<>()).putIfAbsent(patch.from(), unit.asked())));
        var distances = new HashMap<Asked, List<Integer>>();
        lanes.values().forEach(lane -> {
            for (var at = lane.firstEntry(); at != null; at = lane.higherEntry(at.getKey())) {
                var next = lane.higherEntry(at.getKey());
                if (next != null && next.getValue().equals(at.getValue())) {
                    distances.computeIfAbsent(at.getValue(), none -> new ArrayList<>()).add(next.getKey() - at.getKey());
                }
            }
        });
        return distances.entrySet()
            .stream()
            .filter(each -> each.getValue().size() >= FEWEST - 1)
            .collect(Collectors.toMap(Map.Entry::getKey, each -> usual(each.getValue())));
    }

    /** The one that occurs most; of several the smallest, since gaps only ever add. */
    private static int usual(List<Integer> distances) {
        var counts = new TreeMap<Integer, Integer>();
        distances.forEach(each -> counts.merge(each, 1, Integer::sum));
        int most = counts.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        return counts.entrySet().stream().filter(each -> each.getValue() == most).findFirst().orElseThrow().getKey();
    }
}
