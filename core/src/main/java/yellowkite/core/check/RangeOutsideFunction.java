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
        return spans.stream().mapMulti((span, out) -> {
            for (var range : span.ranges()) {
                if (!span.contains(range.from())) {
                    out.accept(found(view.place(channel, span, range),
                            "'" + range.range().name() + "' begins at " + range.from() + ", outside '" + span.name() + "' (" + span.from()
                                    + " to " + span.to() + ").",
                            new RemoveRange(range.range().id()), "Remove the range"));
                }
            }
        });
    }
}
