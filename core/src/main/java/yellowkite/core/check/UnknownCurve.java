package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A function through a curve that the profile does not have. */
final class UnknownCurve implements Rule.OfChannel {
    @Override
    public String id() {
        return "unknown-curve";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(span -> !span.function().dmxProfile().isEmpty()
                    && view.type().physicalDescriptions().findDmxProfile(span.function().dmxProfile()).isEmpty())
            .map(span -> found(view.place(channel, span), "'" + span.name() + "' uses the curve '" + span.function().dmxProfile()
                    + "', which is not in this profile; it runs straight."));
    }
}
