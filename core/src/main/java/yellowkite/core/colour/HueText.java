package yellowkite.core.colour;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Figures of colours as they are printed: chromaticities and distances to four decimals, temperatures in whole kelvin, all half up. */
public final class HueText {
    private static final int DECIMALS = 4;

    private HueText() {}

    /** {@return one coordinate of a chromaticity: 0.3127} */
    public static String one(double coordinate) {
        return rounded(coordinate);
    }

    /** {@return two coordinates of a chromaticity: 0.3127, 0.3290} */
    public static String pair(double first, double second) {
        return rounded(first) + ", " + rounded(second);
    }

    /** {@return a colour temperature: 3200 K} */
    public static String kelvin(double kelvin) {
        return new BigDecimal(kelvin).setScale(0, RoundingMode.HALF_UP).toPlainString() + " K";
    }

    /** {@return a distance from the black bodies with its sign, 0 without one: +0.0031, −0.0020} */
    public static String duv(double duv) {
        var size = rounded(Math.abs(duv));
        return new BigDecimal(size).signum() == 0 ? size : (duv < 0 ? "−" : "+") + size;
    }

    private static String rounded(double value) {
        return new BigDecimal(value).setScale(DECIMALS, RoundingMode.HALF_UP).toPlainString();
    }
}
