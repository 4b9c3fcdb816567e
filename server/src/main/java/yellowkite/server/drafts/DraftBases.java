package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;

/** What drafts stand on: the revision that they began from, with its files and those that a draft adds. */
@Component
class DraftBases {
    /** Revisions never change, so what a draft stands on is asked for once. */
    private final Cache<String, Base> byRevision = Caffeine.newBuilder().maximumSize(64).build();
    private static final Base EMPTY_PAGE = new Base(null, GdtfDescription.of(FixtureType.of(type -> {})), FixtureType.of(type -> {}),
            DraftMedia.NONE);
    /** What pictures are like is read from their bytes once, by path and content. */
    private final Cache<Map<String, String>, DraftMedia> media = Caffeine.newBuilder().maximumSize(64).build();
    private final RevisionRepository revisionRows;
    private final Revisions revisions;
    private final DraftRepository repository;

    DraftBases(RevisionRepository revisionRows, Revisions revisions, DraftRepository repository) {
        this.revisionRows = revisionRows;
        this.revisions = revisions;
        this.repository = repository;
    }

    /** @param revision null for the empty page. @param type with its house part */
    record Base(@Nullable StoredRevision revision, GdtfDescription description, FixtureType type, DraftMedia media) {}

    Base baseOf(@Nullable String revisionId) {
        return revisionId == null ? EMPTY_PAGE : byRevision.get(revisionId, id -> {
            var entries = revisionRows.entries(id);
            var revision = revisionRows.findById(id).orElseThrow();
            var description = revisions.description(revision);
            return new Base(revision, description, revisions.house(id).laidOnto(description.type()),
                    new DraftMedia(entries, revisions.media(entries)));
        });
    }

    /** {@return the number of the profile's own revision that the draft stands on; 0 if it has none yet} */
    int baseNumber(LoadedDraft draft) {
        var revision = baseOf(draft.draft().baseRevisionId()).revision();
        return revision == null || !revision.profileId().equals(draft.draft().profileId()) ? 0 : revision.number();
    }

    /** {@return the number of the profile's newest revision; 0 if it was never published} */
    int newestNumber(String profileId) {
        return revisionRows.findNewest(profileId).map(StoredRevision::number).orElse(0);
    }

    /** {@return the file's entries beside its description} */
    DraftMedia media(LoadedDraft draft) {
        var base = baseOf(draft.draft().baseRevisionId()).media();
        var own = repository.entries(draft.draft().id());
        return own.isEmpty() ? base : together(base, own);
    }

    DraftMedia together(DraftMedia base, Map<String, String> own) {
        var all = new LinkedHashMap<>(base.contents());
        all.putAll(own);
        return media.get(Map.copyOf(all), same -> new DraftMedia(all, revisions.media(all)));
    }
}
