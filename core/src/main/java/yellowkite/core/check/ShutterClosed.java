package yellowkite.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetHighlight;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.profile.Channel;

/** A shutter that keeps the fixture dark when it starts, or when it is looked for. */
final class ShutterClosed implements Rule.OfChannel {
    @Override
    public String id() {
        return "shutter-closed";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        if (!channel.attribute().startsWith("Shutter")) {
            return Stream.empty();
        }
        var shutters = spans.stream().filter(span -> EndNames.isShutter(span.function().attribute())).toList();
        var open = shutters.stream().flatMap(span -> opens(span).stream()).findFirst();
        if (open.isEmpty()) {
            return Stream.empty();
        }
        var findings = new ArrayList<Finding>();
        var initial = channel.findInitialFunction();
        shutters.stream()
            .filter(span -> initial.isPresent() && span.function() == initial.get() && closedAt(span, channel.start()))
            .forEach(span -> findings.add(
                    found(view.place(channel, span),
                            "The shutter starts closed, at " + channel.start() + ": the fixture stays dark until someone opens it.",
                            new SetStartValue(channel.id(), open.get()), "Start open, at " + open.get())));
        var highlight = channel.highlight();
        if (highlight != null) {
            long raw = highlight.at(channel.bytes());
            var holding = spans.stream().filter(span -> span.contains(raw)).toList();
            if (!holding.isEmpty()
                    && holding.stream().allMatch(span -> EndNames.isShutter(span.function().attribute()) && closedAt(span, raw))) {
                findings.add(found(view.place(channel),
                        "The highlight value " + raw + " closes the shutter: the fixture goes dark where it should be seen.",
                        new SetHighlight(channel.id(), open.get()), "Highlight open, at " + open.get()));
            }
        }
        return findings.stream();
    }

    private static boolean closedAt(Spans.FunctionSpan span, long raw) {
        return span.contains(raw) && span.reachedAt(raw) <= 0;
    }

    /** {@return the first value that is wide open: of a named range, else of the function} */
    private static Optional<Long> opens(Spans.FunctionSpan span) {
        var named = span.ranges()
            .stream()
            .filter(range -> span.contains(range.from()) && EndNames.saysOpen(range.range().name()) && range.physicalFrom() > 0)
            .map(Spans.RangeSpan::from)
            .findFirst();
        return named.isPresent() ? named : Stream.of(span.from(), span.to()).filter(raw -> span.reachedAt(raw) >= 1).findFirst();
    }
}
