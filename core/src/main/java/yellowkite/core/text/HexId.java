package yellowkite.core.text;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Ids of ANSI E1.20 as people write them: four hexadecimal digits. */
public final class HexId {
    private static final Pattern FORM = Pattern.compile("(?i)(?:0x)?([0-9a-f]{1,4})h?");

    private HexId() {}

    /** {@return the id that was typed, in [0, 0xFFFF]; none if it is something else} */
    public static Optional<Integer> read(String text) {
        var found = FORM.matcher(text.strip());
        return found.matches() ? Optional.of(Integer.parseInt(found.group(1), 16)) : Optional.empty();
    }

    /** {@return four digits in capitals} @param id in [0, 0xFFFF] */
    public static String of(int id) {
        return String.format(Locale.ROOT, "%04X", id);
    }
}
