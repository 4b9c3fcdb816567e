package yellowkite.server.drafts;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.Media;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.Revision;
import yellowkite.core.xml.Source;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.NewRevision;
import yellowkite.server.revisions.ReadyRevision;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Makes revisions of drafts. */
@Service
class Publishing {
    private static final int MAX_SUMMARY = 300;
    private final Transactions transactions;
    private final Drafts drafts;
    private final DraftBases bases;
    private final DraftRepository repository;
    private final HouseClock clock;
    private final RevisionReader reader;
    private final Revisions revisions;
    private final ProfileRepository profiles;
    private final DraftEvents events;

    Publishing(Transactions transactions, Drafts drafts, DraftBases bases, DraftRepository repository, HouseClock clock,
            RevisionReader reader, Revisions revisions,
            ProfileRepository profiles, DraftEvents events) {
        this.events = events;
        this.transactions = transactions;
        this.drafts = drafts;
        this.bases = bases;
        this.repository = repository;
        this.clock = clock;
        this.reader = reader;
        this.revisions = revisions;
        this.profiles = profiles;
    }

    /**
     * Publishes the draft as the profile's next revision and closes it.
     *
     * @param despite why, although checks find errors; needed only then
     */
    StoredRevision publish(String draftId, int seen, String summary, String despite, RevisionFacts facts, Change change) {
        var line = Line.of("summary", summary, MAX_SUMMARY);
        if (line.isEmpty()) {
            throw Refusal.unfit("summary", "Say in one line what changed, so that colleagues know.");
        }
        var reason = Line.of("despite", despite, MAX_SUMMARY);
        var before = publishedBy(draftId, change);
        if (before.isPresent()) {
            return before.get(); // it is published, and only the answer was lost
        }
        var ready = ready(draftId, seen, line, reason, change); // before the transaction: it may run more than once
        var published = transactions.run(() -> {
            var again = publishedBy(draftId, change);
            if (again.isPresent()) {
                return again.get();
            }
            var home = profiles.lock(ready.profileId());
            if (home.isEmpty() || home.get().binnedAt() != null) {
                throw Refusal.unfit("bin", "This profile is in the bin. Restore it to publish it.");
            }
            requireAt(drafts.requireOpen(draftId), seen);
            var added = revisions.addReady(ready.profileId(), ready.revision(), ready.description());
            revisions.rests(added.revision().id(), facts);
            profiles.rename(ready.profileId(), ready.identity());
            if (!repository.close(draftId, seen, change.id(), added.revision().number())) {
                throw Drafting.stale(repository.stepsAfter(draftId, seen));
            }
            return added.revision();
        });
        events.tell(draftId, new Drafts.State(seen, false));
        return published;
    }

    private Optional<StoredRevision> publishedBy(String draftId, Change change) {
        return repository.find(draftId)
            .filter(draft -> draft.publishedNumber() != null && change.id() != null && change.id().equals(draft.closingChange()))
            .map(draft -> reader.require(draft.profileId(), Objects.requireNonNull(draft.publishedNumber())));
    }

    private void requireAt(LoadedDraft draft, int seen) {
        if (draft.draft().version() != seen) {
            throw Drafting.stale(repository.stepsAfter(draft.draft().id(), seen));
        }
    }

    /** @param description its bytes */
    private record Ready(String profileId, FixtureIdentity identity, ReadyRevision revision, byte[] description) {}

    /** {@return what the draft becomes} A draft at a version is the same for ever, so this holds until it is stored. */
    private Ready ready(String draftId, int seen, String line, String reason, Change change) {
        var draft = drafts.requireOpen(draftId);
        requireAt(draft, seen);
        var base = bases.baseOf(draft.draft().baseRevisionId());
        // an older revision that is brought back is a change, though nobody edited it
        if (draft.history().current().equals(draft.history().base())
                && bases.baseNumber(draft) == bases.newestNumber(draft.draft().profileId())) {
            throw Refusal.unfit("draft",
                    "Nothing has changed since revision " + bases.baseNumber(draft) + ", so there is nothing to publish.");
        }
        var date = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss").format(clock.now());
        var type = draft.history().current().with(f -> {
            f.revisions = new ArrayList<>(f.revisions);
            f.revisions.add(new Revision(line, date, "", change.author().name(), Source.NONE));
        });
        var files = publishedMedia(draft, base);
        var compiled = CompiledType.of(type);
        var findings = Checks.of(compiled, files.facts());
        long errors = findings.stream().filter(each -> each.severity() == Severity.ERROR).count();
        if (errors > 0 && reason.isEmpty()) {
            throw Refusal.unfit("despite", "The checks find " + (errors == 1 ? "an error" : errors + " errors")
                    + ". Correct what can be corrected, or give a reason for publishing with errors.");
        }
        var xml = base.description().withType(type).write();
        var fresh = new NewRevision(compiled, findings, xml, line, errors > 0 ? reason : null, change.author().name(), false);
        return new Ready(draft.draft().profileId(), FixtureIdentity.of(type, ""), ReadyRevision.of(fresh, files.contents()), xml);
    }

    /** Of the pictures that were tried on the way, only those that are used at the end go along. */
    private DraftMedia publishedMedia(LoadedDraft draft, DraftBases.Base base) {
        var type = draft.history().current();
        var used = type.wheels()
            .stream()
            .flatMap(wheel -> wheel.slots().stream())
            .map(slot -> Media.wheelPath(slot.mediaFile()))
            .collect(Collectors.toSet());
        used.add(type.thumbnail() + ".png");
        var shapes = type.models().stream().map(Model::file).collect(Collectors.toSet());
        var own = new LinkedHashMap<>(repository.entries(draft.draft().id()));
        own.keySet()
            .removeIf(path -> !used.contains(path) && !(path.startsWith(Media.MODELS) && shapes.contains(Media.plainName(path))));
        return own.isEmpty() ? base.media() : bases.together(base.media(), own);
    }
}
