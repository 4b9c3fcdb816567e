package yellowkite.server.rigs;

import java.util.List;
import yellowkite.core.history.History;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.history.StoredStep;
import yellowkite.server.rigs.RigRepository.StoredRig;

/**
 * A rig with its document.
 *
 * @param edits the stored steps of the history's edits, one for each, undone ones included
 */
record LoadedRig(StoredRig row, History<Rig, RigEdit> history, List<StoredStep> edits) {
    LoadedRig {
        edits = List.copyOf(edits);
    }

    Rig rig() {
        return history.current();
    }

    /** {@return this rig after a step that was read again; what is counted of it stands in its row} */
    LoadedRig replayed(StoredStep step, History<Rig, RigEdit> to) {
        return new LoadedRig(row, to, step.upon(edits, history.done()));
    }

    /** {@return this rig after a step that led to that history} */
    LoadedRig after(StoredStep step, History<Rig, RigEdit> to) {
        var rig = to.current();
        int universes = (int) rig.units()
            .stream()
            .flatMap(unit -> unit.addresses().stream())
            .mapToInt(each -> each.universe())
            .distinct()
            .count();
        return new LoadedRig(
                new StoredRig(row.id(), rig.name(), rig.production(), rig.units().size(), universes, step.version(), row.openedBy(),
                        row.openedAt(), step.author(), step.createdAt(), row.binnedAt()),
                to, step.upon(edits, history.done()));
    }
}
