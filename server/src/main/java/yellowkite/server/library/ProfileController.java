package yellowkite.server.library;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.WrittenFacts;
import yellowkite.core.library.Shelf;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;
import yellowkite.server.database.Transactions;
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
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** The page of a profile: all that is known of it, to read. */
@RestController
class ProfileController {
    private static final int LONGEST = 300;
    private static final int MOST_ALIKE = 20;
    private final ProfileRepository profiles;
    private final ProductionVersionRepository productionVersions;
    private final OriginRepository origins;
    private final UseRepository uses;
    private final RevisionRepository revisionRows;
    private final RevisionReader reader;
    private final Transactions transactions;
    private final TagRepository tags;
    private final ListedRepository listed;

    ProfileController(ProfileRepository profiles, ProductionVersionRepository productionVersions, OriginRepository origins,
            UseRepository uses, RevisionRepository revisionRows, RevisionReader reader, Transactions transactions, TagRepository tags,
            ListedRepository listed) {
        this.listed = listed;
        this.tags = tags;
        this.profiles = profiles;
        this.productionVersions = productionVersions;
        this.origins = origins;
        this.uses = uses;
        this.revisionRows = revisionRows;
        this.reader = reader;
        this.transactions = transactions;
    }

    /** @param number in the file, 0 = the first */
    record ModeOfPage(int number, String description, ModeSummary summary) {}

    /**
     * @param revision that is shown; {@code newest} of the profile. @param withdrawn why the shown one is not to be used; null if it is
     * @param binned whether it lies in the bin
     * @param picture address of the fixture's picture; null without one
     * @param sameMaps modes of other profiles that have the same DMX map: likely the same fixture under another name
     * @param facts what the fixture is as a thing
     * @param files what its file holds beside the description
     */
    record ProfileView(String id, Shelf shelf, String manufacturer, String name, String shortName, String longName, String description,
            String fixtureTypeId, House.Category category, String notes,
            @Nullable String picture, int revision, int newest,
            @Nullable String withdrawn, boolean binned, Tags tags,
            @Nullable Origin origin,
            @Nullable String production, List<Use> uses, List<SameMap> sameMaps, List<ModeOfPage> modes,
            List<FindingView> checks, List<String> files, WrittenFacts facts) {}

    /** 200 with a profile as a revision has it; 404 if there is none. @param revision null = the newest */
    @GetMapping("/api/profiles/{profileId}")
    ProfileView page(@PathVariable String profileId, @RequestParam(required = false) @Nullable Integer revision) {
        var newest = revisionRows.findNewest(profileId)
            .orElseThrow(() -> Refusal.notFound("This profile is not in the library, or was never published."));
        var shown = revision == null ? newest : reader.require(profileId, revision);
        var type = reader.house(shown.id()).laidOnto(reader.description(shown).type());
        return view(profiles.findById(profileId).orElseThrow(), newest.number(), shown, type);
    }

    private ProfileView view(StoredProfile profile, int newest, StoredRevision shown, FixtureType type) {
        var profileId = profile.id();
        var entries = reader.entries(shown.id());
        var picture = entries.get(type.thumbnail() + ".png");
        var productionVersion = productionVersions.find(profileId);
        return new ProfileView(profileId, profile.shelf(), type.manufacturer(), type.name(), type.shortName(), type.longName(),
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

    record TagsRequest(int version, String tags, String otherNames) {
        TagsRequest {
            Objects.requireNonNull(tags, "tags");
            Objects.requireNonNull(otherNames, "otherNames");
        }
    }

    /**
     * 200 with tags and other names as they are now; 409 if someone else has changed them since that version; 422 with the {@code field}
     * that does not fit.
     */
    @PutMapping("/api/profiles/{profileId}/tags")
    Tags tag(@PathVariable String profileId, @RequestBody TagsRequest request) {
        if (profiles.findById(profileId).isEmpty()) {
            throw Refusal.notFound("This profile is not in the library.");
        }
        var seen = new Tags(request.version(), Line.of("tags", request.tags(), LONGEST),
                Line.of("otherNames", request.otherNames(), LONGEST));
        if (!transactions.run(() -> tags.putTags(profileId, seen))) {
            throw Refusal.stale("Someone has changed tags or other names meanwhile. Yours were not saved; look at theirs and try again.",
                    Map.of());
        }
        return tags.tags(profileId);
    }
}
