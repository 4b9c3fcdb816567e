package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;

/** Which values of a mode bring in which slot of a wheel. */
public final class WheelUse {
    private WheelUse() {}

    /** What a value does with the slot that it brings in. Read from the function's attribute. */
    public enum Motion { STILL, SHAKES, SPINS, TURNED }

    /** Values that bring in a slot, both ends included. @param slot 1 = the first; may lie past the wheel's end */
    public record Span(Channel channel, String function, String range, int slot, long from, long to, Motion motion) {}

    /** {@return the spans of a wheel by slot, then by channel and value} */
    public static List<Span> of(FixtureType type, Mode mode, Wheel wheel) {
        var uses = new ArrayList<Span>();
        for (var channel : mode.channels()) {
            for (var span : Spans.of(type, channel)) {
                if (span.function().wheel().equals(wheel.name())) {
                    span.ranges().stream().filter(range -> range.range().slot() > 0 && range.from() <= range.to())
                            .forEach(range -> uses.add(new Span(channel, span.name(), range.range().name(), range.range().slot(), range.from(), range.to(), motion(span.function().attribute()))));
                }
            }
        }
        uses.sort(Comparator.comparingInt(Span::slot)); // stable: within a slot the order of the document stays
        return uses;
    }

    private static Motion motion(String attribute) {
        return attribute.contains("Shake") ? Motion.SHAKES : attribute.contains("Spin") || attribute.contains("Rotate") ? Motion.SPINS
                : attribute.contains("Pos") || attribute.contains("Index") ? Motion.TURNED : Motion.STILL;
    }
}
