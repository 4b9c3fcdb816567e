package yellowkite.core.check;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.RemoveRange;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;

/** Two functions, or two named ranges, that begin at one value: one of them is never reached. */
final class OverlappingStarts implements Rule.OfChannel {
    @Override
    public String id() {
        return "overlapping-starts";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var starts = new HashSet<Start>();
        var functions = spans.stream()
            .filter(span -> !starts.add(new Start(span.logical().id(), span.from(), span.function().modeMaster(),
                    span.function().modeFrom(), span.function().modeTo())))
            .map(span -> found(view.place(channel, span),
                    "'" + span.name() + "' starts at " + span.from() + ", where another function starts already."));
        var ranges = spans.stream().filter(span -> span.byStart().size() < span.ranges().size()).flatMap(span -> {
            var seen = new HashSet<Long>();
            return span.ranges()
                .stream()
                .filter(range -> !seen.add(range.from()))
                .map(range -> found(view.place(channel, span, range),
                        "'" + range.range().name() + "' starts at " + range.from() + ", where another named range starts already.",
                        new RemoveRange(range.range().id()), "Remove the range"));
        });
        return Stream.concat(functions, ranges);
    }

    private record Start(int logical, long from, String master, DmxValue modeFrom, DmxValue modeTo) {}
}
