package yellowkite.core.rig.edit;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Placing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Puts one unit, or one of its breaks, at an address. Where somebody stands already it is a collision, which is told and can be cured.
 *
 * @param dmxBreak the break that moves; null = all of them, behind each other
 * @param to as it is typed: {@code 2.1}, {@code 2/1} or absolute
 */
public record PutUnit(String unit, @Nullable Integer dmxBreak, String to) implements RigEdit {
    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, List.of(unit), found -> Said.tried("to", () -> {
            var at = At.of(to);
            var patches = placed(found.getFirst(), dmxBreak, at);
            return Said.applied(before.mapUnits(List.of(unit), each -> each.with(f -> f.addresses = patches)));
        }));
    }

    /** {@return where a unit stands then} @throws IllegalArgumentException with a sentence, if it cannot stand there */
    static List<Patch> placed(Unit moved, @Nullable Integer dmxBreak, At at) {
        if (moved.found().breaks().isEmpty() && moved.addresses().isEmpty()) {
            throw new IllegalArgumentException(
                    "Nobody knows how many addresses unit " + moved.called() + " takes. Give it a profile first.");
        }
        var patches = dmxBreak == null ? whole(moved, at) : one(moved, at, dmxBreak);
        patches.stream().filter(Patch::overruns).findFirst().ifPresent(over -> {
            throw new IllegalArgumentException(overTheEnd(moved, over));
        });
        return patches;
    }

    static String overTheEnd(Unit unit, Patch patch) {
        return "Unit " + unit.called() + " takes " + patch.footprint() + " addresses; from " + patch.at()
                + " it would run over the end of universe " + patch.universe() + ".";
    }

    private static List<Patch> whole(Unit unit, At at) {
        if (unit.found().breaks().size() > 1) {
            return Placing.straight(List.of(unit.found().breaks()), at).getFirst();
        }
        int footprint = unit.found().breaks().isEmpty() ? unit.addresses().getFirst().footprint()
                : unit.found().breaks().values().iterator().next();
        int first = unit.found().breaks().isEmpty() ? unit.addresses().getFirst().dmxBreak() : unit.found().breaks().firstKey();
        return List.of(new Patch(first, at, footprint));
    }

    private static List<Patch> one(Unit unit, At at, int dmxBreak) {
        var footprint = unit.found().breaks().get(dmxBreak);
        if (footprint == null) {
            throw new IllegalArgumentException("Unit " + unit.called() + " has no break " + dmxBreak + ".");
        }
        return Stream
            .concat(unit.addresses().stream().filter(each -> each.dmxBreak() != dmxBreak),
                    Stream.of(new Patch(dmxBreak, at, footprint)))
            .sorted(Comparator.comparingInt(Patch::dmxBreak))
            .toList();
    }

    @Override
    public String describe(Rig before) {
        var was = before.find(unit).map(Unit::addressWords).orElse("");
        return Said.upper(Said.called(before, List.of(unit))) + " at " + to.strip() + (was.isEmpty() ? "" : ", was " + was);
    }
}
