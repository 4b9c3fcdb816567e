package yellowkite.core.check;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** Functions of one name in one logical channel: a link to that name reaches only the first. */
final class DuplicateFunction implements Rule.OfChannel {
    @Override
    public String id() {
        return "duplicate-function";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var seen = new HashSet<String>();
        return spans.stream()
            .filter(span -> !seen.add(span.logical().id() + " " + span.name()))
            .map(span -> found(view.place(channel, span),
                    "There is another function called '" + span.name() + "' on this channel; links reach only the first."));
    }
}
