package yellowkite.core.chart.proposal;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.profile.PhysicalUnit;

/** What a channel says of physical ends that its chart does not state. */
public final class Doubts {
    private static final String ASSUMED = "The chart states no numbers for ";

    private Doubts() {}

    /** Adds one sentence for what is assumed, if anything is. */
    public static void sayWhatIsAssumed(List<FunctionProposal> functions, List<String> doubts) {
        var assumed = functions.stream()
            .filter(each -> each.assumed() && each.unit() != PhysicalUnit.None
                    && each.ranges().stream().allMatch(range -> range.slot() == 0))
            .map(each -> "'" + each.name() + "'")
            .distinct()
            .toList();
        if (!assumed.isEmpty()) {
            doubts.add(ASSUMED + String.join(", ", assumed) + "; the usual ones are assumed.");
        }
    }

    /** {@return the channel with what it assumes said anew} */
    public static ChannelProposal saidAnew(ChannelProposal channel) {
        var doubts = new ArrayList<>(channel.doubts().stream().filter(each -> !each.startsWith(ASSUMED)).toList());
        sayWhatIsAssumed(channel.functions(), doubts);
        return channel.withDoubts(doubts);
    }
}
