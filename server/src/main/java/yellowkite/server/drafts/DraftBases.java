package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.content.ContentStore;
import yellowkite.server.library.ProductionVersionRepository.ProductionVersion;
import yellowkite.server.library.ProductionVersionRepository;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;

/** What drafts stand on: the revision that they began from, with its files and those that a draft adds. */
@Component
class DraftBases {
    /** Bytes of descriptions; in memory they take some times that. */
    private static final long MOST_KEPT = 16L << 20;
    /** Revisions never change, so what a draft stands on is asked for once. */
    private final Cache<String, Base> byRevision = Caffeine.newBuilder()
        .maximumWeight(MOST_KEPT)
        .weigher((String id, Base base) -> base.bytes())
        .build();
    private static final Base EMPTY_PAGE = new Base(null, GdtfDescription.of(FixtureType.of(type -> {})), FixtureType.of(type -> {}),
            DraftMedia.NONE, 1_000);
    /** What pictures are like is read from their bytes once, by path and content. */
    private final Cache<Map<String, String>, DraftMedia> media = Caffeine.newBuilder().maximumSize(64).build();
    /** A profile is a production's version from its beginning, or never. */
    private final Cache<String, Boolean> plain = Caffeine.newBuilder().maximumSize(1_000).build();
    private final RevisionRepository revisionRows;
    private final ContentStore contents;
    private final RevisionReader reader;
    private final DraftRepository repository;
    private final ProductionVersionRepository productionVersions;

    DraftBases(RevisionRepository revisionRows, ContentStore contents, RevisionReader reader, DraftRepository repository,
            ProductionVersionRepository productionVersions) {
        this.productionVersions = productionVersions;
        this.revisionRows = revisionRows;
        this.contents = contents;
        this.reader = reader;
        this.repository = repository;
    }

    /** @param revision null for the empty page. @param type with its house part. @param bytes of its description, as a weight */
    record Base(@Nullable StoredRevision revision, GdtfDescription description, FixtureType type, DraftMedia media, int bytes) {}

    Base baseOf(@Nullable String revisionId) {
        return revisionId == null ? EMPTY_PAGE : byRevision.get(revisionId, id -> {
            var entries = revisionRows.entries(id);
            var revision = revisionRows.findById(id).orElseThrow();
            var described = reader.described(revision);
            return new Base(revision, described.description(), reader.house(id).laidOnto(described.description().type()),
                    new DraftMedia(entries, contents.media(entries)), described.bytes());
        });
    }

    /** {@return what a production's version derives from; none for any other profile} */
    Optional<ProductionVersion> productionVersion(String profileId) {
        if (plain.getIfPresent(profileId) != null) {
            return Optional.empty();
        }
        var found = productionVersions.find(profileId);
        if (found.isEmpty()) {
            plain.put(profileId, true);
        }
        return found;
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
        return media(draft, true);
    }

    /** Like {@link #media(LoadedDraft)}. @param hasFiles whether the draft adds some of its own */
    DraftMedia media(LoadedDraft draft, boolean hasFiles) {
        var base = baseOf(draft.draft().baseRevisionId()).media();
        var own = hasFiles ? repository.entries(draft.draft().id()) : Map.<String, String>of();
        return own.isEmpty() ? base : together(base, own);
    }

    DraftMedia together(DraftMedia base, Map<String, String> own) {
        var all = new LinkedHashMap<>(base.contents());
        all.putAll(own);
        return media.get(Map.copyOf(all), same -> new DraftMedia(all, contents.media(all)));
    }
}
