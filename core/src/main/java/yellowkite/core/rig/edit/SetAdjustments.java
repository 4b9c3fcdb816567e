package yellowkite.core.rig.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Rig;

/** Lays one unit's whole path onto others. */
public record SetAdjustments(List<String> units, Adjustments to) implements RigEdit {
    public SetAdjustments {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.applied(before.mapUnits(units, unit -> unit.with(f -> f.adjustments = to))));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + (to.equals(Adjustments.NONE) ? " as the profile" : " adjusted");
    }
}
