package yellowkite.core.colour;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.ColorSpace;

/**
 * What red, green and blue at full are, so that together they make white at luminance 1. Source: IEC 61966-2-1 (sRGB), ISO 22028-2
 * (ProPhoto), ANSI E1.54.
 */
public record RgbSpace(Xyz red, Xyz green, Xyz blue) {
    public static final RgbSpace SRGB = of(new Chromaticity(0.64, 0.33), new Chromaticity(0.30, 0.60), new Chromaticity(0.15, 0.06),
            Chromaticity.WHITE);
    private static final RgbSpace PRO_PHOTO = wide(new Chromaticity(0.3457, 0.3585));
    private static final RgbSpace ANSI = wide(new Chromaticity(0.4254, 0.4044));

    private static RgbSpace wide(Chromaticity white) {
        return of(new Chromaticity(0.7347, 0.2653), new Chromaticity(0.1596, 0.8404), new Chromaticity(0.0366, 0.0001), white);
    }

    /** {@return that space; sRGB, the standard's default, if there is none or if it does not say all its colours} */
    public static RgbSpace of(@Nullable ColorSpace space) {
        if (space == null) {
            return SRGB;
        }
        return switch (space.mode()) {
            case sRGB -> SRGB;
            case ProPhoto -> PRO_PHOTO;
            case ANSI -> ANSI;
            case Custom -> isColor(space.red()) && isColor(space.green()) && isColor(space.blue()) && isColor(space.whitePoint())
                    ? of(Chromaticity.of(Objects.requireNonNull(space.red())), Chromaticity.of(Objects.requireNonNull(space.green())),
                            Chromaticity.of(Objects.requireNonNull(space.blue())),
                            Chromaticity.of(Objects.requireNonNull(space.whitePoint())))
                    : SRGB;
        };
    }

    private static boolean isColor(@Nullable ColorCie color) {
        return color != null && color.y() > 0;
    }

    /** {@return the space of those primaries; sRGB where they make no white together} */
    static RgbSpace of(Chromaticity red, Chromaticity green, Chromaticity blue, Chromaticity white) {
        var parts = Matrix3.of(red.at(1), green.at(1), blue.at(1)).solve(white.at(1));
        return parts == null ? SRGB : new RgbSpace(red.at(parts.x()), green.at(parts.y()), blue.at(parts.z()));
    }

    /** {@return the light of that linear red, green and blue, each 1 at full} */
    public Xyz mix(double r, double g, double b) {
        return red.times(r).plus(green.times(g)).plus(blue.times(b));
    }

    /** {@return linear red, green and blue of a colour; outside of [0, 1] where the space does not hold it} */
    public double[] split(Xyz color) {
        var parts = Matrix3.of(red, green, blue).solve(color);
        return parts == null ? new double[3] : new double[]{parts.x(), parts.y(), parts.z()};
    }
}
