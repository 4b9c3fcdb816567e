package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.dmx.KeptMap;
import yellowkite.core.edit.BecomeCopy;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.History;
import yellowkite.core.edit.Meanwhile;
import yellowkite.core.edit.SetPicture;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.server.database.Transactions;
import yellowkite.server.drafts.DraftRepository.Kind;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.drafts.DraftRepository.StoredStep;
import yellowkite.server.library.ProductionVersionRepository;
import yellowkite.server.library.OriginRepository;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Drafts: opened, edited, undone, redone, thrown away. Documents are replayed from the stored steps and kept for a while. */
@Service
public class Drafts {
    private final Transactions transactions;
    private final DraftRepository repository;
    private final RevisionRepository revisionRows;
    private final Revisions revisions;
    private final ProfileRepository profiles;
    private final DraftBases bases;
    private final ProductionVersionRepository productionVersions;
    private final OriginRepository origins;
    private final DraftEvents events;
    private final Cache<String, LoadedDraft> loaded = Caffeine.newBuilder().maximumSize(64).build();

    Drafts(Transactions transactions, DraftRepository repository, RevisionRepository revisionRows, Revisions revisions,
            ProfileRepository profiles, ProductionVersionRepository productionVersions, OriginRepository origins, DraftBases bases,
            DraftEvents events) {
        this.events = events;
        this.productionVersions = productionVersions;
        this.origins = origins;
        this.transactions = transactions;
        this.repository = repository;
        this.revisionRows = revisionRows;
        this.revisions = revisions;
        this.profiles = profiles;
        this.bases = bases;
    }

    /** How a new profile begins. */
    sealed interface Start {
        record Empty(Begin.Body body) implements Start {}

        /** @param mode name of the only mode that is kept; null = all */
        record Copy(String profileId, int revision, @Nullable String mode) implements Start {}

        /** What a production puts into the fixtures of that profile: all modes, and a DMX map that stays as it is. */
        record ProductionVersion(String profileId, int revision, String production) implements Start {}
    }

    /** {@return the open draft of a new profile, which has no revision until it is published} */
    LoadedDraft begin(String manufacturer, String name, Start start, Change change) {
        var made = manufacturer.strip();
        var called = name.strip();
        var guid = UUID.randomUUID().toString().toUpperCase(Locale.ROOT);
        var base = switch (start) {
            case Start.Empty empty -> null;
            case Start.Copy copy -> revisions.require(copy.profileId(), copy.revision());
            case Start.ProductionVersion productionVersion ->
                revisions.require(productionVersion.profileId(), productionVersion.revision());
        };
        Edit first = switch (start) {
            case Start.Empty empty -> new Begin(made, called, guid, empty.body());
            case Start.Copy copy ->
                new BecomeCopy(made, called, guid, copy.mode() == null ? null : modeId(Objects.requireNonNull(base), copy.mode()));
            case Start.ProductionVersion productionVersion -> new BecomeCopy(made, called, guid, null);
        };
        var begun = changed(History.of(bases.baseOf(base == null ? null : base.id()).type()), first);
        var step = new StoredStep(1, Kind.EDIT, StoredForms.EDIT.write(first), shorten(begun.counting().getLast().sentence()),
                change.author().name(), revisions.now(), change.id());
        var draftId = change.id() == null ? UUID.randomUUID().toString() : change.id();
        if (repository.find(draftId).isPresent()) {
            return require(draftId); // it was begun, and only its answer was lost
        }
        transactions.run(() -> {
            var profile = profiles.add(Shelf.HOUSE, "", FixtureIdentity.of(guid, made, called));
            repository.open(new StoredDraft(draftId, profile.id(), profile.id(), base == null ? null : base.id(), 0, change.author().name(),
                    revisions.now(), null, null));
            repository.append(draftId, 0, step);
            if (start instanceof Start.ProductionVersion productionVersion && base != null) {
                productionVersions.add(profile.id(), production(productionVersion.production()), base.id());
            } else if (base != null) {
                origins.add(profile.id(), base.id());
            }
            return draftId;
        });
        return require(draftId);
    }

    private static String production(String name) {
        var called = Line.of("production", name, 120);
        if (called.isEmpty()) {
            throw Refusal.unfit("production", "Say for which production it is.");
        }
        return called;
    }

    private int modeId(StoredRevision base, String mode) {
        return revisions.description(base)
            .type()
            .modes()
            .stream()
            .filter(each -> each.name().equals(mode))
            .findFirst()
            .orElseThrow(() -> Refusal.unfit("mode", "That revision has no mode called '" + mode + "'."))
            .id();
    }

    /** Throws a draft away; a profile that was never published goes with it. */
    void discard(String draftId, int seen) {
        transactions.run(() -> {
            var draft = requireOpenAt(draftId, seen).draft();
            repository.delete(draftId);
            if (revisionRows.findNewest(draft.profileId()).isEmpty()) {
                productionVersions.delete(draft.profileId());
                origins.delete(draft.profileId());
                profiles.delete(draft.profileId());
            }
            return draft;
        });
        loaded.invalidate(draftId);
        events.tell(draftId, new State(seen + 1, false));
    }

    /** {@return the profile's open draft; a new one on its newest revision if there is none} */
    public LoadedDraft open(String profileId, Author author) {
        var draft = transactions.run(() -> repository.findOpen(profileId).orElseGet(() -> {
            requireOurs(profileId);
            var base = revisionRows.findNewest(profileId).orElseThrow(() -> Refusal.notFound("This profile has no revision to edit."));
            repository.open(new StoredDraft(UUID.randomUUID().toString(), profileId, profileId, base.id(), 0, author.name(),
                    revisions.now(), null, null));
            return repository.findOpenNow(profileId).orElseThrow();
        }));
        return load(draft);
    }

    /** {@return the profile's open draft} */
    public Optional<LoadedDraft> findOpen(String profileId) {
        return repository.findOpen(profileId).map(this::load);
    }

    /** {@return a draft that begins from a revision of the profile} One that was opened and not edited makes room. */
    LoadedDraft openAt(String profileId, int number, Author author) {
        var base = revisions.require(profileId, number);
        var draft = transactions.run(() -> {
            requireOurs(profileId);
            var open = repository.findOpen(profileId);
            if (open.isPresent() && !base.id().equals(open.get().baseRevisionId())) {
                if (open.get().version() > 0) {
                    throw Refusal.unfit("revision", "A draft by " + open.get().openedBy()
                            + " is under way. Publish or discard it, then begin from revision " + number + ".");
                }
                repository.delete(open.get().id());
            }
            repository.open(new StoredDraft(UUID.randomUUID().toString(), profileId, profileId, base.id(), 0, author.name(),
                    revisions.now(), null, null));
            return repository.findOpenNow(profileId).orElseThrow();
        });
        return load(draft);
    }

    /** What arrives in releases is the same in every house. Locks the profile: nobody throws it away while a draft of it is opened. */
    private void requireOurs(String profileId) {
        var profile = profiles.lock(profileId).orElseThrow(() -> Refusal.notFound("This profile is not in the library."));
        if (profile.shelf() == Shelf.REFERENCE) {
            throw Refusal.unfit("shelf", "'" + profile.name()
                    + "' stands on the Reference shelf, which is the same in every house. Copy it onto the House shelf and edit that.");
        }
        if (profile.binnedAt() != null) {
            throw Refusal.unfit("bin", "'" + profile.name() + "' is in the bin. Restore it to edit it.");
        }
    }

    public LoadedDraft require(String draftId) {
        return load(repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist.")));
    }

    /** @param open false once it is published */
    record State(int version, boolean open) {}

    State state(String draftId) {
        var draft = repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist."));
        return new State(draft.version(), draft.openProfileId() != null);
    }

    /** Gives the draft a picture of the fixture: kept beside the draft, named by its content, so that undo finds the one before. */
    LoadedDraft putPicture(String draftId, int seen, byte[] png, Change change) {
        requireOpen(draftId);
        var name = transactions.run(() -> {
            var sha = revisions.putContent(png);
            var called = "picture-" + sha.substring(0, 12);
            repository.putEntry(draftId, called + ".png", sha);
            return called;
        });
        return apply(draftId, seen, new SetPicture(name), change);
    }

    /**
     * Applies an edit, also where others have changed other places since {@code seen}. One that was made already, and whose answer was
     * lost, is not made again.
     *
     * @throws Refusal 409 if its place was changed since {@code seen}, with what happened meanwhile; 422 if the edit does not fit
     */
    public LoadedDraft apply(String draftId, int seen, Edit edit, Change change) {
        return edit(draftId, seen, edit, change).after();
    }

    /** Like {@link #apply}, with the draft as it was before. */
    Changed edit(String draftId, int seen, Edit edit, Change change) {
        if (edit instanceof Begin || edit instanceof BecomeCopy) {
            throw Refusal.unfit("edit", "A profile begins once.");
        }
        return step(draftId, seen, change, now -> {
            if (now.draft().version() != seen
                    && Meanwhile.apply(replayed(now.draft(), seen).history().current(), now.history().current(), edit).isEmpty()) {
                throw stale(draftId, seen);
            }
            var after = keptMap(now.draft().profileId(), changed(now.history(), edit));
            return after == now.history() ? List.of()
                    : List.of(new Forth(Kind.EDIT, StoredForms.EDIT.write(edit), after, after.counting().getLast().sentence()));
        });
    }

    /** Like {@link #apply}, where the edit names files that the draft is to hold. @param files path to content's hash */
    LoadedDraft applyWithFiles(String draftId, int seen, Map<String, String> files, Edit edit, Change change) {
        requireOpen(draftId);
        transactions.run(() -> {
            files.forEach((path, sha) -> repository.putEntry(draftId, path, sha));
            return draftId;
        });
        return apply(draftId, seen, edit, change);
    }

    /** A production's version keeps the DMX map of what it derives from. */
    private History keptMap(String profileId, History after) {
        productionVersions.find(profileId)
            .ifPresent(productionVersion -> KeptMap.broken(bases.baseOf(productionVersion.originRevisionId()).type(), after.current())
                .ifPresent(why -> {
                    throw Refusal.unfit("edit",
                            "This is what '" + productionVersion.production() + "' puts into " + productionVersion.origin()
                                    + ", and keeps its DMX map: " + why
                                    + ". Change what the slots hold, or edit the profile that it derives from.");
                }));
        return after;
    }

    private static History changed(History before, Edit edit) {
        return switch (before.apply(edit)) {
            case History.Result.Changed changed -> changed.history();
            case History.Result.Refused refused -> throw Refusal.unfit(refused.why().field(), refused.why().reason());
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
            if (now.draft().version() < seen || repository.stepsAfter(draftId, seen).stream().anyMatch(each -> each.author().equals(me))) {
                throw stale(draftId, seen);
            }
            int last = now.history().done() - 1;
            int mine = last;
            while (mine >= floor(now.history()) && !now.edits().get(mine).author().equals(me)) {
                mine--;
            }
            if (mine < floor(now.history())) {
                throw Refusal.unfit("history", last < floor(now.history()) ? "There is nothing to undo."
                        : "None of these edits is yours. The history goes back to any point, whoever made it.");
            }
            var what = now.history().counting().get(mine).sentence();
            var moved = mine == last ? now.history()
                    : now.history()
                        .lastly(mine)
                        .orElseThrow(() -> Refusal.unfit("history", "Your last edit, " + what
                                + ", cannot be undone alone: others have built upon it. The history goes back to any point."));
            return List.of(new Forth(Kind.UNDO, mine == last ? null : String.valueOf(mine), moved.undo().orElseThrow(), "Undone: " + what));
        });
    }

    Changed redo(String draftId, int seen, Change change) {
        return step(draftId, seen, change, now -> {
            requireAt(now, seen);
            return List.of(forth(now.history()));
        });
    }

    private static Forth forth(History history) {
        var after = history.redo().orElseThrow(() -> Refusal.unfit("history", "There is nothing to redo."));
        return new Forth(Kind.REDO, null, after, "Done again: " + after.counting().getLast().sentence());
    }

    private static Forth back(History history) {
        var after = history.done() <= floor(history) ? Optional.<History>empty() : history.undo();
        return new Forth(Kind.UNDO, null, after.orElseThrow(() -> Refusal.unfit("history", "There is nothing to undo.")),
                "Undone: " + history.counting().getLast().sentence());
    }

    static int floor(History history) {
        return !history.steps().isEmpty()
                && (history.steps().getFirst().edit() instanceof Begin || history.steps().getFirst().edit() instanceof BecomeCopy) ? 1 : 0;
    }

    /** Goes back, or forth again, until {@code done} edits count, whoever made them. Each step on the way is kept, all of them or none. */
    Changed goTo(String draftId, int seen, int done, Change change) {
        return step(draftId, seen, change, now -> {
            requireAt(now, seen);
            int target = Math.max(done, floor(now.history()));
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

    /** What a change made of a draft. @param before as its asker saw it; null if others have changed it since */
    record Changed(@Nullable LoadedDraft before, LoadedDraft after) {}

    /** A step that is to be kept. @param edit as it is stored */
    private record Forth(Kind kind, @Nullable String edit, History after, String sentence) {}

    /** @param next what the newest state becomes, one step upon the other; none if nothing differs. They stand together or not at all. */
    private Changed step(String draftId, int seen, Change change, Function<LoadedDraft, List<Forth>> next) {
        var changed = transactions.run(() -> {
            var now = requireOpen(draftId);
            if (change.id() != null && repository.hasChange(draftId, change.id())) {
                return new Changed(null, now); // it was made, and only its answer was lost
            }
            var before = now.draft().version() == seen ? now : null;
            for (var forth : next.apply(now)) {
                var step = new StoredStep(now.draft().version() + 1, forth.kind(), forth.edit(), shorten(forth.sentence()),
                        change.author().name(), revisions.now(), change.id());
                if (!repository.append(draftId, now.draft().version(), step)) {
                    requireOpen(draftId); // discarded, published or thrown away meanwhile
                    throw stale(draftId, now.draft().version());
                }
                now = now.after(step, forth.after());
            }
            return new Changed(before, now);
        });
        loaded.put(draftId, changed.after());
        if (changed.before() != changed.after()) {
            events.tell(draftId, new State(changed.after().draft().version(), true));
        }
        return changed;
    }

    LoadedDraft requireOpenAt(String draftId, int seen) {
        var now = requireOpen(draftId);
        requireAt(now, seen);
        return now;
    }

    private void requireAt(LoadedDraft now, int seen) {
        if (now.draft().version() != seen) {
            throw stale(now.draft().id(), seen);
        }
    }

    private LoadedDraft requireOpen(String draftId) {
        var draft = repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist."));
        if (draft.openProfileId() == null) {
            throw Refusal.stale("This draft was published meanwhile; open the profile again to go on.", Map.of("since", List.of()));
        }
        var loaded = load(draft);
        if (loaded.halted() != null) {
            throw Refusal.unfit("version", loaded.halted());
        }
        return loaded;
    }

    Refusal stale(String draftId, int seen) {
        var since = repository.stepsAfter(draftId, seen);
        var who = since.isEmpty() ? "Someone" : since.getLast().author();
        var what = since.isEmpty() ? "" : ": " + since.getLast().sentence();
        return Refusal.stale(
                who + " has changed the same place meanwhile" + what + ". Yours was not applied; look at the new state and try again.",
                Map.of("since", since.stream().map(DraftView.Step::of).toList()));
    }

    private LoadedDraft load(StoredDraft draft) {
        var kept = loaded.getIfPresent(draft.id());
        if (kept != null && kept.draft().version() == draft.version()) {
            return new LoadedDraft(draft, kept.history(), kept.edits(), kept.halted());
        }
        var all = kept != null && kept.draft().version() < draft.version() && kept.halted() == null
                ? goingOn(kept, draft, draft.version()) // another one has gone on with it
                : replayed(draft, draft.version());
        loaded.put(draft.id(), all);
        return all;
    }

    /** {@return the draft as it was at a version} */
    private LoadedDraft replayed(StoredDraft draft, int version) {
        return goingOn(new LoadedDraft(draft.at(0), History.of(bases.baseOf(draft.baseRevisionId()).type()), List.of(), null), draft,
                version);
    }

    /** {@return a draft that is gone on with from an earlier version of it} */
    private LoadedDraft goingOn(LoadedDraft from, StoredDraft draft, int version) {
        var replayed = new LoadedDraft(draft.at(from.draft().version()), from.history(), from.edits(), null);
        for (var step : repository.steps(draft.id(), from.draft().version(), version)) {
            try {
                replayed = replayed.after(step, replay(replayed.history(), step));
            } catch (StoredForm.Unreadable unknown) {
                // what was done before it is there to be read, and to be taken over by hand
                return new LoadedDraft(draft, replayed.history(), replayed.edits(), halted(step, unknown));
            }
        }
        return replayed;
    }

    private History replay(History before, StoredStep step) {
        return switch (step.kind()) {
            case UNDO -> (step.edit() == null ? before : before.lastly(Integer.parseInt(step.edit())).orElseThrow()).undo().orElseThrow();
            case REDO -> before.redo().orElseThrow();
            case EDIT -> switch (before.replay(StoredForms.EDIT.read(Objects.requireNonNull(step.edit())))) {
                case History.Result.Changed changed -> changed.history();
                case History.Result.Refused refused ->
                    throw new StoredForm.Unreadable("it does not fit any more: " + refused.why().reason());
            };
        };
    }

    private static String halted(StoredStep step, StoredForm.Unreadable why) {
        return "Step " + step.version() + " of this draft, '" + step.sentence() + "' by " + step.author() + ", cannot be read: "
                + why.getMessage()
                + ". The draft shows what came before it, and takes no more edits; begin another one from a revision, or start the version of Yellow Kite that wrote it.";
    }

    private static String shorten(String sentence) {
        return sentence.length() <= 1_000 ? sentence : sentence.substring(0, 997) + "...";
    }
}
