package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Numbered;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Placing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Adds copies of units, in the order in which they are named: with the next ids, and the next free addresses. What hangs on another one
 * that is copied, too, hangs on its copy.
 *
 * @param seed a UUID of which theirs are made
 */
public record CopyUnits(String seed, List<String> units) implements RigEdit {
    public CopyUnits {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (before.units().size() + units.size() > Rig.MOST_UNITS) {
            return Said.rejected("units", "A rig holds at most " + Rig.MOST_UNITS + " units.");
        }
        return Said.onUnits(before, units, found -> Said.tried("units", () -> copied(before, found)));
    }

    private Outcome<Rig> copied(Rig before, List<Unit> found) {
        var occupancy = Occupancy.of(before.units());
        var addressed = found.stream().filter(Unit::hasAddress).toList();
        var placed = Placing.free(occupancy, addressed.stream().map(unit -> unit.found().breaks()).toList(), new At(1, 1));
        var uuids = new HashMap<String, String>();
        for (int i = 0; i < found.size(); i++) {
            uuids.put(found.get(i).uuid(), AddUnits.uuid(seed, i));
        }
        var names = before.units().stream().map(Unit::name).collect(Collectors.toSet());
        var first = Numbered.next(before.units().stream().map(Unit::id).toList());
        var all = new ArrayList<>(before.units());
        for (int i = 0; i < found.size(); i++) {
            int at = i;
            var unit = found.get(i);
            all.add(unit.with(f -> {
                f.uuid = uuids.getOrDefault(unit.uuid(), "");
                f.id = Numbered.at(first, at, found.size());
                f.name = fresh(unit.name(), names);
                f.number = null;
                f.addresses = unit.hasAddress() ? placed.get(addressed.indexOf(unit)) : List.of();
                f.hangsOn = unit.hangsOn() == null ? null : uuids.getOrDefault(unit.hangsOn(), unit.hangsOn());
                f.sharedAs = "";
                f.extra = "";
            }));
        }
        return Said.applied(before.withUnits(all));
    }

    /** {@return the name counted on until nobody has it; it is taken then} */
    private static String fresh(String name, Set<String> taken) {
        if (name.isEmpty()) {
            return name;
        }
        int count = taken.size() + 2;
        int next = 1;
        while (!taken.add(Numbered.at(name, next, count))) {
            next++;
        }
        return Numbered.at(name, next, count);
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " copied";
    }
}
