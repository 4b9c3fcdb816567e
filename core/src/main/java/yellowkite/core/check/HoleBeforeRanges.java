package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.MoveRangeStart;
import yellowkite.core.profile.Channel;

/** Values of a function that come before its first named range: they have no name. */
final class HoleBeforeRanges implements Rule.OfChannel {
    @Override
    public String id() {
        return "hole-in-ranges";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(span -> !span.byStart().isEmpty() && span.byStart().getFirst().from() > span.from()
                    && span.contains(span.byStart().getFirst().from()))
            .map(span -> {
                var first = span.byStart().getFirst();
                return found(view.place(channel, span, first),
                        "Values " + span.from() + " to " + (first.from() - 1) + " of '" + span.name() + "' have no named range.",
                        new MoveRangeStart(first.range().id(), span.from()), "Close the hole");
            });
    }
}
