package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.RemoveRange;
import yellowkite.core.profile.Channel;

/** A named range that begins where its function does not reach. */
final class RangeOutsideFunction implements Rule.OfChannel {
    @Override
    public String id() {
        return "range-outside-function";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream().flatMap(span -> span.ranges().stream().filter(range -> !span.contains(range.from()))
                .map(range -> found(view.place(channel, span, range),
                        "'" + range.range().name() + "' begins at " + range.from() + ", outside '" + span.name() + "' (" + span.from() + " to " + span.to() + ").",
                        new RemoveRange(range.range().id()), "Remove the range")));
    }
}
