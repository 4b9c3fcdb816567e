package yellowkite.core.dmx;

import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Wheel;

/**
 * What one channel does at one value.
 *
 * @param raw in the channel's own width
 * @param function the active one; null if none is
 * @param range null if none
 * @param slot null if the range selects no slot
 * @param physical in {@code unit}; null without a function
 * @param scale product of the Multiply relations upon the channel, in [0, 1]; exactly 1 without any
 */
public record Meaning(PlacedChannel channel, long raw, Spans.@Nullable FunctionSpan function, Spans.@Nullable RangeSpan range,
        Wheel.@Nullable Slot slot, @Nullable Double physical, PhysicalUnit unit, double scale) {

    /**
     * {@return how far between the function's smaller and larger physical end, in [0, 1]; 1 where both are the same, or nothing is active}
     */
    public double share() {
        if (function == null || physical == null) {
            return 1;
        }
        double low = Math.min(function.function().physicalFrom(), function.function().physicalTo());
        double high = Math.max(function.function().physicalFrom(), function.function().physicalTo());
        return high == low ? 1 : Math.clamp((physical - low) / (high - low), 0, 1);
    }

    /** {@return the attribute of the active function; empty where none is} */
    public String attribute() {
        return function == null ? "" : function.function().attribute();
    }
}
