package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Wheel;

/** Which values of a mode bring in which slot of a wheel. */
public final class WheelUse {
    private WheelUse() {}

    /**
     * What a value does with the slot that it brings in. Read from the function's attribute; {@code SPLIT}, from a range called after two
     * slots, stands between them.
     */
    public enum Motion {
        STILL, SPLIT, SHAKES, SPINS, TURNED
    }

    /**
     * Values that bring in a slot, both ends included.
     *
     * @param slot 1 = the first; may lie past the wheel's end
     * @param calledAfterAnother whether the range is called after another slot of the wheel than this one
     */
    public record Span(Channel channel, String function, String range, int slot, long from, long to, Motion motion,
            boolean calledAfterAnother) {}

    /** {@return the spans of a wheel by slot, then by channel and value} */
    public static List<Span> of(FixtureType type, Mode mode, Wheel wheel) {
        var uses = new ArrayList<Span>();
        for (var channel : mode.channels()) {
            for (var span : Spans.of(type, channel)) {
                if (span.function().wheel().equals(wheel.name())) {
                    span.ranges()
                        .stream()
                        .filter(range -> range.range().slot() > 0 && range.from() <= range.to())
                        .forEach(range -> uses.add(new Span(channel, span.name(), range.range().name(), range.range().slot(), range.from(),
                                range.to(), motion(wheel, span, range.range()), SlotNames.other(wheel, range.range()).isPresent())));
                }
            }
        }
        uses.sort(Comparator.comparingInt(Span::slot)); // stable: within a slot the order of the document stays
        return uses;
    }

    private static Motion motion(Wheel wheel, Spans.FunctionSpan span, NamedRange range) {
        var attribute = span.function().attribute();
        var next = wheel.findSlot(range.slot() % Math.max(1, wheel.slots().size()) + 1).map(Wheel.Slot::name).orElse("");
        var own = wheel.findSlot(range.slot()).map(Wheel.Slot::name).orElse("");
        boolean split = !own.isBlank() && !next.isBlank() && !own.equals(next) && range.name().contains(own) && range.name().contains(next);
        return split ? Motion.SPLIT
                : attribute.contains("Shake") ? Motion.SHAKES
                        : attribute.contains("Spin") || attribute.contains("Rotate") ? Motion.SPINS
                                : attribute.contains("Pos") || attribute.contains("Index") ? Motion.TURNED : Motion.STILL;
    }
}
