package yellowkite.server.rigs;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Service;
import yellowkite.core.history.History;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.history.Replay;
import yellowkite.server.rigs.RigRepository.StoredRig;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Refusal;

/** Rigs as they are read: replayed from their steps, and kept for a while. */
@Service
class Rigs {
    /** In units of some hundred bytes each; a state that an edit led to shares its units with the others, and has a list of its own. */
    private static final long MOST_KEPT = 60_000;
    private static final int LISTED_AS_ONE = 100;
    private final RigRepository repository;
    private final Cache<String, LoadedRig> loaded = Caffeine.newBuilder()
        .maximumWeight(MOST_KEPT)
        .weigher((String id, LoadedRig rig) -> weight(rig.rig().units().size(), rig.history().steps().size()))
        .build();

    Rigs(RigRepository repository) {
        this.repository = repository;
    }

    private static int weight(int units, int edits) {
        return 1 + units + edits * (1 + units / LISTED_AS_ONE);
    }

    /** @throws Refusal 404 if there is none */
    LoadedRig require(String id) {
        return load(repository.find(id).orElseThrow(Rigs::gone));
    }

    static Refusal gone() {
        return Refusal.notFound("This rig does not exist.");
    }

    LoadedRig load(StoredRig row) {
        var kept = loaded.getIfPresent(row.id());
        if (kept != null && kept.row().equals(row)) {
            return kept;
        }
        var all = kept != null && kept.row().version() <= row.version() ? goingOn(kept, row, row.version()) : at(row, row.version());
        loaded.put(row.id(), all);
        return all;
    }

    /** {@return the rig as it was at a version} */
    LoadedRig at(StoredRig row, int version) {
        var nothing = new StoredRig(row.id(), "", "", 0, 0, 0, row.openedBy(), row.openedAt(), row.openedBy(), row.openedAt(),
                row.binnedAt());
        return goingOn(new LoadedRig(nothing, History.<Rig, RigEdit>of(Rig.EMPTY), List.of()), row, version);
    }

    private LoadedRig goingOn(LoadedRig from, StoredRig row, int version) {
        var replayed = from;
        for (var step : repository.steps(row.id(), from.row().version(), version)) {
            try {
                replayed = replayed.replayed(step, Replay.after(replayed.history(), step, StoredForms.RIG_EDIT));
            } catch (StoredForm.Unreadable unknown) {
                throw Refusal.unfit("version", "Step " + step.version() + " of this rig, '" + step.sentence() + "' by " + step.author()
                        + ", cannot be read: " + unknown.getMessage() + ". Start the version of Yellow Kite that wrote it.");
            }
        }
        return version == row.version() ? new LoadedRig(row, replayed.history(), replayed.edits()) : replayed;
    }

    /** Keeps a rig as it is now. */
    void keep(LoadedRig rig) {
        loaded.put(rig.row().id(), rig);
    }
}
