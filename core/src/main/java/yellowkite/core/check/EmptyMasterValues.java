package yellowkite.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;

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
        if (nothingWaits(spans)) {
            return Stream.empty();
        }
        var masters = spans.stream().map(span -> span.function().modeMaster()).distinct().toList();
        if (masters.size() != 1 || masters.getFirst().isEmpty()) {
            return Stream.empty(); // something always counts, or several masters decide together
        }
        return Stream.ofNullable(firstGap(view, masters.getFirst(), spans))
                .map(gap -> found(view.place(channel), "While '" + masters.getFirst() + "' is " + gap.from() + " to " + gap.to() + ", this channel has no function; what it does there is not said."));
    }

    /** Most channels wait for nothing; rules about conditions ask this first. */
    static boolean nothingWaits(List<Spans.FunctionSpan> spans) {
        for (var span : spans) {
            if (!span.function().modeMaster().isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** {@return the first values of a master at which none of these functions counts; null if there are none} */
    static @Nullable Values firstGap(ModeView view, String master, List<Spans.FunctionSpan> waiting) {
        var target = view.links().find(master);
        var of = target == null ? null : values(target.channel(), target.function() == null ? null : target.function().id());
        return of == null ? null : firstGap(waiting, target.channel().bytes(), of);
    }

    /** Values of a master, both ends included. */
    record Values(long from, long to) {}

    private static @Nullable Values values(Channel master, @Nullable Integer function) {
        return function == null ? new Values(0, master.max()) : Spans.find(master, function).map(span -> new Values(span.from(), span.to())).orElse(null);
    }

    /** {@return the first values of the master that no condition holds} Less than a step of the first byte is told as a gap between conditions. */
    private static @Nullable Values firstGap(List<Spans.FunctionSpan> spans, int bytes, Values of) {
        long least = (DmxValue.max(bytes) + 1) >> 8;
        long next = of.from();
        for (var condition : spans.stream().map(span -> new Values(span.function().modeFrom().at(bytes), span.function().modeTo().at(bytes))).sorted(Comparator.comparingLong(Values::from)).toList()) {
            if (condition.from() - next >= least) {
                return new Values(next, Math.min(condition.from() - 1, of.to()));
            }
            next = Math.max(next, condition.to() + 1);
        }
        return of.to() - next + 1 >= least ? new Values(next, of.to()) : null;
    }
}
