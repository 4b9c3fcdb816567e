package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Makes units another mode, revision or profile. They keep ids, names and adjustments, and their addresses where the new footprint fits
 * between their neighbours; the others lose theirs, to be addressed anew.
 */
public record ReplaceFixture(List<String> units, Found fixture) implements RigEdit {
    public ReplaceFixture {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> {
            var addresses = addresses(before, found);
            return Said.applied(before.mapUnits(units, unit -> unit.with(f -> {
                f.found = fixture;
                f.asked = Asked.of(fixture.manufacturer(), fixture.model(), fixture.mode(), null);
                f.addresses = addresses.getOrDefault(unit.uuid(), f.addresses);
            })));
        });
    }

    /** {@return the addresses that each would have; none for one that has to move} */
    HashMap<String, List<Patch>> addresses(Rig before, List<Unit> found) {
        var going = new HashSet<>(units);
        var occupancy = Occupancy.of(before.units().stream().filter(each -> !going.contains(each.uuid())).toList());
        var addresses = new HashMap<String, List<Patch>>();
        for (var unit : found) {
            var fitted = fitted(unit);
            boolean fits = unit.hasAddress() && fitted.stream().allMatch(each -> occupancy.isFree(each) || was(unit, each));
            addresses.put(unit.uuid(), fits ? fitted : List.of());
            if (fits) {
                fitted.forEach(occupancy::take);
            }
        }
        return addresses;
    }

    /** Where it stood before, whoever it shared that with, it may stand on. */
    private static boolean was(Unit unit, Patch patch) {
        return unit.addresses().stream().anyMatch(each -> each.at().equals(patch.at()) && each.footprint() >= patch.footprint());
    }

    private List<Patch> fitted(Unit unit) {
        var byBreak = new HashMap<Integer, Patch>();
        unit.addresses().forEach(each -> byBreak.put(each.dmxBreak(), each));
        var fitted = new ArrayList<Patch>();
        Patch last = null;
        for (var each : fixture.breaks().entrySet()) {
            var was = byBreak.get(each.getKey());
            if (was == null && last == null) {
                was = unit.addresses().isEmpty() ? null : unit.addresses().getFirst();
            }
            var at = was != null ? was.at() : last == null || last.to() + 1 > 512 ? null : new At(last.universe(), last.to() + 1);
            if (at == null) {
                return List.of();
            }
            last = new Patch(each.getKey(), at, each.getValue());
            fitted.add(last);
        }
        return fitted;
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " become " + fixture.words();
    }
}
