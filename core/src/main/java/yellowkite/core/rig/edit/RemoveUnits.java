package yellowkite.core.rig.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Removes units, and what hangs on them. */
public record RemoveUnits(List<String> units) implements RigEdit {
    public RemoveUnits {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> {
            var gone = Said.withAccessories(before, units);
            return Said.applied(before.withUnits(before.units().stream().filter(each -> !gone.contains(each.uuid())).toList()));
        });
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " removed";
    }
}
