package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetHighlight;
import yellowkite.core.profile.Channel;

/** A highlight value at which the channel does nothing. */
final class HighlightOutside implements Rule.OfChannel {
    @Override
    public String id() {
        return "highlight-outside";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var highlight = channel.highlight();
        if (highlight == null || spans.isEmpty() || spans.stream().anyMatch(span -> span.contains(highlight.at(channel.bytes())))) {
            return Stream.empty();
        }
        return Stream.of(found(view.place(channel),
                "At the highlight value " + highlight.at(channel.bytes()) + " no function of this channel is active.",
                new SetHighlight(channel.id(), null), "Take the highlight value away"));
    }
}
