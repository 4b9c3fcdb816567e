package yellowkite.server.library;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.WrittenFacts;
import yellowkite.core.library.Shelf;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;
import yellowkite.server.library.ListedRepository.SameMap;
import yellowkite.server.library.OriginRepository.Origin;
import yellowkite.server.library.ProfileRepository.StoredProfile;
import yellowkite.server.library.TagRepository.Tags;
import yellowkite.server.library.UseRepository.Use;
import yellowkite.server.revisions.ModeSummary;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.FindingView;
import yellowkite.server.web.Refusal;

/** Gathers what the page of a profile shows. Reads only. */
@Service
class ProfilePages {
    private static final int MOST_ALIKE = 20;
    private final ProfileRepository profiles;
    private final ListedRepository listed;
    private final TagRepository tags;
    private final ProductionVersionRepository productionVersions;
    private final OriginRepository origins;
    private final UseRepository uses;
    private final RevisionRepository revisionRows;
    private final RevisionReader reader;

    ProfilePages(ProfileRepository profiles, ListedRepository listed, TagRepository tags, ProductionVersionRepository productionVersions,
            OriginRepository origins, UseRepository uses, RevisionRepository revisionRows, RevisionReader reader) {
        this.profiles = profiles;
        this.listed = listed;
        this.tags = tags;
        this.productionVersions = productionVersions;
        this.origins = origins;
        this.uses = uses;
        this.revisionRows = revisionRows;
        this.reader = reader;
    }

    /** @param number in the file, 0 = the first */
    record ModeOfPage(int number, String description, ModeSummary summary) {}

    /**
     * @param pin id of the revision that is shown
     * @param revision that is shown; {@code newest} of the profile. @param withdrawn why the shown one is not to be used; null if it is
     * @param binned whether it lies in the bin
     * @param picture address of the fixture's picture; null without one
     * @param sameMaps modes of other profiles that have the same DMX map: likely the same fixture under another name
     * @param facts what the fixture is as a thing
     * @param files what its file holds beside the description
     */
    record ProfileView(String id, String pin, Shelf shelf, String manufacturer, String name, String shortName, String longName,
            String description,
            String fixtureTypeId, House.Category category, String notes,
            @Nullable String picture, int revision, int newest,
            @Nullable String withdrawn, boolean binned, Tags tags,
            @Nullable Origin origin,
            @Nullable String production, List<Use> uses, List<SameMap> sameMaps, List<ModeOfPage> modes,
            List<FindingView> checks, List<String> files, WrittenFacts facts) {}

    /** {@return a profile as a revision has it} @param number null = the newest. @throws Refusal 404 if there is none */
    ProfileView of(String profileId, @Nullable Integer number) {
        var newest = revisionRows.findNewest(profileId)
            .orElseThrow(() -> Refusal.notFound("This profile is not in the library, or was never published."));
        var shown = number == null ? newest : reader.require(profileId, number);
        var type = reader.house(shown.id()).laidOnto(reader.description(shown).type());
        return view(profiles.findById(profileId).orElseThrow(), newest.number(), shown, type);
    }

    private ProfileView view(StoredProfile profile, int newest, StoredRevision shown, FixtureType type) {
        var profileId = profile.id();
        var entries = reader.entries(shown.id());
        var picture = entries.get(type.thumbnail() + ".png");
        var productionVersion = productionVersions.find(profileId);
        return new ProfileView(profileId, shown.id(), profile.shelf(), type.manufacturer(), type.name(), type.shortName(), type.longName(),
                type.description(), type.fixtureTypeId(), type.house().category(), type.house().notes(),
                picture == null ? null : "/api/media/" + picture, shown.number(), newest,
                reader.findWithdrawal(shown.id()).map(each -> each.why()).orElse(null), profile.binnedAt() != null,
                tags.tags(profileId),
                origins.find(profileId)
                    .or(() -> productionVersion.map(each -> new Origin(each.originProfileId(), each.origin(), each.number(),
                            revisionRows.findNewest(each.originProfileId()).map(StoredRevision::number).orElse(each.number()))))
                    .orElse(null),
                productionVersion.map(ProductionVersionRepository.ProductionVersion::production).orElse(null),
                uses.of(List.of(profileId)).getOrDefault(profileId, List.of()), listed.sameMaps(profileId, shown.id(), MOST_ALIKE),
                IntStream.range(0, type.modes().size())
                    .mapToObj(i -> new ModeOfPage(i, type.modes().get(i).description(),
                            ModeSummary.of(CompiledMode.of(type, type.modes().get(i)))))
                    .toList(),
                reader.findings(shown).stream().map(each -> FindingView.of(each, type.house())).toList(),
                List.copyOf(entries.keySet()), WrittenFacts.of(FixtureFacts.of(type)));
    }
}
