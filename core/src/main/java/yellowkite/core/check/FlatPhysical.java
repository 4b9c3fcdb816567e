package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.PhysicalUnit;

/** A continuous attribute whose physical range has no width. A stop has none by right. */
final class FlatPhysical implements Rule.OfChannel {
    @Override
    public String id() {
        return "flat-physical";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(span -> view.type().unitOf(span.function().attribute()) != PhysicalUnit.None
                    && span.function().physicalFrom() == span.function().physicalTo()
                    && span.ranges().stream().noneMatch(Spans.RangeSpan::hasOwnPhysical) && !EndNames.saysStop(span.name()))
            .map(span -> found(view.place(channel, span), "'" + span.name() + "' stays at " + span.function().physicalFrom()
                    + " over all its values; its physical ends are equal."));
    }
}
