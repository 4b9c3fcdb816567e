package yellowkite.core.dmx;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Srgb;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Wheel;

/**
 * What the light of a mode looks like at a set of values, as far as a small picture shows it.
 *
 * @param level    in [0, 1]; 0 = dark
 * @param color    of the beam, at full brightness
 * @param gobo     the slot with a picture that stands in the beam; null if none
 * @param panDegrees  null without pan; likewise tilt
 * @param strobeHz null unless it flashes
 */
public record Light(double level, Srgb color, Wheel.@Nullable Slot gobo, @Nullable Double panDegrees, @Nullable Double tiltDegrees,
        @Nullable Double strobeHz) {

    /** Typical hues of emitters, in linear sRGB; a profile's own emitters are not looked at here. */
    private static final Map<String, Srgb> EMITTERS = Map.ofEntries(
            Map.entry("ColorAdd_R", new Srgb(1, 0, 0)), Map.entry("ColorAdd_G", new Srgb(0, 1, 0)), Map.entry("ColorAdd_B", new Srgb(0, 0, 1)),
            Map.entry("ColorAdd_C", new Srgb(0, 1, 1)), Map.entry("ColorAdd_M", new Srgb(1, 0, 1)), Map.entry("ColorAdd_Y", new Srgb(1, 1, 0)),
            Map.entry("ColorAdd_RY", new Srgb(1, 0.5, 0)), Map.entry("ColorAdd_GY", new Srgb(0.5, 1, 0)), Map.entry("ColorAdd_GC", new Srgb(0, 1, 0.5)),
            Map.entry("ColorAdd_BC", new Srgb(0, 0.5, 1)), Map.entry("ColorAdd_BM", new Srgb(0.5, 0, 1)), Map.entry("ColorAdd_RM", new Srgb(1, 0, 0.5)),
            Map.entry("ColorAdd_W", Srgb.WHITE), Map.entry("ColorAdd_WW", new Srgb(1, 0.65, 0.35)), Map.entry("ColorAdd_CW", new Srgb(0.8, 0.9, 1)),
            Map.entry("ColorAdd_UV", new Srgb(0.15, 0, 0.4)));
    private static final Map<String, Srgb> FLAGS = Map.of(
            "ColorSub_C", new Srgb(0, 1, 1), "ColorSub_M", new Srgb(1, 0, 1), "ColorSub_Y", new Srgb(1, 1, 0),
            "ColorSub_R", new Srgb(1, 0, 0), "ColorSub_G", new Srgb(0, 1, 0), "ColorSub_B", new Srgb(0, 0, 1));

    public static Light of(List<Meaning> meanings) {
        double level = 1;
        boolean closed = false;
        boolean emits = false;
        var emitted = Srgb.BLACK;
        var filter = Srgb.WHITE;
        Wheel.Slot gobo = null;
        Double pan = null;
        Double tilt = null;
        Double strobe = null;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var attribute = meaning.function().function().attribute();
            double share = share(meaning);
            if (attribute.equals("Dimmer")) {
                level *= share;
            } else if (attribute.equals("Pan")) {
                pan = meaning.physical();
            } else if (attribute.equals("Tilt")) {
                tilt = meaning.physical();
            } else if (attribute.matches("Shutter\\d*")) {
                closed |= meaning.physical() <= 0;
            } else if (attribute.startsWith("Shutter") && meaning.unit() == PhysicalUnit.Frequency) {
                strobe = meaning.physical();
            } else if (EMITTERS.containsKey(attribute)) {
                emits = true;
                emitted = emitted.plus(EMITTERS.get(attribute), share);
            } else if (FLAGS.containsKey(attribute)) {
                filter = filter.times(Srgb.WHITE.plus(Srgb.WHITE, -share).plus(FLAGS.get(attribute), share));
            } else if (meaning.slot() != null && !meaning.slot().mediaFile().isEmpty()) {
                gobo = meaning.slot();
            } else if (meaning.slot() != null && meaning.slot().color() != null) {
                filter = filter.times(Srgb.hueOf(meaning.slot().color()));
            }
        }
        var color = (emits ? emitted : Srgb.WHITE).times(filter);
        boolean dark = closed || emits && emitted.equals(Srgb.BLACK);
        return new Light(dark ? 0 : level, color.atFull(), gobo, pan, tilt, strobe);
    }

    /** {@return how far between the function's smaller and larger physical end, in [0, 1]} */
    private static double share(Meaning meaning) {
        var function = meaning.function().function();
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        return high == low ? 1 : Math.clamp((meaning.physical() - low) / (high - low), 0, 1);
    }
}
