package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** An initial function that is not on its channel. */
final class BrokenInitialFunction implements Rule.OfChannel {
    @Override
    public String id() {
        return "broken-initial-function";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var link = channel.initialFunction();
        boolean known = link.isEmpty() || spans.stream().anyMatch(span -> channel.linkTo(span.logical(), span.function()).equals(link));
        return known ? Stream.empty()
                : Stream
                    .of(found(view.place(channel), "The initial function '" + link + "' is not on this channel; the first one is used."));
    }
}
