package yellowkite.core.rig.taking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Numbered;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** Takes units of a file into a rig, kind by kind. */
public final class Taking {
    private Taking() {}

    /** Units that were asked for alike. @param units their ids, in the file's order */
    public record Kind(Asked asked, Found found, List<String> units) {
        public Kind {
            units = List.copyOf(units);
        }

        /** {@return what is asked for, with the footprint of what was found where nobody said one} */
        public Asked sized() {
            return asked.footprint() != null || !found.hasProfile() ? asked : new Asked(asked.spec(), asked.mode(), found.footprint());
        }
    }

    /**
     * What becomes of all units of a kind.
     *
     * @param found what they are; null = as it was found
     */
    public record Decision(Asked asked, boolean leaveOut, @Nullable Found found) {
        public Decision {
            Objects.requireNonNull(asked, "asked");
        }
    }

    /** What becomes of a unit whose id the rig has already. */
    public enum Twice {
        LEAVE_OUT,
        /** It gets the next number. */
        RENUMBER,
        /** It keeps it, for whoever knows them by something else. */
        KEEP
    }

    /** {@return the kinds, in the order in which they come first} */
    public static List<Kind> kinds(List<Unit> units) {
        var found = new LinkedHashMap<Asked, Found>();
        var ids = new HashMap<Asked, List<String>>();
        for (var unit : units) {
            found.putIfAbsent(unit.asked(), unit.found());
            ids.computeIfAbsent(unit.asked(), none -> new ArrayList<>()).add(unit.id());
        }
        return found.entrySet()
            .stream()
            .map(each -> new Kind(each.getKey(), each.getValue(), ids.getOrDefault(each.getKey(), List.of())))
            .toList();
    }

    /** {@return what most of a rig's units are that were asked for by the same names; none if none was} */
    public static Optional<Found> inRig(Rig rig, Asked asked) {
        var counted = new LinkedHashMap<Found, Integer>();
        rig.units()
            .stream()
            .filter(unit -> unit.asked().spec().equals(asked.spec()) && unit.asked().mode().equals(asked.mode()))
            .filter(unit -> !asked.spec().isEmpty() || unit.asked().equals(asked))
            .forEach(unit -> counted.merge(unit.found(), 1, Integer::sum));
        return counted.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** {@return the ids that the rig has already, or that the units have twice} */
    public static Set<String> twice(Rig rig, List<Unit> units) {
        var taken = rig.units().stream().map(Unit::id).collect(Collectors.toCollection(HashSet::new));
        return units.stream()
            .map(Unit::id)
            .filter(id -> !id.isEmpty() && !taken.add(id))
            .collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * {@return the units as they come into the rig} What hangs on a unit that is left out stands for itself.
     *
     * @param decisions for the kinds that do not come as they were found
     */
    public static List<Unit> taken(Rig rig, List<Unit> units, List<Decision> decisions, Twice twice) {
        Map<Asked, Decision> decided = decisions.stream()
            .collect(Collectors.toMap(Decision::asked, each -> each, (first, second) -> second));
        var ids = rig.units().stream().map(Unit::id).collect(Collectors.toCollection(HashSet::new));
        var uuids = rig.units().stream().map(Unit::uuid).collect(Collectors.toCollection(HashSet::new));
        var fresh = new ArrayList<String>(ids);
        units.forEach(unit -> fresh.add(unit.id()));
        long next = Long.parseLong(Numbered.next(fresh));
        var renamed = new TreeMap<String, String>();
        var taken = new ArrayList<Unit>();
        for (var unit : units) {
            var decision = decided.get(unit.asked());
            boolean has = !unit.id().isEmpty() && ids.contains(unit.id());
            if (decision != null && decision.leaveOut() || has && twice == Twice.LEAVE_OUT) {
                continue;
            }
            var id = has && twice == Twice.RENUMBER ? String.valueOf(next++) : unit.id();
            ids.add(id);
            var uuid = Unit.uuidOf(unit.uuid(), id, uuids);
            renamed.put(unit.uuid(), uuid);
            var as = decision == null || decision.found() == null ? unit : unit.as(decision.found());
            taken.add(as.with(f -> {
                f.id = id;
                f.uuid = uuid;
            }));
        }
        return taken.stream().map(unit -> unit.with(f -> f.hangsOn = f.hangsOn == null ? null : renamed.get(f.hangsOn))).toList();
    }
}
