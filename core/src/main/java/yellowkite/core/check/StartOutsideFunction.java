package yellowkite.core.check;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.profile.Channel;

/** A start value that its own function does not hold: of the one that the channel starts in, or of any other. */
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
        return spans.stream().<Finding>mapMulti((span, out) -> {
            boolean first = initial.isPresent() && span.function().id() == initial.get().id();
            var own = span.function().defaultValue();
            if (!first && own == null) {
                return;
            }
            long start = first ? channel.start() : Objects.requireNonNull(own).at(channel.bytes());
            if (span.contains(start)) {
                return;
            }
            var place = view.place(channel, span);
            var outside = " lies outside '" + span.name() + "', which runs from " + span.from() + " to " + span.to() + ".";
            out.accept(first
                    ? found(place, "The start value " + start + outside, new SetStartValue(channel.id(), span.from()),
                            "Start at " + span.from())
                    : found(place,
                            "The default " + start + outside + " A console that goes to this function by its default leaves it at once."));
        });
    }
}
