package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.profile.Channel;

/** A start value that its own function does not hold. */
final class StartOutsideFunction implements Rule.OfChannel {
    @Override
    public String id() {
        return "start-outside-function";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var initial = channel.findInitialFunction();
        return spans.stream().filter(span -> initial.isPresent() && span.function().id() == initial.get().id() && !span.contains(channel.start()))
                .map(span -> found(view.place(channel, span),
                        "The start value " + channel.start() + " lies outside '" + span.name() + "', which runs from " + span.from() + " to " + span.to() + ".",
                        new SetStartValue(channel.id(), span.from()), "Start at " + span.from()));
    }
}
