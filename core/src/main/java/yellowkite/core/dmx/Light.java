package yellowkite.core.dmx;

import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Xyz;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Wheel;

/**
 * What the light of a mode looks like at a set of values, as far as a small picture shows it.
 *
 * @param level    in [0, 1]; 0 = dark
 * @param color    of the beam, as the lights of the lamp mix and its filters let it pass; luminance counts from its white
 * @param gobo     the slot with a picture that stands in the beam; null if none
 * @param panDegrees  null without pan; likewise tilt
 * @param strobeHz null unless it flashes
 */
public record Light(double level, Xyz color, Wheel.@Nullable Slot gobo, @Nullable Double panDegrees, @Nullable Double tiltDegrees,
        @Nullable Double strobeHz) {
    private static final Pattern SHUTTER = Pattern.compile("Shutter\\d*");

    public static Light of(FixtureType type, List<Meaning> meanings) {
        double level = 1;
        boolean closed = false;
        Wheel.Slot gobo = null;
        Double pan = null;
        Double tilt = null;
        Double strobe = null;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var attribute = meaning.function().function().attribute();
            double share = LightPath.share(meaning);
            if (attribute.equals("Dimmer")) {
                level *= share;
            } else if (attribute.equals("Pan")) {
                pan = meaning.physical();
            } else if (attribute.equals("Tilt")) {
                tilt = meaning.physical();
            } else if (SHUTTER.matcher(attribute).matches()) {
                closed |= meaning.physical() <= 0;
            } else if (attribute.startsWith("Shutter") && meaning.unit() == PhysicalUnit.Frequency) {
                strobe = meaning.physical();
            } else if (meaning.slot() != null && !meaning.slot().mediaFile().isEmpty()) {
                gobo = meaning.slot();
            }
        }
        var path = LightPath.of(type, meanings);
        var color = path.seen();
        return new Light(closed || color.isBlack() ? 0 : level * path.level(), color, gobo, pan, tilt, strobe);
    }
}
