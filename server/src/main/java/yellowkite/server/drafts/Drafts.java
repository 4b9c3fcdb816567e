package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import yellowkite.core.edit.SetPicture;
import yellowkite.core.library.Shelf;
import yellowkite.server.database.Transactions;
import yellowkite.server.drafts.DraftRepository.Kind;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.drafts.DraftRepository.StoredStep;
import yellowkite.server.library.LoadRepository;
import yellowkite.server.library.OriginRepository;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
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
    private final LoadRepository loads;
    private final OriginRepository origins;
    private final Cache<String, LoadedDraft> loaded = Caffeine.newBuilder().maximumSize(64).build();

    Drafts(Transactions transactions, DraftRepository repository, RevisionRepository revisionRows, Revisions revisions,
            ProfileRepository profiles, LoadRepository loads, OriginRepository origins, DraftBases bases) {
        this.loads = loads;
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

        /** What a production puts into the lamps of that profile: all modes, and a DMX map that stays as it is. */
        record Load(String profileId, int revision, String production) implements Start {}
    }

    /** {@return the open draft of a new profile, which has no revision until it is published} */
    LoadedDraft begin(String manufacturer, String name, Start start, Author author) {
        var maker = manufacturer.strip();
        var called = name.strip();
        var guid = UUID.randomUUID().toString().toUpperCase(Locale.ROOT);
        var base = switch (start) {
            case Start.Empty empty -> null;
            case Start.Copy copy -> revisions.require(copy.profileId(), copy.revision());
            case Start.Load load -> revisions.require(load.profileId(), load.revision());
        };
        Edit first = switch (start) {
            case Start.Empty empty -> new Begin(maker, called, guid, empty.body());
            case Start.Copy copy -> new BecomeCopy(maker, called, guid, copy.mode() == null ? null : modeId(base, copy.mode()));
            case Start.Load load -> new BecomeCopy(maker, called, guid, null);
        };
        var begun = changed(History.of(bases.baseOf(base == null ? null : base.id()).type()), first);
        var step = new StoredStep(1, Kind.EDIT, StoredForms.EDIT.write(first), shorten(begun.counting().getLast().sentence()), author.name(), revisions.now());
        var draftId = transactions.run(() -> {
            var profile = profiles.add(Shelf.HOUSE, profiles.findOrAddManufacturer(maker), called, guid);
            var id = UUID.randomUUID().toString();
            repository.open(new StoredDraft(id, profile.id(), profile.id(), base == null ? null : base.id(), 0, author.name(), revisions.now()));
            repository.append(id, 0, step);
            if (start instanceof Start.Load load && base != null) {
                loads.add(profile.id(), production(load.production()), base.id());
            } else if (base != null) {
                origins.add(profile.id(), base.id());
            }
            return id;
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

    private int modeId(@Nullable StoredRevision base, String mode) {
        return revisions.description(base).type().modes().stream().filter(each -> each.name().equals(mode)).findFirst()
                .orElseThrow(() -> Refusal.unfit("mode", "That revision has no mode called '" + mode + "'.")).id();
    }

    /** Throws a draft away; a profile that was never published goes with it. */
    void discard(String draftId, int seen) {
        transactions.run(() -> {
            var draft = requireOpenAt(draftId, seen).draft();
            repository.delete(draftId);
            if (revisionRows.findNewest(draft.profileId()).isEmpty()) {
                loads.delete(draft.profileId());
                origins.delete(draft.profileId());
                profiles.delete(draft.profileId());
            }
            return draft;
        });
        loaded.invalidate(draftId);
    }

    /** {@return the profile's open draft; a new one on its newest revision if there is none} */
    public LoadedDraft open(String profileId, Author author) {
        var draft = transactions.run(() -> repository.findOpen(profileId).orElseGet(() -> {
            requireOurs(profileId);
            var base = revisionRows.findNewest(profileId).orElseThrow(() -> Refusal.notFound("This profile has no revision to edit."));
            repository.open(new StoredDraft(UUID.randomUUID().toString(), profileId, profileId, base.id(), 0, author.name(), revisions.now()));
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
        requireOurs(profileId);
        var draft = transactions.run(() -> {
            var open = repository.findOpen(profileId);
            if (open.isPresent() && !base.id().equals(open.get().baseRevisionId())) {
                if (open.get().version() > 0) {
                    throw Refusal.unfit("revision", "A draft by " + open.get().openedBy() + " is under way. Publish it or throw it away, then begin from revision " + number + ".");
                }
                repository.delete(open.get().id());
            }
            repository.open(new StoredDraft(UUID.randomUUID().toString(), profileId, profileId, base.id(), 0, author.name(), revisions.now()));
            return repository.findOpenNow(profileId).orElseThrow();
        });
        return load(draft);
    }

    /** What arrives in releases is the same in every house. */
    private void requireOurs(String profileId) {
        var profile = profiles.findById(profileId).orElseThrow(() -> Refusal.notFound("This profile is not in the library."));
        if (profile.shelf() == Shelf.REFERENCE) {
            throw Refusal.unfit("shelf", "'" + profile.name() + "' stands on the Reference shelf, which is the same in every house. Take a copy onto the House shelf and edit that.");
        }
        if (profile.binnedAt() != null) {
            throw Refusal.unfit("bin", "'" + profile.name() + "' lies in the bin. Take it out to edit it.");
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

    /** Gives the draft a picture of the lamp: kept beside the draft, named by its content, so that undo finds the one before. */
    LoadedDraft putPicture(String draftId, int seen, byte[] png, Author author) {
        requireOpenAt(draftId, seen);
        var name = transactions.run(() -> {
            var sha = revisions.putContent(png);
            var called = "picture-" + sha.substring(0, 12);
            repository.putEntry(draftId, called + ".png", sha);
            return called;
        });
        return apply(draftId, seen, new SetPicture(name), author);
    }

    /**
     * @throws Refusal 409 if the draft is further than {@code seen}, with what happened meanwhile; 422 if the edit does not fit
     */
    public LoadedDraft apply(String draftId, int seen, Edit edit, Author author) {
        if (edit instanceof Begin || edit instanceof BecomeCopy) {
            throw Refusal.unfit("edit", "A profile begins once.");
        }
        return step(draftId, seen, author, Kind.EDIT, edit, before -> keptMap(draftId, changed(before, edit)));
    }

    /** Like {@link #apply}, where the edit names files that the draft is to hold. @param files path to content's hash */
    LoadedDraft applyWithFiles(String draftId, int seen, Map<String, String> files, Edit edit, Author author) {
        requireOpenAt(draftId, seen);
        transactions.run(() -> {
            files.forEach((path, sha) -> repository.putEntry(draftId, path, sha));
            return draftId;
        });
        return apply(draftId, seen, edit, author);
    }

    /** A production's load keeps the DMX map of what it derives from. */
    private History keptMap(String draftId, History after) {
        var profile = repository.find(draftId).orElseThrow().profileId();
        loads.find(profile).ifPresent(load -> KeptMap.broken(bases.baseOf(load.originRevisionId()).type(), after.current()).ifPresent(why -> {
            throw Refusal.unfit("edit", "This is what '" + load.production() + "' puts into " + load.origin() + ", and keeps its DMX map: " + why + ". Change what the slots hold, or edit the profile that it derives from.");
        }));
        return after;
    }

    private static History changed(History before, Edit edit) {
        return switch (before.apply(edit)) {
            case History.Result.Changed changed -> changed.history();
            case History.Result.Refused refused -> throw Refusal.unfit(refused.why().field(), refused.why().reason());
        };
    }

    LoadedDraft undo(String draftId, int seen, Author author) {
        return step(draftId, seen, author, Kind.UNDO, null, before -> undone(before).orElseThrow(() -> Refusal.unfit("history", "There is nothing to undo.")));
    }

    LoadedDraft redo(String draftId, int seen, Author author) {
        return step(draftId, seen, author, Kind.REDO, null, before -> before.redo().orElseThrow(() -> Refusal.unfit("history", "There is nothing to redo.")));
    }

    /** A profile's beginning is not undone: the draft is thrown away instead. */
    private static Optional<History> undone(History history) {
        return history.done() <= floor(history) ? Optional.empty() : history.undo();
    }

    static int floor(History history) {
        return !history.steps().isEmpty() && (history.steps().getFirst().edit() instanceof Begin || history.steps().getFirst().edit() instanceof BecomeCopy) ? 1 : 0;
    }

    /** Goes back, or forth again, until {@code done} edits count. Each step on the way is kept like any other. */
    LoadedDraft goTo(String draftId, int seen, int done, Author author) {
        var draft = transactions.run(() -> requireOpenAt(draftId, seen));
        int target = Math.max(done, floor(draft.history()));
        if (done < 0 || target > draft.history().steps().size()) {
            throw Refusal.unfit("done", "The history has no such point.");
        }
        while (draft.history().done() != target) {
            draft = draft.history().done() > target ? undo(draftId, draft.draft().version(), author) : redo(draftId, draft.draft().version(), author);
        }
        return draft;
    }

    private LoadedDraft step(String draftId, int seen, Author author, Kind kind, @Nullable Edit edit, Function<History, History> change) {
        var after = transactions.run(() -> {
            var before = requireOpenAt(draftId, seen);
            var history = change.apply(before.history());
            if (history == before.history()) {
                return before; // the edit changed nothing
            }
            var sentence = switch (kind) {
                case EDIT -> history.counting().getLast().sentence();
                case UNDO -> "Undone: " + before.history().counting().getLast().sentence();
                case REDO -> "Done again: " + history.counting().getLast().sentence();
            };
            var step = new StoredStep(seen + 1, kind, edit == null ? null : StoredForms.EDIT.write(edit), shorten(sentence), author.name(), revisions.now());
            if (!repository.append(draftId, seen, step)) {
                throw stale(draftId, seen);
            }
            return before.after(step, history);
        });
        loaded.put(draftId, after);
        return after;
    }

    LoadedDraft requireOpenAt(String draftId, int seen) {
        var draft = repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist."));
        if (draft.openProfileId() == null) {
            throw Refusal.stale("This draft was published meanwhile; open the profile again to go on.", Map.of("since", List.of()));
        }
        if (draft.version() != seen) {
            throw stale(draftId, seen);
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
        return Refusal.stale(who + " has changed this draft meanwhile" + what + ". Yours was not applied; look at the new state and try again.",
                Map.of("since", since.stream().map(DraftView.Step::of).toList()));
    }

    private LoadedDraft load(StoredDraft draft) {
        var kept = loaded.getIfPresent(draft.id());
        if (kept != null && kept.draft().version() == draft.version()) {
            return new LoadedDraft(draft, kept.history(), kept.edits(), kept.halted());
        }
        var start = new StoredDraft(draft.id(), draft.profileId(), draft.openProfileId(), draft.baseRevisionId(), 0, draft.openedBy(), draft.openedAt());
        var replayed = new LoadedDraft(start, History.of(bases.baseOf(draft.baseRevisionId()).type()), List.of(), null);
        for (var step : repository.stepsAfter(draft.id(), 0)) {
            if (step.version() <= draft.version()) {
                try {
                    replayed = replayed.after(step, replay(replayed.history(), step));
                } catch (StoredForm.Unreadable unknown) {
                    // what was done before it is there to be read, and to be taken over by hand
                    replayed = new LoadedDraft(draft, replayed.history(), replayed.edits(), halted(step, unknown));
                    break;
                }
            }
        }
        loaded.put(draft.id(), replayed);
        return replayed;
    }

    private History replay(History before, StoredStep step) {
        return switch (step.kind()) {
            case UNDO -> before.undo().orElseThrow();
            case REDO -> before.redo().orElseThrow();
            case EDIT -> switch (before.replay(StoredForms.EDIT.read(step.edit()))) {
                case History.Result.Changed changed -> changed.history();
                case History.Result.Refused refused -> throw new StoredForm.Unreadable("it does not fit any more: " + refused.why().reason());
            };
        };
    }

    private static String halted(StoredStep step, StoredForm.Unreadable why) {
        return "Step " + step.version() + " of this draft, '" + step.sentence() + "' by " + step.author() + ", cannot be read: " + why.getMessage()
                + ". The draft shows what came before it, and takes no more edits; begin another one from a revision, or start the version of Yellow Kite that wrote it.";
    }

    private static String shorten(String sentence) {
        return sentence.length() <= 1_000 ? sentence : sentence.substring(0, 997) + "...";
    }
}
