package yellowkite.core.rig.edit;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Placing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Addresses units one after the other.
 *
 * @param units in the order in which they are addressed
 * @param from of the first, as it is typed
 * @param aroundOthers whether units that stay are passed by; else what comes to stand on them is a collision
 */
public record Readdress(List<String> units, String from, boolean aroundOthers) implements RigEdit {
    public Readdress {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.tried("from", () -> {
            var unknown = found.stream().filter(each -> each.found().breaks().isEmpty()).findFirst();
            if (unknown.isPresent()) {
                return Said.rejected("units",
                        "Nobody knows how many addresses unit " + unknown.get().called() + " takes. Give it a profile first.");
            }
            var each = found.stream().map(unit -> unit.found().breaks()).toList();
            var going = new HashSet<>(units);
            var staying = before.units().stream().filter(unit -> !going.contains(unit.uuid())).toList();
            var placed = aroundOthers ? Placing.free(Occupancy.of(staying), each, At.of(from)) : Placing.straight(each, At.of(from));
            var addresses = new HashMap<String, List<Patch>>();
            for (int i = 0; i < found.size(); i++) {
                addresses.put(found.get(i).uuid(), placed.get(i));
            }
            return Said.applied(before.mapUnits(addresses.keySet(),
                    (Unit unit) -> unit.with(f -> f.addresses = addresses.getOrDefault(unit.uuid(), f.addresses))));
        }));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " addressed from " + from.strip();
    }
}
