package yellowkite.server.releases;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.server.library.ManufacturerRepository;
import yellowkite.server.library.ProfileRepository.StoredProfile;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;

/** What stands on the Reference shelf from a house, read at once: a release has thousands of profiles. */
@Component
class ReferenceShelves {
    private final ProfileRepository profiles;
    private final ManufacturerRepository manufacturers;
    private final RevisionRepository revisions;

    ReferenceShelves(ProfileRepository profiles, ManufacturerRepository manufacturers, RevisionRepository revisions) {
        this.profiles = profiles;
        this.manufacturers = manufacturers;
        this.revisions = revisions;
    }

    /** A profile of the shelf. @param manufacturer its name */
    record Standing(StoredProfile profile, String manufacturer, StoredRevision newest, boolean isWithdrawn) {
        boolean isCalled(FixtureIdentity fixture) {
            return manufacturer.equals(fixture.manufacturer()) && profile.name().equals(fixture.name());
        }
    }

    /** What stands there, found by what fixtures are known by. */
    record ReferenceShelf(Map<String, Standing> byProfile, Map<String, Standing> byFixture, Map<String, String> makers) {
        Optional<Standing> byId(String profileId) {
            return Optional.ofNullable(byProfile.get(profileId));
        }

        Optional<Standing> find(FixtureIdentity fixture) {
            return Optional.ofNullable(byFixture.get(key(fixture.id(), makers.get(fixture.manufacturer()), fixture.name())));
        }

        /** @param manufacturer its id; null if nobody is called so */
        private static String key(@Nullable String id, @Nullable String manufacturer, String name) {
            return id == null ? manufacturer + "\n" + name : id;
        }
    }

    ReferenceShelf of(String house) {
        var all = profiles.allOf(Shelf.REFERENCE, house);
        var newest = revisions.newestOf(all.keySet());
        var withdrawn = revisions.withdrawalsAmong(newest.values().stream().map(StoredRevision::id).toList()).keySet();
        var names = manufacturers.namesById();
        var byProfile = new HashMap<String, Standing>();
        var byFixture = new HashMap<String, Standing>();
        newest.forEach((profileId, revision) -> {
            var profile = all.get(profileId);
            if (profile != null) {
                var standing = new Standing(profile, names.getOrDefault(profile.manufacturerId(), ""), revision,
                        withdrawn.contains(revision.id()));
                byProfile.put(profileId, standing);
                byFixture.put(ReferenceShelf.key(profile.fixtureTypeId(), profile.manufacturerId(), profile.name()), standing);
            }
        });
        return new ReferenceShelf(byProfile, byFixture, manufacturers.idsByName());
    }
}
