package yellowkite.core.rig.edit;

import java.util.HashSet;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Deletes units that an update took out. */
public record DeleteAside(List<String> units) implements RigEdit {
    public DeleteAside {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        var gone = new HashSet<>(units);
        return Said.applied(before.withAside(before.aside().stream().filter(each -> !gone.contains(each.uuid())).toList()));
    }

    @Override
    public String describe(Rig before) {
        return (units.size() == 1 ? "1 unit" : units.size() + " units") + " that were set aside deleted";
    }
}
