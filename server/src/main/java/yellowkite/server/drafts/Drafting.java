package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.dmx.KeptMap;
import yellowkite.core.edit.BecomeCopy;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.SetPicture;
import yellowkite.core.edit.Touched;
import yellowkite.core.history.History;
import yellowkite.core.history.Meanwhile;
import yellowkite.core.history.Undoing;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.database.Turns;
import yellowkite.server.history.StoredStep.Kind;
import yellowkite.server.history.StoredStep;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** What is done to drafts: edits, undo, redo, points of the history. Each change stands whole or not at all, and once. */
@Service
public class Drafting {
    private final Turns turns = new Turns();
    private final Transactions transactions;
    private final DraftRepository repository;
    private final Drafts drafts;
    private final Beginnings beginnings;
    private final DraftBases bases;
    private final ContentStore contents;
    private final DraftEvents events;
    private final HouseClock clock;

    Drafting(Transactions transactions, DraftRepository repository, Drafts drafts, Beginnings beginnings, DraftBases bases,
            ContentStore contents, DraftEvents events, HouseClock clock) {
        this.transactions = transactions;
        this.repository = repository;
        this.drafts = drafts;
        this.beginnings = beginnings;
        this.bases = bases;
        this.contents = contents;
        this.events = events;
        this.clock = clock;
    }

    /** What a change made of a draft. @param before as its asker saw it; null if others have changed it since */
    record Changed(@Nullable LoadedDraft before, LoadedDraft after) {}

    /** A step that is to be kept. @param edit as it is stored */
    private record Forth(Kind kind, @Nullable String edit, History<FixtureType, Edit> after, String sentence) {}

    /**
     * Applies an edit, also where others have changed other places since {@code seen}. One that was made already, and whose answer was
     * lost, is not made again.
     *
     * @throws Refusal 409 if its place was changed since {@code seen}, with the places and what happened meanwhile; 422 if the edit does
     * not fit
     */
    public LoadedDraft apply(String draftId, int seen, Edit edit, Change change) {
        return edit(draftId, seen, edit, change).after();
    }

    /** Like {@link #apply}, with the draft as it was before. */
    Changed edit(String draftId, int seen, Edit edit, Change change) {
        return edit(draftId, seen, Map.of(), edit, change);
    }

    /** Like {@link #apply}, where the edit names files that the draft is to hold. @param files path to content's hash */
    LoadedDraft applyWithFiles(String draftId, int seen, Map<String, String> files, Edit edit, Change change) {
        return edit(draftId, seen, files, edit, change).after();
    }

    /** Gives the draft a picture of the fixture: kept beside the draft, named by its content, so that undo finds the one before. */
    LoadedDraft putPicture(String draftId, int seen, byte[] png, Change change) {
        var sha = transactions.run(() -> contents.put(png));
        var called = "picture-" + sha.substring(0, 12);
        return edit(draftId, seen, Map.of(called + ".png", sha), new SetPicture(called), change).after();
    }

    private Changed edit(String draftId, int seen, Map<String, String> files, Edit edit, Change change) {
        if (edit instanceof Begin || edit instanceof BecomeCopy) {
            throw Refusal.unfit("edit", "A profile begins once.");
        }
        return step(draftId, seen, change, now -> {
            if (now.draft().version() != seen) {
                requireFree(now, seen, edit);
            }
            var after = keptMap(now.draft().profileId(), changed(now.history(), edit));
            files.forEach((path, sha) -> repository.putEntry(draftId, path, sha));
            return after == now.history() ? List.of()
                    : List.of(new Forth(Kind.EDIT, StoredForms.EDIT.write(edit), after, after.counting().getLast().sentence()));
        });
    }

    private void requireFree(LoadedDraft now, int seen, Edit edit) {
        var since = repository.stepsAfter(now.draft().id(), seen);
        if (now.draft().version() < seen) {
            throw stale(since);
        }
        if (Meanwhile.of(drafts.at(now.draft(), seen).history().current(), now.history().current(),
                edit, Touched.PLACES) instanceof Meanwhile.Conflict(var places)) {
            throw stale(since, places);
        }
    }

    /** A production's version keeps the DMX map of what it derives from. */
    private History<FixtureType, Edit> keptMap(String profileId, History<FixtureType, Edit> after) {
        bases.productionVersion(profileId)
            .ifPresent(version -> KeptMap.broken(bases.baseOf(version.originRevisionId()).type(), after.current()).ifPresent(why -> {
                throw Refusal.unfit("edit", "This is what '" + version.production() + "' puts into " + version.origin()
                        + ", and keeps its DMX map: " + why + ". Change what the slots hold, or edit the profile that it derives from.");
            }));
        return after;
    }

    static History<FixtureType, Edit> changed(History<FixtureType, Edit> before, Edit edit) {
        return switch (before.apply(edit)) {
            case History.Result.Changed<FixtureType, Edit> changed -> changed.history();
            case History.Result.Refused<FixtureType, Edit> refused -> throw Refusal.unfit(refused.why().field(), refused.why().reason());
        };
    }

    /**
     * Takes back the last edit of whoever asks; a profile's beginning is not undone: the draft is discarded instead.
     *
     * @throws Refusal 409 if the asker has gone on elsewhere since {@code seen}; 422 if there is nothing of theirs, or something followed
     * upon it
     */
    Changed undo(String draftId, int seen, Change change) {
        return step(draftId, seen, change, now -> {
            var me = change.author().name();
            var since = repository.stepsAfter(draftId, seen);
            if (now.draft().version() < seen || since.stream().anyMatch(each -> each.author().equals(me))) {
                throw stale(since);
            }
            return switch (Undoing.lastOf(now.history(), index -> now.edits().get(index).author().equals(me))) {
                case Undoing.Refused<FixtureType, Edit>(var why) -> throw Refusal.unfit("history", why);
                case Undoing.TakenBack<FixtureType, Edit> back ->
                    List.of(new Forth(Kind.UNDO, back.wasLast() ? null : String.valueOf(back.index()),
                            back.after(), "Undone: " + back.sentence()));
            };
        });
    }

    Changed redo(String draftId, int seen, Change change) {
        return step(draftId, seen, change, now -> {
            requireAt(now, seen);
            return List.of(forth(now.history()));
        });
    }

    private static Forth forth(History<FixtureType, Edit> history) {
        var after = history.redo().orElseThrow(() -> Refusal.unfit("history", "There is nothing to redo."));
        return new Forth(Kind.REDO, null, after, "Done again: " + after.counting().getLast().sentence());
    }

    private static Forth back(History<FixtureType, Edit> history) {
        var after = history.done() <= history.floor() ? Optional.<History<FixtureType, Edit>>empty() : history.undo();
        return new Forth(Kind.UNDO, null, after.orElseThrow(() -> Refusal.unfit("history", "There is nothing to undo.")),
                "Undone: " + history.counting().getLast().sentence());
    }

    /** Goes back, or forth again, until {@code done} edits count, whoever made them. Each step on the way is kept, all of them or none. */
    Changed goTo(String draftId, int seen, int done, Change change) {
        return step(draftId, seen, change, now -> {
            requireAt(now, seen);
            int target = Math.max(done, now.history().floor());
            if (done < 0 || target > now.history().steps().size()) {
                throw Refusal.unfit("done", "The history has no such point.");
            }
            var way = new ArrayList<Forth>();
            for (var at = now.history(); at.done() != target; at = way.getLast().after()) {
                way.add(at.done() > target ? back(at) : forth(at));
            }
            return way;
        });
    }

    private void requireAt(LoadedDraft now, int seen) {
        if (now.draft().version() != seen) {
            throw stale(repository.stepsAfter(now.draft().id(), seen));
        }
    }

    /** @param next what the newest state becomes, one step upon the other; none if nothing differs. They stand together or not at all. */
    private Changed step(String draftId, int seen, Change change, Function<LoadedDraft, List<Forth>> next) {
        return turns.run(draftId, () -> stepInTurn(draftId, seen, change, next));
    }

    private Changed stepInTurn(String draftId, int seen, Change change, Function<LoadedDraft, List<Forth>> next) {
        var changed = transactions.run(() -> {
            var now = drafts.requireOpen(beginnings.lock(draftId, change.author()));
            if (change.id() != null && repository.hasChange(draftId, change.id())) {
                return new Changed(null, now); // it was made, and only its answer was lost
            }
            var before = now.draft().version() == seen ? now : null;
            for (var forth : next.apply(now)) {
                var step = new StoredStep(now.draft().version() + 1, forth.kind(), forth.edit(), forth.sentence(),
                        change.author().name(), clock.now(), change.id());
                repository.append(draftId, now.draft().version(), step);
                now = now.after(step, forth.after());
            }
            return new Changed(before, now);
        });
        drafts.keep(changed.after());
        if (changed.before() != changed.after()) {
            events.tell(draftId, new Drafts.State(changed.after().draft().version(), true));
        }
        return changed;
    }

    static Refusal stale(List<StoredStep> since) {
        return stale(since, List.of());
    }

    /** @param places what both have changed, in words */
    private static Refusal stale(List<StoredStep> since, List<String> places) {
        var who = since.isEmpty() ? "Someone" : since.getLast().author();
        var where = places.isEmpty() ? "the same place" : String.join(", ", places);
        var what = since.isEmpty() ? "" : ": " + since.getLast().sentence();
        return Refusal.stale(who + " has changed " + where + " meanwhile" + what
                + ". Yours was not applied; look at the new state and try again.",
                Map.of("since", since.stream().map(DraftView.Step::of).toList(), "places", places));
    }
}
