package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** Adds whole units, as a sheet or another rig has them. @param from what they came from, in words */
public record TakeUnits(String from, List<Unit> units) implements RigEdit {
    public TakeUnits {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (before.units().size() + units.size() > Rig.MOST_UNITS) {
            return Said.rejected("units", "A rig holds at most " + Rig.MOST_UNITS + " units.");
        }
        var ids = before.units().stream().map(Unit::id).filter(id -> !id.isEmpty()).collect(Collectors.toSet());
        var uuids = before.units().stream().map(Unit::uuid).collect(Collectors.toSet());
        for (var unit : units) {
            var refused = Said.refusalOfNotes("units", unit.note())
                .or(() -> Stream.of(unit.id(), unit.name(), unit.layer(), Objects.requireNonNullElse(unit.position(), ""), unit.colour(),
                        unit.sharedAs(), unit.asked().spec(), unit.asked().mode(), String.join(",", unit.groups()))
                    .flatMap(text -> Said.refusal("units", text).stream())
                    .findFirst());
            if (refused.isPresent()) {
                return refused.get();
            }
            if (!unit.id().isEmpty() && !ids.add(unit.id()) || !uuids.add(unit.uuid())) {
                return Said.rejected("units", "There would be two units " + unit.id() + ".");
            }
        }
        var all = new ArrayList<>(before.units());
        all.addAll(units);
        return Said.applied(units.isEmpty() ? before : before.withUnits(all));
    }

    @Override
    public String describe(Rig before) {
        return (units.size() == 1 ? "1 unit" : units.size() + " units") + " from " + from;
    }
}
