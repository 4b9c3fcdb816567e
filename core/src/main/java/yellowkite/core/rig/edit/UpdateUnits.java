package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitField;

/**
 * Takes what a newer file says: what was programmed on units stays, and units that it has no longer go aside, not away.
 *
 * @param from what it came from, in words
 * @param added whole units. @param given what units of the rig get of it. @param aside uuids of those that go aside
 */
public record UpdateUnits(String from, List<Unit> added, List<Given> given, List<String> aside) implements RigEdit {
    public UpdateUnits {
        added = List.copyOf(added);
        given = List.copyOf(given);
        aside = List.copyOf(aside);
    }

    /** @param unit as the file has it, by the rig's uuid. @param fields that the rig's unit gets of it */
    public record Given(Unit unit, List<UnitField> fields) {
        public Given {
            fields = List.copyOf(fields);
        }

        Unit to(Unit ours) {
            var changed = ours;
            for (var field : UnitField.values()) { // in their own order: footprints come from the fixture
                changed = fields.contains(field) ? field.put(changed, unit) : changed;
            }
            return changed;
        }
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        var there = before.units().stream().map(Unit::uuid).collect(Collectors.toSet());
        if (!there.containsAll(aside) || given.stream().anyMatch(each -> !there.contains(each.unit().uuid()))) {
            return Said.rejected("units", "A unit is not in this rig any more; someone may have removed it.");
        }
        var gone = new HashSet<>(aside);
        var by = new HashMap<String, Given>();
        given.forEach(each -> by.put(each.unit().uuid(), each));
        var stay = new ArrayList<Unit>();
        var set = new ArrayList<>(before.aside());
        var fresh = added.stream().map(Unit::uuid).collect(Collectors.toSet());
        set.removeIf(each -> fresh.contains(each.uuid()));
        for (var unit : before.units()) {
            if (gone.contains(unit.uuid())) {
                set.add(unit);
            } else {
                var own = by.get(unit.uuid());
                stay.add(own == null ? unit : own.to(unit));
            }
        }
        var onNothing = new HashSet<>(gone);
        onNothing.removeAll(fresh);
        var standing = stay.stream().map(unit -> standing(unit, onNothing)).toList();
        var twice = twice(standing);
        if (twice.isPresent()) {
            return Said.rejected("units", "There would be two units " + twice.get() + ".");
        }
        var outcome = new TakeUnits(from, added).applyTo(before.withUnits(standing).withAside(set));
        return outcome instanceof Outcome.Applied<Rig>(var after) && after.equals(before) ? Said.applied(before) : outcome;
    }

    /** What hangs on a unit that goes aside stands for itself. */
    private static Unit standing(Unit unit, Set<String> gone) {
        return unit.hangsOn() != null && gone.contains(unit.hangsOn()) ? unit.with(f -> f.hangsOn = null) : unit;
    }

    private static Optional<String> twice(List<Unit> units) {
        var ids = new HashSet<String>();
        return units.stream().map(Unit::id).filter(id -> !id.isEmpty() && !ids.add(id)).findFirst();
    }

    @Override
    public String describe(Rig before) {
        var parts = new ArrayList<String>();
        if (!added.isEmpty()) {
            parts.add(added.size() + " added");
        }
        var uuids = given.stream().map(each -> each.unit().uuid()).distinct().count();
        if (uuids > 0) {
            parts.add(uuids + " changed");
        }
        if (!aside.isEmpty()) {
            parts.add(aside.size() + " set aside");
        }
        return "Updated by " + from + (parts.isEmpty() ? "" : ": " + String.join(", ", parts));
    }
}
