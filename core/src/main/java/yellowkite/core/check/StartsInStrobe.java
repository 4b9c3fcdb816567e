package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.profile.Channel;

/** A shutter that flashes before anyone asked for it. */
final class StartsInStrobe implements Rule.OfChannel {
    @Override
    public String id() {
        return "starts-in-strobe";
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
        var initial = channel.findInitialFunction();
        var open = spans.stream()
            .filter(span -> EndNames.isShutter(span.function().attribute()) && EndNames.saysOpen(span.name()))
            .findFirst();
        return spans.stream()
            .filter(span -> initial.isPresent() && span.function() == initial.get()
                    && span.function().attribute().matches("Shutter\\d+Strobe.*") && span.contains(channel.start()))
            .map(span -> found(view.place(channel, span),
                    "The start value " + channel.start() + " lies in '" + span.name()
                            + "': the fixture flashes before anyone asked for it.",
                    open.map(each -> new SetStartValue(channel.id(), each.from())).orElse(null),
                    open.map(each -> "Start in '" + each.name() + "'").orElse("")));
    }
}
