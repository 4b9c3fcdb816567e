package yellowkite.core.rig.edit;

import java.util.Comparator;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;

/**
 * Moves units to an address with their gaps kept: the foremost comes to stand there, the others go along.
 *
 * @param to as it is typed: {@code 2.1}, {@code 2/1} or absolute
 */
public record MoveUnits(List<String> units, String to) implements RigEdit {
    public MoveUnits {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.tried("to", () -> {
            var at = At.of(to);
            var foremost = found.stream().flatMap(unit -> unit.addresses().stream()).map(Patch::at).min(Comparator.naturalOrder());
            return foremost.map(was -> new ShiftUnits(units, at.universe() - was.universe(), at.address() - was.address()).applyTo(before))
                .orElseGet(() -> Said.rejected("units", "None of these units has an address."));
        }));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " moved to " + to.strip() + ", gaps kept";
    }
}
