package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetRangeSlot;
import yellowkite.core.profile.Channel;

/** A named range that brings in a slot past the end of its wheel. */
final class UnknownSlot implements Rule.OfChannel {
    @Override
    public String id() {
        return "unknown-slot";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(Spans.FunctionSpan::isOnWheel)
            .flatMap(span -> view.type()
                .findWheel(span.function().wheel())
                .stream()
                .flatMap(wheel -> span.ranges()
                    .stream()
                    .filter(range -> range.range().slot() != 0 && wheel.findSlot(range.range().slot()).isEmpty())
                    .map(range -> found(view.place(channel, span, range).on(wheel),
                            "'" + range.range().name() + "' points at slot " + range.range().slot() + "; wheel '" + wheel.name() + "' has "
                                    + wheel.slots().size() + ".",
                            new SetRangeSlot(range.range().id(), 0), "Point at no slot"))));
    }
}
