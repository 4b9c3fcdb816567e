package yellowkite.server.rigs;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.history.History;
import yellowkite.core.history.Meanwhile;
import yellowkite.core.history.Undoing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.edit.BeginRig;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.core.rig.edit.RigPlaces;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.database.Turns;
import yellowkite.server.history.StoredStep;
import yellowkite.server.rigs.RigRepository.StoredRig;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/**
 * What is done to rigs. Each change stands whole or not at all, and once; two people's stand beside each other where they touch other
 * places.
 */
@Service
class Rigging {
    private static final int MOST_RIGS = 1_000;
    private final Turns turns = new Turns();
    private final Transactions transactions;
    private final RigRepository repository;
    private final Rigs rigs;
    private final RigFixtures fixtures;
    private final RigEvents events;
    private final HouseClock clock;

    Rigging(Transactions transactions, RigRepository repository, Rigs rigs, RigFixtures fixtures, RigEvents events, HouseClock clock) {
        this.transactions = transactions;
        this.repository = repository;
        this.rigs = rigs;
        this.fixtures = fixtures;
        this.events = events;
        this.clock = clock;
    }

    /** A step that is to be kept. @param edit as it is stored */
    private record Forth(StoredStep.Kind kind, @Nullable String edit, History<Rig, RigEdit> after, String sentence) {}

    LoadedRig begin(String name, String production, Change change) {
        var id = change.id() == null ? UUID.randomUUID().toString() : change.id(); // asked for again, it is the same rig
        var begun = transactions.run(() -> {
            var known = repository.find(id);
            if (known.isPresent()) {
                return rigs.load(known.get());
            }
            if (repository.count() >= MOST_RIGS) {
                throw Refusal.unfit("name", "The house holds " + MOST_RIGS + " rigs already.");
            }
            var edit = new BeginRig(name, production);
            var after = changed(History.of(Rig.EMPTY), edit);
            var row = new StoredRig(id, name.strip(), production.strip(), 0, 0, 0, change.author().name(), clock.now(),
                    change.author().name(), clock.now(), null);
            var step = new StoredStep(1, StoredStep.Kind.EDIT, StoredForms.RIG_EDIT.write(edit), after.counting().getLast().sentence(),
                    change.author().name(), clock.now(), change.id());
            var rig = new LoadedRig(row, History.of(Rig.EMPTY), List.of()).after(step, after);
            repository.add(row);
            repository.become(rig.row(), List.of(step), Map.of());
            return rig;
        });
        rigs.keep(begun);
        return begun;
    }

    private static History<Rig, RigEdit> changed(History<Rig, RigEdit> before, RigEdit edit) {
        return switch (before.apply(edit)) {
            case History.Result.Changed<Rig, RigEdit> changed -> changed.history();
            case History.Result.Refused<Rig, RigEdit> refused -> throw Refusal.unfit(refused.why().field(), refused.why().reason());
        };
    }

    /**
     * Applies an edit, also where others have changed other places since {@code seen}. One that was made already, and whose answer was
     * lost, is not made again.
     *
     * @throws Refusal 409 if its place was changed since {@code seen}; 422 if it does not fit
     */
    LoadedRig edit(String rigId, int seen, RigEdit edit, Change change) {
        if (edit.begins()) {
            throw Refusal.unfit("edit", "A rig begins once.");
        }
        fixtures.requireTrue(edit);
        return step(rigId, change, now -> {
            if (now.row().version() != seen) {
                requireFree(now, seen, edit);
            }
            var after = changed(now.history(), edit);
            return after == now.history() ? List.of()
                    : List.of(new Forth(StoredStep.Kind.EDIT, StoredForms.RIG_EDIT.write(edit), after,
                            after.counting().getLast().sentence()));
        });
    }

    private void requireFree(LoadedRig now, int seen, RigEdit edit) {
        if (seen > now.row().version() || seen < 0) {
            throw stale(now, seen, List.of());
        }
        if (Meanwhile.of(rigs.at(now.row(), seen).rig(), now.rig(), edit, RigPlaces.ALL) instanceof Meanwhile.Conflict<Rig>(var places)) {
            throw stale(now, seen, places);
        }
    }

    private Refusal stale(LoadedRig now, int seen, List<String> places) {
        var since = repository.steps(now.row().id(), Math.max(0, seen), now.row().version());
        var who = since.isEmpty() ? "Someone" : since.getLast().author();
        var what = since.isEmpty() ? "" : ": " + since.getLast().sentence();
        return Refusal.stale(who + " has changed " + (places.isEmpty() ? "the same place" : String.join(", ", places)) + " meanwhile" + what
                + ". Yours was not applied; look at the new state and try again.", Map.of("places", places));
    }

    /** Takes back the last edit of whoever asks. @throws Refusal 422 if there is none, or others have built upon it */
    LoadedRig undo(String rigId, Change change) {
        var me = change.author().name();
        return step(rigId, change, now -> switch (Undoing.lastOf(now.history(), index -> now.edits().get(index).author().equals(me))) {
            case Undoing.Refused<Rig, RigEdit>(var why) -> throw Refusal.unfit("history", why);
            case Undoing.TakenBack<Rig, RigEdit> back -> List.of(new Forth(StoredStep.Kind.UNDO,
                    back.wasLast() ? null : String.valueOf(back.index()), back.after(), "Undone: " + back.sentence()));
        });
    }

    /** Makes what was undone last again. @throws Refusal 409 if the rig went on since {@code seen}; 422 if nothing is undone */
    LoadedRig redo(String rigId, int seen, Change change) {
        return step(rigId, change, now -> {
            if (now.row().version() != seen) {
                throw stale(now, seen, List.of());
            }
            var after = now.history().redo().orElseThrow(() -> Refusal.unfit("history", "There is nothing to redo."));
            return List.of(new Forth(StoredStep.Kind.REDO, null, after, "Done again: " + after.counting().getLast().sentence()));
        });
    }

    /** Puts a rig into the bin, or takes it out. */
    LoadedRig bin(String rigId, boolean binned) {
        var rig = transactions.run(() -> {
            var row = repository.lock(rigId).orElseThrow(Rigs::gone);
            if (binned != (row.binnedAt() != null)) {
                repository.bin(rigId, binned ? clock.now() : null);
            }
            return rigs.load(repository.find(rigId).orElseThrow(Rigs::gone));
        });
        events.tell(rigId, rig.row().version());
        return rig;
    }

    /** @param next what the newest state becomes, one step upon the other; none if nothing differs */
    private LoadedRig step(String rigId, Change change, Function<LoadedRig, List<Forth>> next) {
        return turns.run(rigId, () -> stepInTurn(rigId, change, next));
    }

    private LoadedRig stepInTurn(String rigId, Change change, Function<LoadedRig, List<Forth>> next) {
        var changed = transactions.run(() -> {
            var now = rigs.load(repository.lock(rigId).orElseThrow(Rigs::gone));
            if (now.row().binnedAt() != null) {
                throw Refusal.unfit("bin", "'" + now.rig().name() + "' is in the bin. Restore it to edit it.");
            }
            if (change.id() != null && repository.hasChange(rigId, change.id())) {
                return now; // it was made, and only its answer was lost
            }
            var steps = new ArrayList<StoredStep>();
            for (var forth : next.apply(now)) {
                var step = new StoredStep(now.row().version() + 1, forth.kind(), forth.edit(), forth.sentence(), change.author().name(),
                        clock.now(), change.id());
                steps.add(step);
                now = now.after(step, forth.after());
            }
            if (!steps.isEmpty()) {
                repository.become(now.row(), steps, pins(now.rig()));
            }
            return now;
        });
        rigs.keep(changed);
        events.tell(rigId, changed.row().version());
        return changed;
    }

    /** What is set aside pins its revisions, too: it may come back. */
    private static Map<String, Integer> pins(Rig rig) {
        return Stream.concat(rig.units().stream(), rig.aside().stream())
            .filter(unit -> unit.found().hasProfile())
            .collect(Collectors.groupingBy(unit -> unit.found().pin(), Collectors.summingInt(unit -> 1)));
    }
}
