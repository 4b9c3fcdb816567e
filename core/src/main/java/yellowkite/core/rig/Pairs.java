package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;

/**
 * Which units of two rigs are the same ones: by uuid, else by id.
 *
 * @param pairs in the newer one's order, those by uuid first. @param byUuid how many of them
 * @param added units that only the newer has, and {@code removed} those that only the older has
 */
public record Pairs(List<Pair> pairs, int byUuid, List<Unit> added, List<Unit> removed) {
    public Pairs {
        pairs = List.copyOf(pairs);
        added = List.copyOf(added);
        removed = List.copyOf(removed);
    }

    /** The same unit, as it was and as it is. */
    public record Pair(Unit was, Unit now) {}

    public static Pairs of(List<Unit> older, List<Unit> newer) {
        var byUuid = new HashMap<String, Unit>();
        var byId = new HashMap<String, Unit>();
        older.forEach(unit -> {
            byUuid.putIfAbsent(unit.uuid(), unit);
            byId.putIfAbsent(unit.id(), unit);
        });
        var met = new HashSet<String>();
        var pairs = new ArrayList<Pair>();
        var left = new ArrayList<Unit>();
        for (var unit : newer) {
            var was = byUuid.get(unit.uuid());
            if (was != null && met.add(was.uuid())) {
                pairs.add(new Pair(was, unit));
            } else {
                left.add(unit);
            }
        }
        int known = pairs.size();
        var added = new ArrayList<Unit>();
        for (var unit : left) {
            var was = unit.id().isEmpty() ? null : byId.get(unit.id());
            if (was != null && met.add(was.uuid())) {
                pairs.add(new Pair(was, unit));
            } else {
                added.add(unit);
            }
        }
        return new Pairs(pairs, known, added, older.stream().filter(unit -> !met.contains(unit.uuid())).toList());
    }
}
