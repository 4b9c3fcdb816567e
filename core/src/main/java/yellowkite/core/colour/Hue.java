package yellowkite.core.colour;

/** Hue and saturation, and the red, green and blue that they stand for; the brightest of the three is always 1. */
public final class Hue {
    private Hue() {}

    /** {@return linear red, green and blue} @param degrees of hue: 0 = red, 120 = green. @param saturation in [0, 1] */
    public static double[] rgb(double degrees, double saturation) {
        return new double[]{part(degrees, 5, saturation), part(degrees, 3, saturation), part(degrees, 1, saturation)};
    }

    private static double part(double degrees, int shift, double saturation) {
        double k = (((shift + degrees / 60) % 6) + 6) % 6;
        return 1 - saturation * Math.clamp(Math.min(k, 4 - k), 0, 1);
    }

    /** {@return degrees of hue and saturation} @param rgb in any scale, each from 0 */
    public static double[] of(double[] rgb) {
        double r = Math.max(0, rgb[0]);
        double g = Math.max(0, rgb[1]);
        double b = Math.max(0, rgb[2]);
        double most = Math.max(r, Math.max(g, b));
        double span = most - Math.min(r, Math.min(g, b));
        if (span <= 0) {
            return new double[]{0, 0};
        }
        double sixth = most == r ? (g - b) / span : most == g ? 2 + (b - r) / span : 4 + (r - g) / span;
        return new double[]{(60 * sixth + 360) % 360, span / most};
    }
}
