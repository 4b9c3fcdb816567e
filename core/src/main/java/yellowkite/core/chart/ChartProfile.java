package yellowkite.core.chart;

import java.util.HashSet;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.StandardName;

/** The profile that a proposal gives when nobody touches it. Channels without an attribute are left out. */
public final class ChartProfile {
    private static final int LONGEST_NAME = 80;

    private ChartProfile() {}

    /** @param id of the new type, a GUID. @param source what the chart is called; empty = nothing is kept of where channels come from */
    public static FixtureType of(Proposal proposal, String id, String source) {
        var manufacturer = proposal.manufacturer() == null ? "Unknown manufacturer" : proposal.manufacturer();
        var type = ProfileBuilder
            .profile(manufacturer, StandardName.of(proposal.model() == null ? "From a chart" : proposal.model(), LONGEST_NAME))
            .id(id)
            .body(ProfileBuilder.part(yellowkite.core.profile.Geometry.Kind.Geometry, "Base",
                    ProfileBuilder.part(yellowkite.core.profile.Geometry.Kind.Beam, "Beam")))
            .build();
        var names = new HashSet<String>();
        for (var mode : proposal.modes()) {
            type = ChartMode.added(type, mode.withName(ChartBody.fresh(names, StandardName.of(mode.name(), LONGEST_NAME))),
                    proposal.wheels(), source);
        }
        return type;
    }
}
