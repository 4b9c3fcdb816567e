package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.SlotNames;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetRangeSlot;
import yellowkite.core.profile.Channel;

/**
 * A named range that is called after another slot of its wheel than the one it brings in. A wheel that is off by one all along is told by
 * {@link WheelOffByOne}.
 */
final class OtherSlotsName implements Rule.OfChannel {
    @Override
    public String id() {
        return "other-slots-name";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(Spans.FunctionSpan::isOnWheel)
            .flatMap(span -> view.type()
                .findWheel(span.function().wheel())
                .stream()
                .filter(wheel -> !WheelOffByOne.isOffBy(1, wheel, span) && !WheelOffByOne.isOffBy(-1, wheel, span))
                .flatMap(wheel -> span.ranges()
                    .stream()
                    .flatMap(range -> SlotNames.other(wheel, range.range())
                        .stream()
                        .map(named -> found(view.place(channel, span, range).on(wheel),
                                "'" + range.range().name() + "' selects slot " + range.range().slot() + ", '"
                                        + wheel.slots().get(range.range().slot() - 1).name() + "'; it is called after slot " + named + ".",
                                new SetRangeSlot(range.range().id(), named), "Point at slot " + named)))));
    }
}
