package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.SlotNames;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.TurnSlots;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.Wheel;

/** Named ranges that all name the slot beside the one they point at: the whole wheel is off by one. */
final class WheelOffByOne implements Rule.OfChannel {
    /** Two ranges may be named alike by chance; three in a row are not. */
    private static final int ENOUGH = 3;

    @Override
    public String id() {
        return "wheel-off-by-one";
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
                .flatMap(wheel -> Stream.of(1, -1)
                    .filter(shift -> isOffBy(shift, wheel, span))
                    .map(shift -> found(view.place(channel, span).on(wheel),
                            "The ranges of '" + span.name() + "' name the slot " + (shift > 0 ? "after" : "before")
                                    + " the one they point at: wheel '" + wheel.name() + "' is one slot off.",
                            new TurnSlots(span.function().id(), shift), "Turn the wheel by " + shift))));
    }

    static boolean isOffBy(int shift, Wheel wheel, Spans.FunctionSpan span) {
        var pointing = span.ranges().stream().filter(range -> range.range().slot() != 0 && !range.range().name().isBlank()).toList();
        long shifted = pointing.stream()
            .filter(range -> names(wheel, range.range().slot() + shift, range) && !names(wheel, range.range().slot(), range))
            .count();
        return shifted >= ENOUGH && shifted >= pointing.size() - 1;
    }

    private static boolean names(Wheel wheel, int slot, Spans.RangeSpan range) {
        return wheel.findSlot(slot).filter(each -> SlotNames.contains(range.range().name(), each.name())).isPresent();
    }
}
