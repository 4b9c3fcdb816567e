package yellowkite.server.drafts;

import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.edit.BecomeCopy;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.core.history.History;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.history.StoredStep.Kind;
import yellowkite.server.history.StoredStep;
import yellowkite.server.library.OriginRepository;
import yellowkite.server.library.ProductionVersionRepository;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** How drafts begin and how they are thrown away. */
@Service
class Beginnings {
    private final Transactions transactions;
    private final DraftRepository repository;
    private final RevisionRepository revisionRows;
    private final RevisionReader reader;
    private final ProfileRepository profiles;
    private final DraftBases bases;
    private final ProductionVersionRepository productionVersions;
    private final OriginRepository origins;
    private final DraftEvents events;
    private final Drafts drafts;
    private final HouseClock clock;

    Beginnings(Transactions transactions, DraftRepository repository, RevisionRepository revisionRows, RevisionReader reader,
            ProfileRepository profiles, DraftBases bases, ProductionVersionRepository productionVersions, OriginRepository origins,
            DraftEvents events, Drafts drafts, HouseClock clock) {
        this.transactions = transactions;
        this.repository = repository;
        this.revisionRows = revisionRows;
        this.reader = reader;
        this.profiles = profiles;
        this.bases = bases;
        this.productionVersions = productionVersions;
        this.origins = origins;
        this.events = events;
        this.drafts = drafts;
        this.clock = clock;
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
            case Start.Copy copy -> reader.require(copy.profileId(), copy.revision());
            case Start.ProductionVersion version -> reader.require(version.profileId(), version.revision());
        };
        Edit first = switch (start) {
            case Start.Empty empty -> new Begin(made, called, guid, empty.body());
            case Start.Copy copy ->
                new BecomeCopy(made, called, guid, copy.mode() == null ? null : modeId(Objects.requireNonNull(base), copy.mode()));
            case Start.ProductionVersion version -> new BecomeCopy(made, called, guid, null);
        };
        var begun = Drafting.changed(History.<FixtureType, Edit>of(bases.baseOf(base == null ? null : base.id()).type()), first);
        var step = new StoredStep(1, Kind.EDIT, StoredForms.EDIT.write(first), begun.counting().getLast().sentence(),
                change.author().name(), clock.now(), change.id());
        var draftId = change.id() == null ? UUID.randomUUID().toString() : change.id();
        if (repository.find(draftId).isPresent()) {
            return drafts.require(draftId); // it was begun, and only its answer was lost
        }
        transactions.run(() -> {
            var profile = profiles.add(Shelf.HOUSE, "", FixtureIdentity.of(guid, made, called));
            repository.open(new StoredDraft(draftId, profile.id(), profile.id(), base == null ? null : base.id(), 0, change.author().name(),
                    clock.now(), null, null));
            repository.append(draftId, 0, step);
            if (start instanceof Start.ProductionVersion version && base != null) {
                productionVersions.add(profile.id(), production(version.production()), base.id());
            } else if (base != null) {
                origins.add(profile.id(), base.id());
            }
            return draftId;
        });
        return drafts.require(draftId);
    }

    private static String production(String name) {
        var called = Line.of("production", name, 120);
        if (called.isEmpty()) {
            throw Refusal.unfit("production", "Say for which production it is.");
        }
        return called;
    }

    private int modeId(StoredRevision base, String mode) {
        return reader.description(base)
            .type()
            .modes()
            .stream()
            .filter(each -> each.name().equals(mode))
            .findFirst()
            .orElseThrow(() -> Refusal.unfit("mode", "That revision has no mode called '" + mode + "'."))
            .id();
    }

    /** {@return a draft that begins from a revision of the profile} One that was opened and not edited makes room. */
    LoadedDraft openAt(String profileId, int number, Author author) {
        var base = reader.require(profileId, number);
        var draft = transactions.run(() -> {
            lockOurs(profileId);
            var open = repository.findOpen(profileId);
            if (open.isPresent() && !base.id().equals(open.get().baseRevisionId())) {
                if (open.get().version() > 0) {
                    throw Refusal.unfit("revision", "A draft by " + open.get().openedBy()
                            + " is under way. Publish or discard it, then begin from revision " + number + ".");
                }
                repository.delete(open.get().id());
            }
            repository.open(new StoredDraft(UUID.randomUUID().toString(), profileId, profileId, base.id(), 0, author.name(), clock.now(),
                    null, null));
            return repository.findOpenNow(profileId).orElseThrow();
        });
        return drafts.load(draft);
    }

    /**
     * {@return a draft as it is now, which nobody else changes until the transaction ends} It is stored if it was only looked at so far.
     *
     * @throws Refusal 404 if there is none
     */
    StoredDraft lock(String draftId, Author author) {
        return repository.lock(draftId).or(() -> drafts.findUnopened(draftId).flatMap(draft -> {
            lockOurs(draft.profileId());
            if (drafts.findUnopened(draftId).isEmpty()) { // opened, discarded or overtaken while this waited
                return repository.lock(draftId);
            }
            repository.open(new StoredDraft(draftId, draft.profileId(), draft.profileId(), draft.baseRevisionId(), 0, author.name(),
                    clock.now(), null, null));
            return repository.lock(draftId);
        }))
            .or(() -> repository.lock(draftId)) // somebody else has opened it in between
            .orElseThrow(() -> Refusal.notFound("This draft does not exist."));
    }

    /** Nobody throws the profile away while a draft of it is opened. */
    private void lockOurs(String profileId) {
        Drafts.requireOurs(profiles.lock(profileId).orElseThrow(() -> Refusal.notFound("This profile is not in the library.")));
    }

    /**
     * Throws a draft away, also one that cannot be read to its end; a profile that was never published goes with it. What somebody does to
     * it at the same moment comes before, and is told, or finds it gone.
     *
     * @throws Refusal 409 if it is further than {@code seen}, or published
     */
    void discard(String draftId, int seen) {
        transactions.run(() -> {
            var profileId = drafts.requireStored(draftId).profileId();
            profiles.lock(profileId); // as a first edit does
            var draft = repository.lock(draftId).orElseGet(() -> drafts.requireStored(draftId));
            if (draft.openProfileId() == null || draft.version() != seen) {
                throw draft.openProfileId() == null ? Drafts.published() : Drafting.stale(repository.stepsAfter(draftId, seen));
            }
            profiles.noteDiscarded(profileId);
            repository.delete(draftId);
            if (revisionRows.findNewest(profileId).isEmpty()) {
                profiles.delete(profileId);
            }
            return draft;
        });
        drafts.forget(draftId);
        events.tell(draftId, new Drafts.State(seen + 1, false));
    }
}
