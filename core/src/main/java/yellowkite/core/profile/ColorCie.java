package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/**
 * A colour in CIE 1931 xyY. Source: GDTF value type "ColorCIE".
 *
 * @param luminance Y as a percentage
 * @throws IllegalArgumentException if a number is not finite
 */
public record ColorCie(double x, double y, double luminance) {
    /** D65 at full luminance. */
    public static final ColorCie WHITE = new ColorCie(0.3127, 0.3290, 100);

    public ColorCie {
        Require.finite("x", x);
        Require.finite("y", y);
        Require.finite("luminance", luminance);
    }
}
