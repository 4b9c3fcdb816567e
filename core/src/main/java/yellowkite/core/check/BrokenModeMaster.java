package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A function that waits for a channel or function which is not there, so that it never counts. */
final class BrokenModeMaster implements Rule.OfChannel {
    @Override
    public String id() {
        return "broken-mode-master";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return Conditions.areNone(spans) ? Stream.empty()
                : spans.stream()
                    .filter(span -> !span.function().modeMaster().isEmpty() && view.links().find(span.function().modeMaster()) == null)
                    .map(span -> found(view.place(channel, span),
                            "'" + span.name() + "' never counts: its mode master '" + span.function().modeMaster()
                                    + "' is not in this mode."));
    }
}
