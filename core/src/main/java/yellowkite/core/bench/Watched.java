package yellowkite.core.bench;

import java.util.regex.Pattern;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.PhysicalUnit;

/** What of a fixture a function is seen by. */
enum Watched {
    LEVEL, STROBE, COLOUR, AXIS, ZOOM, FOCUS, IRIS, WHEEL, NOTHING;

    private static final Pattern SHUTTER = Pattern.compile("Shutter\\d*.*");
    private static final Pattern MIXED = Pattern.compile("(Color(Add|Sub|RGB)_|CIE_|HSB_).*|CT[OCB]");

    static Watched of(ChannelFunction function, PhysicalUnit unit) {
        var attribute = function.attribute();
        if (attribute.equals("Pan") || attribute.equals("Tilt")) {
            return AXIS;
        } else if (SHUTTER.matcher(attribute).matches()) {
            return unit == PhysicalUnit.Frequency ? STROBE : attribute.matches("Shutter\\d*") ? LEVEL : NOTHING;
        } else if (attribute.equals("Dimmer")) {
            return LEVEL;
        } else if (MIXED.matcher(attribute).matches()) {
            return COLOUR;
        } else if (attribute.matches("Zoom(Mode(Spot|Beam))?")) {
            return ZOOM;
        } else if (attribute.matches("Focus\\d*")) {
            return FOCUS;
        } else if (attribute.equals("Iris")) {
            return IRIS;
        }
        return WheelNames.base(attribute).isPresent() ? WHEEL : NOTHING;
    }
}
