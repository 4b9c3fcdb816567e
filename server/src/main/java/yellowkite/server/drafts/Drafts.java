package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.History;
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
    private final Cache<String, LoadedDraft> loaded = Caffeine.newBuilder().maximumSize(64).build();

    private record Base(StoredRevision revision, Map<String, String> media) {}

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
            return repository.findOpen(profileId).orElseThrow();
        }));
        return load(draft);
    }

    LoadedDraft require(String draftId) {
        return load(repository.find(draftId).orElseThrow(() -> Refusal.notFound("This draft does not exist.")));
    }

    StoredRevision base(LoadedDraft draft) {
        return baseOf(draft.draft().baseRevisionId()).revision();
    }

    /** {@return the file's entries beside its description: path to content} */
    Map<String, String> media(LoadedDraft draft) {
        return baseOf(draft.draft().baseRevisionId()).media();
    }

    private Base baseOf(String revisionId) {
        return bases.get(revisionId, id -> new Base(revisionRows.findById(id).orElseThrow(), revisionRows.entries(id)));
    }

    /**
     * @throws Refusal 409 if the draft is further than {@code seen}, with what happened meanwhile; 422 if the edit does not fit
     */
    LoadedDraft apply(String draftId, int seen, Edit edit, Author author) {
        return step(draftId, seen, author, Kind.EDIT, edit, before -> switch (before.apply(edit)) {
            case History.Result.Changed changed -> changed.history();
            case History.Result.Refused refused -> throw Refusal.unfit(refused.why().field(), refused.why().reason());
        });
    }

    LoadedDraft undo(String draftId, int seen, Author author) {
        return step(draftId, seen, author, Kind.UNDO, null, before -> before.undo().orElseThrow(() -> Refusal.unfit("history", "There is nothing to undo.")));
    }

    LoadedDraft redo(String draftId, int seen, Author author) {
        return step(draftId, seen, author, Kind.REDO, null, before -> before.redo().orElseThrow(() -> Refusal.unfit("history", "There is nothing to redo.")));
    }

    private LoadedDraft step(String draftId, int seen, Author author, Kind kind, @org.jspecify.annotations.Nullable Edit edit, Function<History, History> change) {
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

    /** Publishes the draft as the profile's next revision and closes it. */
    StoredRevision publish(String draftId, int seen, String summary, Author author) {
        var line = summary.strip();
        if (line.isEmpty()) {
            throw Refusal.unfit("summary", "Say in one line what changed, so that colleagues know.");
        }
        if (line.length() > MAX_SUMMARY || line.codePoints().anyMatch(Character::isISOControl)) {
            throw Refusal.unfit("summary", "What changed fits in one line of at most " + MAX_SUMMARY + " letters.");
        }
        return transactions.run(() -> {
            var draft = requireOpenAt(draftId, seen);
            if (draft.history().current().equals(draft.history().base())) {
                throw Refusal.unfit("draft", "Nothing has changed since revision " + base(draft).number() + ", so there is nothing to publish.");
            }
            profiles.lock(draft.draft().profileId());
            var date = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss").format(revisions.now());
            var type = draft.history().current().with(f -> {
                f.revisions = new ArrayList<>(f.revisions);
                f.revisions.add(new Revision(line, date, "", author.name(), Source.NONE));
            });
            var xml = revisions.description(base(draft)).withType(type).write();
            var added = revisions.addStored(draft.draft().profileId(), type, xml, media(draft), line, author.name());
            profiles.rename(draft.draft().profileId(), profiles.findById(draft.draft().profileId()).orElseThrow().manufacturerId(), Revisions.listed(type.name()));
            if (!repository.close(draftId, seen)) {
                throw stale(draftId, seen);
            }
            return added.revision();
        });
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
        var base = baseOf(draft.baseRevisionId()).revision();
        var start = new StoredDraft(draft.id(), draft.profileId(), draft.openProfileId(), draft.baseRevisionId(), 0, draft.openedBy(), draft.openedAt());
        var replayed = new LoadedDraft(start, History.of(revisions.description(base).type()), List.of());
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
