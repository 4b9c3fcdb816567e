package yellowkite.core.edit;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Locale;

/** Numbers in sentences. */
final class Words {
    private Words() {}

    /** {@return the constant in small letters} */
    static String small(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    /** {@return at most six significant digits, without an exponent} */
    static String number(double value) {
        return new BigDecimal(value).round(new MathContext(6, RoundingMode.HALF_UP)).stripTrailingZeros().toPlainString();
    }
}
