package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import yellowkite.core.history.History;
import yellowkite.core.library.Shelf;
import yellowkite.server.database.HouseClock;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.history.Replay;
import yellowkite.server.history.StoredStep;
import yellowkite.server.library.ProfileRepository.StoredProfile;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Refusal;

/** Drafts as they are read: replayed from what they stand on and their steps, and kept for a while. */
@Service
public class Drafts {
    /** Bytes of the descriptions that they stand on, and so much for each step. */
    private static final long MOST_KEPT = 16L << 20;
    private static final int OF_A_STEP = 2_000;
    private final DraftRepository repository;
    private final RevisionRepository revisionRows;
    private final ProfileRepository profiles;
    private final DraftBases bases;
    private final HouseClock clock;
    private final Cache<String, LoadedDraft> loaded;

    Drafts(DraftRepository repository, RevisionRepository revisionRows, ProfileRepository profiles, DraftBases bases, HouseClock clock) {
        this.repository = repository;
        this.revisionRows = revisionRows;
        this.profiles = profiles;
        this.bases = bases;
        this.clock = clock;
        this.loaded = Caffeine.newBuilder()
            .maximumWeight(MOST_KEPT)
            .weigher((String id, LoadedDraft draft) -> bases.baseOf(draft.draft().baseRevisionId()).bytes()
                    + OF_A_STEP * draft.history().steps().size())
            .build();
    }

    /** @param open false once it is published */
    record State(int version, boolean open) {
        static State of(StoredDraft draft) {
            return new State(draft.version(), draft.openProfileId() != null);
        }
    }

    State state(String draftId) {
        return State.of(requireStored(draftId));
    }

    /** {@return the draft} @throws Refusal 404 if there is none */
    public LoadedDraft require(String draftId) {
        return load(requireStored(draftId));
    }

    /** @throws Refusal 404 if there is none */
    StoredDraft requireStored(String draftId) {
        return repository.find(draftId)
            .or(() -> findUnopened(draftId))
            .or(() -> repository.find(draftId)) // somebody has opened it in between
            .orElseThrow(() -> Refusal.notFound("This draft does not exist."));
    }

    Optional<StoredDraft> findUnopened(String draftId) {
        return Unopened.of(draftId)
            .flatMap(draft -> repository.profileOf(draft).map(profileId -> draft.of(profileId, "", clock.now())));
    }

    /** {@return the profile's open draft} */
    public Optional<LoadedDraft> findOpen(String profileId) {
        return repository.findOpen(profileId).map(this::load);
    }

    /**
     * {@return the profile's open draft, or the one that its first edit opens}
     *
     * @throws Refusal 404 if there is no such profile, 422 if it is not to be edited
     */
    public LoadedDraft ofProfile(String profileId) {
        return findOpen(profileId).orElseGet(() -> {
            var profile = profiles.findById(profileId).orElseThrow(() -> Refusal.notFound("This profile is not in the library."));
            requireOurs(profile);
            var base = revisionRows.findNewest(profileId).orElseThrow(() -> Refusal.notFound("This profile has no revision to edit."));
            return load(new Unopened(base.id(), profile.discarded()).of(profileId, "", clock.now()));
        });
    }

    /** What arrives in releases is the same in every house, and what was thrown away is not edited. */
    static void requireOurs(StoredProfile profile) {
        if (profile.shelf() == Shelf.REFERENCE) {
            throw Refusal.unfit("shelf", "'" + profile.name()
                    + "' stands on the Reference shelf, which is the same in every house. Copy it onto the House shelf and edit that.");
        }
        if (profile.binnedAt() != null) {
            throw Refusal.unfit("bin", "'" + profile.name() + "' is in the bin. Restore it to edit it.");
        }
    }

    LoadedDraft requireOpen(String draftId) {
        return requireOpen(requireStored(draftId));
    }

    /** @throws Refusal 409 if it is published, 422 if it cannot be read to its end */
    LoadedDraft requireOpen(StoredDraft draft) {
        if (draft.openProfileId() == null) {
            throw published();
        }
        var all = load(draft);
        if (all.halted() != null) {
            throw Refusal.unfit("version", all.halted());
        }
        return all;
    }

    static Refusal published() {
        return Refusal.stale("This draft was published meanwhile; open the profile again to go on.", Map.of("since", List.of()));
    }

    /** Keeps a draft as it is now. */
    void keep(LoadedDraft draft) {
        loaded.put(draft.draft().id(), draft);
    }

    void forget(String draftId) {
        loaded.invalidate(draftId);
    }

    LoadedDraft load(StoredDraft draft) {
        var kept = loaded.getIfPresent(draft.id());
        if (kept != null && kept.draft().version() == draft.version()) {
            return new LoadedDraft(draft, kept.history(), kept.edits(), kept.halted());
        }
        var all = kept != null && kept.draft().version() < draft.version() && kept.halted() == null
                ? goingOn(kept, draft, draft.version()) // another one has gone on with it
                : at(draft, draft.version());
        loaded.put(draft.id(), all);
        return all;
    }

    /** {@return the draft as it was at a version} */
    LoadedDraft at(StoredDraft draft, int version) {
        return goingOn(new LoadedDraft(draft.at(0), History.of(bases.baseOf(draft.baseRevisionId()).type()), List.of(), null), draft,
                version);
    }

    /** {@return a draft that is gone on with from an earlier version of it} */
    private LoadedDraft goingOn(LoadedDraft from, StoredDraft draft, int version) {
        var replayed = new LoadedDraft(draft.at(from.draft().version()), from.history(), from.edits(), null);
        for (var step : repository.steps(draft.id(), from.draft().version(), version)) {
            try {
                replayed = replayed.after(step, Replay.after(replayed.history(), step, StoredForms.EDIT));
            } catch (StoredForm.Unreadable unknown) {
                // what was done before it is there to be read, and to be taken over by hand
                return new LoadedDraft(draft, replayed.history(), replayed.edits(), halted(step, unknown));
            }
        }
        return replayed;
    }

    private static String halted(StoredStep step, StoredForm.Unreadable why) {
        return "Step " + step.version() + " of this draft, '" + step.sentence() + "' by " + step.author() + ", cannot be read: "
                + why.getMessage()
                + ". The draft shows what came before it, and takes no more edits; begin another one from a revision, or start the version of Yellow Kite that wrote it.";
    }
}
