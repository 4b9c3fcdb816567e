package yellowkite.core.chart;

import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;

/**
 * A chart as it is read, with what a person has said of it.
 *
 * @param proposal what it says; its lines that belong nowhere are those of {@code open} and of {@code leftOut}
 * @param open lines that have to be placed or set aside
 * @param leftOut pages and tables that are no chart
 * @param aside reasons by line or channel that was set aside
 * @param settled channels that somebody looked at
 */
public record Reading(Proposal proposal, List<Unplaced> open, List<LeftOut> leftOut, Map<String, String> aside, Set<String> settled) {
    public Reading {
        open = List.copyOf(open);
        leftOut = List.copyOf(leftOut);
        aside = Map.copyOf(aside);
        settled = Set.copyOf(settled);
    }

    /** @param page where it is; {@code begins} with its first words */
    public record LeftOut(String page, int lines, String begins) {}

    /** {@return whether somebody has to look at a channel} */
    public boolean wantsALook(ChannelProposal channel) {
        return channel.attribute() == null || channel.wantsAPerson() && !settled.contains(channel.key());
    }
}
