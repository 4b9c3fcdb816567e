package yellowkite.core.colour;

import yellowkite.core.profile.ColorCie;

/** A colour without its brightness, in CIE 1931 x and y. Both finite; {@code y} more than 0 for a colour that can be seen. */
public record Chromaticity(double x, double y) {
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
