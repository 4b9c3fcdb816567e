package yellowkite.core.rig.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Takes the addresses from units. */
public record Unaddress(List<String> units) implements RigEdit {
    public Unaddress {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.applied(before.mapUnits(units, unit -> unit.with(f -> f.addresses = List.of()))));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " without an address";
    }
}
