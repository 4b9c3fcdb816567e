package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A function on a wheel that the profile does not have. */
final class UnknownWheel implements Rule.OfChannel {
    @Override
    public String id() {
        return "unknown-wheel";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(span -> !span.function().wheel().isEmpty() && view.type().findWheel(span.function().wheel()).isEmpty())
            .map(span -> foundOnWheel(view, channel, span,
                    "'" + span.name() + "' uses the wheel '" + span.function().wheel() + "', which is not in this profile."));
    }
}
