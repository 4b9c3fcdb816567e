package yellowkite.core.text;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers for people: as many digits as a fixture's steps are worth, and no more. */
public final class Figures {
    private static final MathContext FROM_ONE = new MathContext(5, RoundingMode.HALF_UP);
    private static final MathContext BELOW_ONE = new MathContext(4, RoundingMode.HALF_UP);
    private static final int MOST_DECIMALS = 3;

    private Figures() {}

    /**
     * {@return at most five significant digits and three decimals, below 1 four significant digits, half up, without an exponent: 270,
     * 33.333, 0.03137} @param value finite
     */
    public static String of(double value) {
        if (Math.abs(value) < 1) {
            return plain(new BigDecimal(value).round(BELOW_ONE));
        }
        var rounded = new BigDecimal(value).round(FROM_ONE);
        return plain(rounded.scale() > MOST_DECIMALS ? rounded.setScale(MOST_DECIMALS, RoundingMode.HALF_UP) : rounded);
    }

    /** {@return a number with its unit's sign; the number alone where there is none} */
    public static String of(double value, String symbol) {
        return symbol.isEmpty() ? of(value) : of(value) + " " + symbol;
    }

    /** {@return a share of a whole in percent, with one decimal where it is not whole} */
    public static String percent(double share) {
        return plain(new BigDecimal(100 * share).setScale(1, RoundingMode.HALF_UP)) + " %";
    }

    /** {@return a share of a whole in percent, always with two decimals: for a column of them, or where nearly nothing is meant} */
    public static String percentInColumn(double share) {
        return new BigDecimal(100 * share).setScale(2, RoundingMode.HALF_UP).toPlainString() + " %";
    }

    private static String plain(BigDecimal value) {
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }
}
