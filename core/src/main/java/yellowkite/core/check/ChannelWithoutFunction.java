package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A channel that does nothing: no function says what its values mean. */
final class ChannelWithoutFunction implements Rule.OfChannel {
    @Override
    public String id() {
        return "channel-without-function";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.isEmpty() ? Stream.of(found(view.place(channel), "No function says what this channel does; choose its attribute."))
                : Stream.empty();
    }
}
