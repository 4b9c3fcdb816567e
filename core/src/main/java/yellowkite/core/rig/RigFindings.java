package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.stream.Collectors;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Found.How;

/** What is wrong with a rig, or unwise. */
public final class RigFindings {
    private RigFindings() {}

    /** @param where the unit, or the addresses. @param unit its uuid; empty if it is of no single unit. @param says one sentence */
    public record Finding(Severity severity, String where, String unit, String says) {}

    /** {@return all of them, errors first} @param collisions of this rig */
    public static List<Finding> of(Rig rig, List<Collisions.Collision> collisions) {
        var findings = new ArrayList<Finding>();
        collisions.stream()
            .filter(each -> !each.meant())
            .forEach(each -> findings.add(new Finding(Severity.ERROR, each.universe() + "." + each.from(), "", each.says())));
        twice(rig, findings);
        rig.units().forEach(unit -> unit(unit, findings));
        console(rig, findings);
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }

    private static void twice(Rig rig, List<Finding> findings) {
        var counts = rig.units().stream().collect(Collectors.groupingBy(Unit::id, HashMap::new, Collectors.counting()));
        rig.units()
            .stream()
            .map(Unit::id)
            .distinct()
            .filter(id -> !id.isEmpty() && counts.getOrDefault(id, 0L) > 1)
            .forEach(id -> findings
                .add(new Finding(Severity.ERROR, "unit " + id, "", counts.get(id) + " units have the id " + id + ". Renumber them.")));
    }

    private static void unit(Unit unit, List<Finding> findings) {
        var where = "unit " + unit.called();
        for (var patch : unit.addresses()) {
            if (patch.overruns()) {
                findings.add(new Finding(Severity.ERROR, where, unit.uuid(), "Unit " + unit.called() + " runs over the end of universe "
                        + patch.universe() + ": from " + patch.from() + " it would end at " + patch.to() + "."));
            }
        }
        var found = unit.found();
        if (found.how() == How.NONE) {
            findings.add(new Finding(Severity.WARNING, where, unit.uuid(),
                    "Unit " + unit.called() + " has no profile: " + unit.asked().words() + " is not in the library."));
        } else if (found.how() == How.PLACEHOLDER) {
            findings.add(new Finding(Severity.WARNING, where, unit.uuid(), "Unit " + unit.called() + " is a footprint of "
                    + found.footprint() + " addresses and nothing else."));
        } else if (found.how() != How.EXACT) {
            findings.add(new Finding(Severity.WARNING, where, unit.uuid(),
                    "Unit " + unit.called() + " stands for " + found.words() + ": " + found.why()));
        }
        var asked = unit.asked().footprint();
        if (asked != null && found.hasProfile() && asked != found.footprint()) {
            findings.add(new Finding(Severity.WARNING, where, unit.uuid(), "Unit " + unit.called() + " was to take " + asked
                    + " addresses; " + found.words() + " takes " + found.footprint() + "."));
        }
        if (!unit.hasAddress() && !found.breaks().isEmpty()) {
            findings.add(new Finding(Severity.REMARK, where, unit.uuid(), "Unit " + unit.called() + " has no address."));
        }
    }

    private static void console(Rig rig, List<Finding> findings) {
        if (rig.console() == null) {
            return;
        }
        var beyond = rig.units()
            .stream()
            .flatMap(unit -> unit.addresses().stream())
            .map(Patch::universe)
            .distinct()
            .sorted()
            .skip(rig.console())
            .toList();
        if (!beyond.isEmpty()) {
            findings.add(new Finding(Severity.WARNING, "universe " + beyond.getFirst(), "",
                    "The console sends " + rig.console() + " universes of " + AddressMap.UNIVERSE + " addresses; this rig uses "
                            + (rig.console() + beyond.size()) + "."));
        }
    }
}
