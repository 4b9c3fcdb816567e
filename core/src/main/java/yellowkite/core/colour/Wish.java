package yellowkite.core.colour;

import yellowkite.core.profile.ColorCie;

/** Ways to say which colour is wanted. Each ends with a colour, or with a sentence that says what does not fit. */
public final class Wish {
    private Wish() {}

    /** @throws IllegalArgumentException if nobody can see that colour */
    public static Chromaticity coordinates(double x, double y) {
        if (!(x >= 0 && y > 0 && x + y <= 1)) {
            throw new IllegalArgumentException(
                    "No colour has these coordinates: x and y are not negative, y is more than 0, and together they are at most 1.");
        }
        return new Chromaticity(x, y);
    }

    /** @param hex {@code #rrggbb}. @throws IllegalArgumentException if it is written otherwise, or black */
    public static Chromaticity screen(String hex) {
        var color = Srgb.parse(hex)
            .map(Srgb::toCie)
            .filter(each -> each.luminance() > 0)
            .orElseThrow(() -> new IllegalArgumentException(
                    "A colour of the screen is written as # and six digits of 0 to 9 and a to f, such as #ffcc00; black is no colour of light."));
        return Chromaticity.of(color);
    }

    /** @param degrees of hue, 0 = red. @param saturation in [0, 1]. @throws IllegalArgumentException outside of that */
    public static Chromaticity hue(double degrees, double saturation) {
        if (!(degrees >= 0 && degrees <= 360 && saturation >= 0 && saturation <= 1)) {
            throw new IllegalArgumentException("A hue lies from 0 to 360 degrees, a saturation from 0 to 100 %.");
        }
        var parts = Hue.rgb(degrees, saturation);
        return RgbSpace.SRGB.mix(parts[0], parts[1], parts[2]).chromaticity();
    }

    /** @param tint Duv, more than 0 towards green. @throws IllegalArgumentException outside of what counts as a white */
    public static Chromaticity white(double kelvin, double tint) {
        if (!(kelvin >= Temperature.WARMEST && kelvin <= Temperature.COLDEST && Math.abs(tint) <= Temperature.FARTHEST)) {
            throw new IllegalArgumentException("A white has 1000 to 100000 K and a tint from -0.05 to 0.05.");
        }
        var white = new Temperature(kelvin, tint).chromaticity();
        if (!(white.x() > 0 && white.y() > 0 && white.x() + white.y() < 1)) {
            throw new IllegalArgumentException(
                    "At " + Math.round(kelvin) + " K a tint of " + tint + " leads out of all that can be seen; ask for a smaller one.");
        }
        return white;
    }

    /** @throws IllegalArgumentException if that colour cannot be seen */
    public static Chromaticity of(ColorCie color) {
        return coordinates(color.x(), color.y());
    }
}
