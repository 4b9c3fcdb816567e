package yellowkite.core.edit;

import java.util.Locale;

/** Words in sentences. */
final class Words {
    private Words() {}

    /** {@return the constant in small letters} */
    static String small(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
