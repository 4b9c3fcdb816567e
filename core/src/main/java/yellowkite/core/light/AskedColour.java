package yellowkite.core.light;

import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Glass;
import yellowkite.core.colour.Hue;
import yellowkite.core.colour.RgbSpace;
import yellowkite.core.colour.Temperature;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.profile.PhysicalUnit;

/**
 * A colour that channels ask for by its coordinates, and a white that they ask for. With a {@code CIE_Z} beside them, X and Y are
 * tristimulus values.
 */
final class AskedColour {
    /** No attribute of the standard's list: fixtures that are driven by X, Y and Z have it beside {@code CIE_X} and {@code CIE_Y}. */
    static final String TRISTIMULUS_Z = "CIE_Z";
    private static final Map<String, Integer> RGB = Map.of("ColorRGB_Red", 0, "ColorRGB_Green", 1, "ColorRGB_Blue", 2);
    private static final Map<String, Integer> AGAINST_RGB = Map.of("ColorRGB_Cyan", 0, "ColorRGB_Magenta", 1, "ColorRGB_Yellow", 2);
    /** What a full orange and a full blue correction without figures are, K. */
    private static final double ORANGE = 3_200;
    private static final double BLUE = 10_000;
    private static final double MIRED = 1e6;

    private @Nullable Double x;
    private @Nullable Double y;
    private @Nullable Double z;
    private double yShare = 1;
    private @Nullable Double hue;
    private @Nullable Double saturation;
    private final @Nullable Double[] rgb = new Double[3];
    private @Nullable White white;
    private double orange;
    private double blue;
    private double brightness = 1;

    /** A white that a channel names. @param away how far it stands from where the channel does nothing, in mired */
    private record White(double kelvin, double away) {}

    void take(String attribute, Meaning meaning, double share) {
        double physical = Objects.requireNonNull(meaning.physical());
        switch (attribute) {
            case "CIE_X" -> x = physical;
            case "CIE_Y" -> {
                y = physical;
                yShare = share;
            }
            case TRISTIMULUS_Z -> z = physical;
            case "CIE_Brightness", "HSB_Brightness" -> brightness *= share;
            case "HSB_Hue" -> hue = meaning.unit() == PhysicalUnit.Angle ? physical : 360 * share;
            case "HSB_Saturation" -> saturation = share;
            case "CTO", "CTC", "CTB" -> correct(attribute, meaning, share);
            default -> {
                if (RGB.containsKey(attribute)) {
                    rgb[RGB.get(attribute)] = share;
                } else if (AGAINST_RGB.containsKey(attribute)) {
                    rgb[AGAINST_RGB.get(attribute)] = 1 - share;
                }
            }
        }
    }

    private void correct(String attribute, Meaning meaning, double share) {
        if (meaning.unit() == PhysicalUnit.Temperature && Objects.requireNonNull(meaning.physical()) >= Temperature.WARMEST) {
            double kelvin = Math.min(meaning.physical(), Temperature.COLDEST);
            var named = new White(kelvin, Math.abs(MIRED / kelvin - MIRED / open(attribute, meaning)));
            // of several corrections the one that is driven in farthest says what is seen
            white = white == null || named.away() > white.away() ? named : white;
        } else if (attribute.equals("CTO")) {
            orange = share;
        } else if (attribute.equals("CTB")) {
            blue = share;
        }
    }

    /** An orange correction is out at its coldest, a blue one at its warmest; one that goes both ways, in the middle of its mired. */
    private static double open(String attribute, Meaning meaning) {
        var function = Objects.requireNonNull(meaning.function()).function();
        double warm = Math.max(Temperature.WARMEST, Math.min(function.physicalFrom(), function.physicalTo()));
        double cold = Math.max(Temperature.WARMEST, Math.max(function.physicalFrom(), function.physicalTo()));
        return switch (attribute) {
            case "CTO" -> cold;
            case "CTB" -> warm;
            default -> 2 * MIRED / (MIRED / warm + MIRED / cold);
        };
    }

    private boolean hasTristimulus() {
        return x != null && y != null && z != null;
    }

    private boolean hasRgb() {
        return rgb[0] != null && rgb[1] != null && rgb[2] != null;
    }

    /** {@return what dims the light, in [0, 1]} The Y of tristimulus values is the light itself. */
    double level() {
        return hasTristimulus() ? brightness * yShare : brightness;
    }

    boolean isEmpty() {
        return x == null && y == null && hue == null && saturation == null && !hasRgb();
    }

    /** {@return the colour that is asked for; {@code otherwise} if none is} */
    Xyz light(RgbSpace space, Xyz otherwise) {
        if (x != null && y != null && z != null) {
            var sum = new Xyz(Math.max(0, x), Math.max(0, y), Math.max(0, z));
            return sum.y() > 0 ? sum.chromaticity().at(1) : Xyz.BLACK;
        }
        if (x != null && y != null) {
            return Chromaticity.nearestTo(x, y).at(1);
        }
        if (hasRgb()) {
            return space.mix(rgb[0], rgb[1], rgb[2]);
        }
        if (hue == null && saturation == null) {
            return otherwise;
        }
        var parts = Hue.rgb(hue == null ? 0 : hue, saturation == null ? 1 : saturation);
        return space.mix(parts[0], parts[1], parts[2]);
    }

    /** @param from the white that is corrected, K */
    Glass correction(double from) {
        var glass = white == null ? Glass.CLEAR : Glass.correction(from, white.kelvin());
        glass = orange > 0 ? glass.and(Glass.correction(from, ORANGE).covering(orange)) : glass;
        return blue > 0 ? glass.and(Glass.correction(from, BLUE).covering(blue)) : glass;
    }
}
