package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.dmx.ModeComparison;
import yellowkite.core.edit.Stencil;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.web.Refusal;

/** What other profiles offer a draft: modes to compare it with, and channels to lay onto its own. Reads only. */
@RestController
class OthersController {
    private static final int MOST_MODES = 12;
    private static final int MOST_FIXTURES = 100_000;
    private final Drafts drafts;
    private final NewestModes newest;

    OthersController(Drafts drafts, NewestModes newest) {
        this.drafts = drafts;
        this.newest = newest;
    }

    /** One channel that can be laid onto others. @param origin its place in words */
    record ChannelStencil(String mode, String channel, String pretty, String origin, Stencil stencil) {}

    /** 200 with the channels of a draft that can be kept or laid onto others. */
    @GetMapping("/api/drafts/{draftId}/stencils")
    List<ChannelStencil> ofDraft(@PathVariable String draftId) {
        return stencils(drafts.require(draftId).history().current());
    }

    /** 200 with the channels of a profile's newest revision that can be laid onto others; 404 if it has none. */
    @GetMapping("/api/profiles/{profileId}/stencils")
    List<ChannelStencil> ofProfile(@PathVariable String profileId) {
        return stencils(newest.type(profileId));
    }

    private static List<ChannelStencil> stencils(FixtureType type) {
        return type.modes()
            .stream()
            .flatMap(mode -> mode.channels()
                .stream()
                .map(channel -> new ChannelStencil(mode.name(), channel.name(),
                        type.attributeDefinitions().find(channel.attribute()).map(each -> each.pretty()).orElse(channel.attribute()),
                        type.manufacturer() + " " + type.name() + ", " + mode.name(), Stencil.of(channel))))
            .filter(each -> !each.stencil().functions().isEmpty())
            .toList();
    }

    /** @param profile whose mode it is, where it is another one's; else empty */
    record ModeCost(String profile, String name, ModeComparison.Cost cost) {}

    record AttributeRow(String attribute, String pretty, String featureGroup, List<ModeComparison.Cell> cells) {}

    record Comparison(int fixtures, List<ModeCost> modes, List<AttributeRow> rows) {}

    /** A mode of another profile's newest revision. */
    record OtherMode(String profileId, String mode) {
        OtherMode {
            Objects.requireNonNull(profileId, "profileId");
            Objects.requireNonNull(mode, "mode");
        }
    }

    record ComparisonRequest(int fixtures, List<OtherMode> others) {
        ComparisonRequest {
            others = List.copyOf(others);
        }
    }

    /** 200 with the modes of the draft side by side, beside those of other profiles, and what {@code fixtures} of each cost. */
    @PostMapping("/api/drafts/{draftId}/comparison")
    Comparison compare(@PathVariable String draftId, @RequestBody ComparisonRequest request) {
        var type = drafts.require(draftId).history().current();
        if (request.fixtures() < 1 || request.fixtures() > MOST_FIXTURES) {
            throw Refusal.unfit("fixtures", "A number of fixtures lies from 1 to " + MOST_FIXTURES + ".");
        }
        if (request.others().size() > MOST_MODES) {
            throw Refusal.unfit("others", "At most " + MOST_MODES + " modes of other profiles are compared at once.");
        }
        var candidates = new ArrayList<>(type.modes().stream().map(mode -> new ModeComparison.Candidate(type, mode)).toList());
        request.others().forEach(other -> candidates.add(newest.mode(other.profileId(), other.mode())));
        var comparison = ModeComparison.of(candidates, request.fixtures());
        var modes = new ArrayList<ModeCost>();
        for (int i = 0; i < candidates.size(); i++) {
            var candidate = candidates.get(i);
            modes.add(new ModeCost(candidate.type() == type ? "" : candidate.type().name(), candidate.mode().name(),
                    comparison.costs().get(i)));
        }
        return new Comparison(request.fixtures(), modes, comparison.rows().stream().map(row -> {
            var definition = candidates.stream()
                .flatMap(each -> each.type().attributeDefinitions().find(row.attribute()).stream())
                .findFirst();
            return new AttributeRow(row.attribute(), definition.map(each -> each.pretty()).orElse(row.attribute()),
                    definition.map(each -> each.featureGroup()).orElse(""), row.cells());
        }).toList());
    }
}
