package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * What makes units of one revision those of another, each the mode of its name.
 *
 * @param edit of those whose mode is there. @param gone names of the others' modes; they stay what they are
 */
public record ByMode(SeveralRigEdits edit, List<String> gone) {
    public ByMode {
        gone = List.copyOf(gone);
    }

    /** @param mode of the other revision, by its name */
    public static ByMode of(Collection<Unit> units, Function<String, Optional<Found>> mode) {
        var byMode = new LinkedHashMap<String, List<String>>();
        units.forEach(unit -> byMode.computeIfAbsent(unit.found().mode(), none -> new ArrayList<>()).add(unit.uuid()));
        var edits = new ArrayList<RigEdit>();
        var gone = new ArrayList<String>();
        byMode.forEach((name, uuids) -> mode.apply(name)
            .ifPresentOrElse(found -> edits.add(new ReplaceFixture(uuids, found)), () -> gone.add(name)));
        return new ByMode(new SeveralRigEdits(edits), gone);
    }

    /** {@return how many of a rig's units lose their address by it, since they do not fit where they stand} */
    public int displaced(Rig rig) {
        if (!(edit.applyTo(rig) instanceof Outcome.Applied<Rig>(var after))) {
            return 0;
        }
        long before = rig.units().stream().filter(Unit::hasAddress).count();
        return (int) (before - after.units().stream().filter(Unit::hasAddress).count());
    }
}
