package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Severity;
import yellowkite.core.edit.BecomeCopy;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.History;
import yellowkite.core.edit.SetPicture;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Revision;
import yellowkite.core.profile.Source;
import yellowkite.server.database.Transactions;
import yellowkite.server.drafts.DraftRepository.Kind;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.drafts.DraftRepository.StoredStep;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Drafts: opened, edited, undone, redone, published. Documents are replayed from the stored steps and kept for a while. */
@Service
class Drafts {
    private static final int MAX_SUMMARY = 300;

    private final Transactions transactions;
    private final DraftRepository repository;
    private final RevisionRepository revisionRows;
    private final Revisions revisions;
    private final ProfileRepository profiles;
    private final JsonMapper json;
    /** Revisions never change, so what a draft stands on is asked for once. */
    private final Cache<String, Base> bases = Caffeine.newBuilder().maximumSize(64).build();
    private static final Base EMPTY_PAGE = new Base(null, GdtfDescription.of(FixtureType.of(type -> {})), FixtureType.of(type -> {}), DraftMedia.NONE);
    /** What pictures are like is read from their bytes once, by path and content. */
    private final Cache<Map<String, String>, DraftMedia> media = Caffeine.newBuilder().maximumSize(64).build();
    private final Cache<String, LoadedDraft> loaded = Caffeine.newBuilder().maximumSize(64).build();

    /** @param revision null for the empty page. @param type with its house part */
    private record Base(@Nullable StoredRevision revision, GdtfDescription description, FixtureType type, DraftMedia media) {}

    /** How a new profile begins. */
    sealed interface Start {
        record Empty(Begin.Body body) implements Start {}

        /** @param mode name of the only mode that is kept; null = all */
        record Copy(String profileId, int revision, @Nullable String mode) implements Start {}
    }

    /** {@return the open draft of a new profile, which has no revision until it is published} */
    LoadedDraft begin(String manufacturer, String name, Start start, Author author) {
        var maker = manufacturer.strip();
        var called = name.strip();
        var guid = UUID.randomUUID().toString().toUpperCase(Locale.ROOT);
        var base = switch (start) {
            case Start.Empty empty -> null;
            case Start.Copy copy -> revisions.require(copy.profileId(), copy.revision());
        };
        Edit first = switch (start) {
            case Start.Empty empty -> new Begin(maker, called, guid, empty.body());
            case Start.Copy copy -> new BecomeCopy(maker, called, guid, copy.mode() == null ? null : modeId(base, copy.mode()));
        };
        var begun = changed(History.of(baseOf(base == null ? null : base.id()).type()), first);
        var step = new StoredStep(1, Kind.EDIT, json.writerFor(Edit.class).writeValueAsString(first), shorten(begun.counting().getLast().sentence()), author.name(), revisions.now());
        var draftId = transactions.run(() -> {
            var profile = profiles.add(profiles.findOrAddManufacturer(maker), called, guid);
            var id = UUID.randomUUID().toString();
            repository.open(new StoredDraft(id, profile.id(), profile.id(), base == null ? null : base.id(), 0, author.name(), revisions.now()));
            repository.append(id, 0, step);
            return id;
        });
        return require(draftId);
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
                profiles.delete(draft.profileId());
            }
            return draft;
        });
        loaded.invalidate(draftId);
    }

    Drafts(Transactions transactions, DraftRepository repository, RevisionRepository revisionRows, Revisions revisions,
            ProfileRepository profiles, JsonMapper json) {
        this.transactions = transactions;
        this.repository = repository;
        this.revisionRows = revisionRows;
        this.revisions = revisions;
        this.profiles = profiles;
        this.json = json;
    }

    /** {@return the profile's open draft; a new one on its newest revision if there is none} */
    LoadedDraft open(String profileId, Author author) {
        var draft = transactions.run(() -> repository.findOpen(profileId).orElseGet(() -> {
            profiles.findById(profileId).orElseThrow(() -> Refusal.notFound("This profile is not in the library."));
            var base = revisionRows.findNewest(profileId).orElseThrow(() -> Refusal.notFound("This profile has no revision to edit."));
            repository.open(new StoredDraft(UUID.randomUUID().toString(), profileId, profileId, base.id(), 0, author.name(), revisions.now()));
            return repository.findOpenNow(profileId).orElseThrow();
        }));
        return load(draft);
    }

    LoadedDraft require(String draftId) {
        return load(repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist.")));
    }

    /** @param open false once it is published */
    record State(int version, boolean open) {}

    State state(String draftId) {
        var draft = repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist."));
        return new State(draft.version(), draft.openProfileId() != null);
    }

    /** {@return the number of the profile's own revision that the draft stands on; 0 if it has none yet} */
    int baseNumber(LoadedDraft draft) {
        var revision = baseOf(draft.draft().baseRevisionId()).revision();
        return revision == null || !revision.profileId().equals(draft.draft().profileId()) ? 0 : revision.number();
    }

    /** {@return the file's entries beside its description} */
    DraftMedia media(LoadedDraft draft) {
        var base = baseOf(draft.draft().baseRevisionId()).media();
        var own = repository.entries(draft.draft().id());
        return own.isEmpty() ? base : together(base, own);
    }

    private DraftMedia together(DraftMedia base, Map<String, String> own) {
        var all = new LinkedHashMap<>(base.contents());
        all.putAll(own);
        return media.get(Map.copyOf(all), same -> new DraftMedia(all, revisions.media(all)));
    }

    /** Gives the draft a picture of the lamp: kept beside the draft, named by its content, so that undo finds the one before. */
    LoadedDraft putPicture(String draftId, int seen, byte[] png, Author author) {
        requireOpenAt(draftId, seen);
        var sha = transactions.run(() -> revisions.putContent(png));
        var name = "picture-" + sha.substring(0, 12);
        transactions.run(() -> {
            repository.putEntry(draftId, name + ".png", sha);
            return sha;
        });
        return apply(draftId, seen, new SetPicture(name), author);
    }

    private Base baseOf(@Nullable String revisionId) {
        return revisionId == null ? EMPTY_PAGE : bases.get(revisionId, id -> {
            var entries = revisionRows.entries(id);
            var revision = revisionRows.findById(id).orElseThrow();
            var description = revisions.description(revision);
            return new Base(revision, description, revisions.house(id).laidOnto(description.type()), new DraftMedia(entries, revisions.media(entries)));
        });
    }

    /**
     * @throws Refusal 409 if the draft is further than {@code seen}, with what happened meanwhile; 422 if the edit does not fit
     */
    LoadedDraft apply(String draftId, int seen, Edit edit, Author author) {
        if (edit instanceof Begin || edit instanceof BecomeCopy) {
            throw Refusal.unfit("edit", "A profile begins once.");
        }
        return step(draftId, seen, author, Kind.EDIT, edit, before -> changed(before, edit));
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
            var step = new StoredStep(seen + 1, kind, edit == null ? null : json.writerFor(Edit.class).writeValueAsString(edit), shorten(sentence), author.name(), revisions.now());
            if (!repository.append(draftId, seen, step)) {
                throw stale(draftId, seen);
            }
            return before.after(step, history);
        });
        loaded.put(draftId, after);
        return after;
    }

    /**
     * Publishes the draft as the profile's next revision and closes it.
     *
     * @param despite why, although checks find errors; needed only then
     */
    StoredRevision publish(String draftId, int seen, String summary, String despite, Author author) {
        var line = summary.strip();
        if (line.isEmpty()) {
            throw Refusal.unfit("summary", "Say in one line what changed, so that colleagues know.");
        }
        requireLine("summary", line);
        return transactions.run(() -> {
            var draft = requireOpenAt(draftId, seen);
            var base = baseOf(draft.draft().baseRevisionId());
            if (draft.history().current().equals(draft.history().base())) {
                throw Refusal.unfit("draft", "Nothing has changed since revision " + baseNumber(draft) + ", so there is nothing to publish.");
            }
            var files = publishedMedia(draft, base);
            long errors = Checks.of(draft.history().current(), files.facts()).stream().filter(each -> each.severity() == Severity.ERROR).count();
            if (errors > 0 && despite.isBlank()) {
                throw Refusal.unfit("despite", "The checks find " + (errors == 1 ? "an error" : errors + " errors") + ". Mend what can be mended, or say why it is published all the same.");
            }
            requireLine("despite", despite);
            profiles.lock(draft.draft().profileId());
            var date = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss").format(revisions.now());
            var type = draft.history().current().with(f -> {
                f.revisions = new ArrayList<>(f.revisions);
                f.revisions.add(new Revision(line, date, "", author.name(), Source.NONE));
            });
            var xml = base.description().withType(type).write();
            var added = revisions.addStored(draft.draft().profileId(), type, xml, files.contents(), line, errors > 0 ? despite.strip() : null, author.name());
            profiles.rename(draft.draft().profileId(), profiles.findOrAddManufacturer(Revisions.listed(type.manufacturer().isBlank() ? "Unknown maker" : type.manufacturer().strip())), Revisions.listed(type.name()));
            if (!repository.close(draftId, seen)) {
                throw stale(draftId, seen);
            }
            return added.revision();
        });
    }

    /** Of the pictures that were tried on the way, only the last one goes along. */
    private DraftMedia publishedMedia(LoadedDraft draft, Base base) {
        var picture = draft.history().current().thumbnail() + ".png";
        var own = new LinkedHashMap<>(repository.entries(draft.draft().id()));
        own.keySet().removeIf(path -> !path.equals(picture));
        return own.isEmpty() ? base.media() : together(base.media(), own);
    }

    private static void requireLine(String field, String text) {
        if (text.length() > MAX_SUMMARY || text.codePoints().anyMatch(Character::isISOControl)) {
            throw Refusal.unfit(field, "This fits in one line of at most " + MAX_SUMMARY + " letters.");
        }
    }

    private LoadedDraft requireOpenAt(String draftId, int seen) {
        var draft = repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist."));
        if (draft.openProfileId() == null) {
            throw Refusal.stale("This draft was published meanwhile; open the profile again to go on.", Map.of("since", List.of()));
        }
        if (draft.version() != seen) {
            throw stale(draftId, seen);
        }
        return load(draft);
    }

    private Refusal stale(String draftId, int seen) {
        var since = repository.stepsAfter(draftId, seen);
        var who = since.isEmpty() ? "Someone" : since.getLast().author();
        var what = since.isEmpty() ? "" : ": " + since.getLast().sentence();
        return Refusal.stale(who + " has changed this draft meanwhile" + what + ". Yours was not applied; look at the new state and try again.",
                Map.of("since", since.stream().map(DraftView.Step::of).toList()));
    }

    private LoadedDraft load(StoredDraft draft) {
        var kept = loaded.getIfPresent(draft.id());
        if (kept != null && kept.draft().version() == draft.version()) {
            return new LoadedDraft(draft, kept.history(), kept.edits());
        }
        var start = new StoredDraft(draft.id(), draft.profileId(), draft.openProfileId(), draft.baseRevisionId(), 0, draft.openedBy(), draft.openedAt());
        var replayed = new LoadedDraft(start, History.of(baseOf(draft.baseRevisionId()).type()), List.of());
        for (var step : repository.stepsAfter(draft.id(), 0)) {
            replayed = step.version() <= draft.version() ? replayed.after(step, replay(replayed.history(), step)) : replayed;
        }
        loaded.put(draft.id(), replayed);
        return replayed;
    }

    private History replay(History before, StoredStep step) {
        return switch (step.kind()) {
            case UNDO -> before.undo().orElseThrow();
            case REDO -> before.redo().orElseThrow();
            case EDIT -> switch (before.apply(json.readValue(step.edit(), Edit.class))) {
                case History.Result.Changed changed -> changed.history();
                case History.Result.Refused refused ->
                    throw new IllegalStateException("step " + step.version() + " of a draft no longer fits: " + refused.why().reason());
            };
        };
    }

    private static String shorten(String sentence) {
        return sentence.length() <= 1_000 ? sentence : sentence.substring(0, 997) + "...";
    }
}
