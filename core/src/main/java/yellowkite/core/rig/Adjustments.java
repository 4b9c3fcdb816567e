package yellowkite.core.rig;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.curve.Smooth.Knot;

/**
 * What one unit does differently from its profile. Source: design, section 6.
 *
 * @param warmUp level that its dimmers never go below, in [0, 1]; null = as its profile does
 * @param startAtZero whether channels without a start of their own begin at 0 instead of their profile's start value
 * @param channels by attribute, or by the name of one channel; those that do as their profile says are not among them
 */
public record Adjustments(boolean swapPanTilt, boolean outsideMaster, @Nullable Double warmUp, boolean startAtZero,
        Map<String, ChannelAdjustment> channels) {
    public static final Adjustments NONE = new Adjustments(false, false, null, false, Map.of());

    /** @throws IllegalArgumentException with a sentence, if a number is outside its interval */
    public Adjustments {
        if (warmUp != null) {
            ChannelAdjustment.requireShare("The warm-up level", warmUp);
        }
        var said = new TreeMap<>(channels);
        said.values().removeIf(ChannelAdjustment.NONE::equals);
        channels = Collections.unmodifiableMap(said);
    }

    /** {@return what turns a unit the right way alone, without what keeps its light up or down} */
    public Adjustments turns() {
        var turned = new TreeMap<String, ChannelAdjustment>();
        channels.forEach((name, each) -> turned.put(name, ChannelAdjustment.NONE.withInvert(each.invert())));
        return new Adjustments(swapPanTilt, false, null, false, turned);
    }

    public Adjustments with(String channel, ChannelAdjustment adjustment) {
        var all = new TreeMap<>(channels);
        all.put(channel, adjustment);
        return new Adjustments(swapPanTilt, outsideMaster, warmUp, startAtZero, all);
    }

    /** {@return what one channel does} @param name of the channel, which counts before its attribute */
    public ChannelAdjustment of(String name, String attribute) {
        var own = channels.get(name);
        return own != null ? own : channels.getOrDefault(attribute, ChannelAdjustment.NONE);
    }

    /**
     * What one channel does differently.
     *
     * @param curve points from left to right, both in [0, 1]; empty = as it comes
     * @param scale in [0, 2]
     * @param from limit, in [0, 1]. @param to limit, in [from, 1]
     * @param snap whether it jumps instead of fading; null = as its profile says
     * @param start level that it begins at, in [0, 1]; null = as its profile says
     */
    public record ChannelAdjustment(boolean invert, List<Knot> curve, double scale, double from, double to, boolean outsideMaster,
            @Nullable Boolean snap, @Nullable Double start) {
        public static final double MOST_SCALE = 2;
        public static final ChannelAdjustment NONE = new ChannelAdjustment(false, List.of(), 1, 0, 1, false, null, null);

        /** @throws IllegalArgumentException with a sentence, if a number is outside its interval */
        public ChannelAdjustment {
            curve = List.copyOf(curve);
            if (!(scale >= 0 && scale <= MOST_SCALE)) {
                throw new IllegalArgumentException("The scale is from 0 to 200 %.");
            }
            requireShare("The lower limit", from);
            requireShare("The upper limit", to);
            if (from > to) {
                throw new IllegalArgumentException("The lower limit lies above the upper one.");
            }
            if (start != null) {
                requireShare("The start value", start);
            }
        }

        static void requireShare(String what, double value) {
            if (!(value >= 0 && value <= 1)) {
                throw new IllegalArgumentException(what + " is from 0 to 100 %.");
            }
        }

        public ChannelAdjustment withInvert(boolean to) {
            return new ChannelAdjustment(to, curve, scale, from, this.to, outsideMaster, snap, start);
        }
    }
}
