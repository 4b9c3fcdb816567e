package yellowkite.core.colour;

import yellowkite.core.profile.ColorCie;

/** A colour without its brightness, in CIE 1931 x and y. Both finite; {@code y} more than 0 for a colour that can be seen. */
public record Chromaticity(double x, double y) {
    private static final double LEAST = 1e-6;
    /** D65. */
    public static final Chromaticity WHITE = new Chromaticity(0.3127, 0.3290);

    public static Chromaticity of(ColorCie color) {
        return new Chromaticity(color.x(), color.y());
    }

    /** {@return the colour at a place of the CIE 1976 u'v' diagram} */
    public static Chromaticity ofUv(double u, double v) {
        double scale = 6 * u - 16 * v + 12;
        return new Chromaticity(9 * u / scale, 4 * v / scale);
    }

    /** {@return the colour at these coordinates; where no colour has them, the nearest that has} */
    public static Chromaticity nearestTo(double x, double y) {
        double least = Math.max(LEAST, y);
        double wide = Math.max(0, x);
        double over = Math.max(0, (wide + least - 1) / 2);
        double nearX = Math.clamp(wide - over, 0, 1 - LEAST);
        return new Chromaticity(nearX, Math.min(Math.max(LEAST, least - over), 1 - nearX));
    }

    /** {@return u' of CIE 1976} */
    public double u() {
        return 4 * x / (-2 * x + 12 * y + 3);
    }

    /** {@return v' of CIE 1976} */
    public double v() {
        return 9 * y / (-2 * x + 12 * y + 3);
    }

    /** {@return Delta u'v'} About 0.001 can just be told apart side by side. */
    public double distanceTo(Chromaticity other) {
        return Math.hypot(u() - other.u(), v() - other.v());
    }

    /** {@return the tristimulus values of this colour} @param luminance Y. @throws IllegalArgumentException if y is not more than 0 */
    public Xyz at(double luminance) {
        if (!(y > 0)) {
            throw new IllegalArgumentException("y must be more than 0, was " + y);
        }
        return new Xyz(x / y * luminance, luminance, (1 - x - y) / y * luminance);
    }
}
