package yellowkite.core.rig.edit;

import java.util.HashSet;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Brings units back that an update took out: at their addresses, with all that was programmed on them. */
public record RestoreAside(List<String> units) implements RigEdit {
    public RestoreAside {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        var wanted = new HashSet<>(units);
        var back = before.aside().stream().filter(each -> wanted.contains(each.uuid())).toList();
        if (back.size() < wanted.size()) {
            return Said.rejected("units", "A unit is not set aside any more; someone may have restored it.");
        }
        return new TakeUnits("those set aside", back)
            .applyTo(before.withAside(before.aside().stream().filter(each -> !wanted.contains(each.uuid())).toList()));
    }

    @Override
    public String describe(Rig before) {
        return (units.size() == 1 ? "1 unit" : units.size() + " units") + " restored";
    }
}
