package yellowkite.core.rig.edit;

import java.util.HashMap;
import java.util.List;
import java.util.stream.Collectors;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Numbered;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** Gives units new ids, counting on from the first. @param units in the order in which they count */
public record Renumber(List<String> units, String first) implements RigEdit {
    public Renumber {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (first.isBlank()) {
            return Said.rejected("first", "A unit needs an id, such as 201.");
        }
        return Said.onUnits(before, units, found -> Said.refusal("first", first).orElseGet(() -> {
            var ids = new HashMap<String, String>();
            for (int i = 0; i < found.size(); i++) {
                ids.put(found.get(i).uuid(), Numbered.at(first.strip(), i, found.size()));
            }
            var taken = before.units().stream().filter(each -> !ids.containsKey(each.uuid())).map(Unit::id).collect(Collectors.toSet());
            for (var id : ids.values()) {
                if (!taken.add(id)) {
                    return Said.rejected("first", "There is a unit " + id + " already.");
                }
            }
            return Said.applied(before.mapUnits(ids.keySet(), unit -> unit.with(f -> f.id = ids.getOrDefault(unit.uuid(), f.id))));
        }));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " renumbered from " + first.strip();
    }
}
