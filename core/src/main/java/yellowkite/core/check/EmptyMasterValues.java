package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** Values of a master at which none of the functions that wait for it counts: the channel does nothing there. */
final class EmptyMasterValues implements Rule.OfChannel {
    @Override
    public String id() {
        return "empty-master-values";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        if (Conditions.areNone(spans)) {
            return Stream.empty();
        }
        var masters = spans.stream().map(span -> span.function().modeMaster()).distinct().toList();
        if (masters.size() != 1 || masters.getFirst().isEmpty()) {
            return Stream.empty(); // something always counts, or several masters decide together
        }
        return Stream.ofNullable(Conditions.firstGap(view, masters.getFirst(), spans))
            .map(gap -> found(view.place(channel), "While '" + masters.getFirst() + "' is " + gap.from() + " to " + gap.to()
                    + ", this channel has no function; what it does there is not said."));
    }
}
