package yellowkite.core.profile;

import org.jspecify.annotations.Nullable;

/**
 * What a house keeps of one wheel.
 *
 * @param kind null = as its functions and slots show
 * @param open where the open slot was seen on a fixture; null = as the chart says
 */
public record WheelCare(@Nullable Kind kind, @Nullable Confirmed open) {
    public static final WheelCare NONE = new WheelCare(null, null);

    /** What turns through the beam. A {@code STRING} is wound from roll to roll, as in a colour scroller. */
    public enum Kind {
        STILL_GOBOS, TURNING_GOBOS, COLOURS, STRING, PRISMS, ANIMATION, OTHER
    }

    /** @param slot 1 = the first. @param on {@code yyyy-mm-dd}. @param firmware of the fixture; may be empty */
    public record Confirmed(int slot, String by, String on, String firmware) {}

    public WheelCare withKind(@Nullable Kind to) {
        return new WheelCare(to, open);
    }

    public WheelCare withOpen(@Nullable Confirmed to) {
        return new WheelCare(kind, to);
    }
}
