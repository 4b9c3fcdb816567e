package yellowkite.core.library;

import java.util.regex.Pattern;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Names that probably mean the same manufacturer: "Tide Wick" and "Tidewick". */
public final class NearNames {
    /** One slip for every five letters. */
    private static final int LETTERS_A_SLIP = 5;

    /** What a company adds to its name or leaves out: the sign or word between two names, and the form of the company at the end. */
    private static final Pattern BETWEEN = Pattern.compile("(?i)\\band\\b");
    private static final Pattern FORM = Pattern.compile("(?i)[\\s,]+(?:ltd|limited|inc|llc|plc|gmbh|bv|srl|co)\\.?\\s*$");

    private NearNames() {}

    /** {@return whether two names differ, and only in spaces, signs, capitals, the form of the company or a slip or two} */
    public static boolean areNear(String one, String other) {
        if (one.equals(other)) {
            return false;
        }
        var a = plain(withoutForm(one));
        var b = plain(withoutForm(other));
        int slips = Math.min(a.length(), b.length()) / LETTERS_A_SLIP;
        return !a.isEmpty() && !b.isEmpty() && new LevenshteinDistance(slips).apply(a, b) >= 0;
    }

    private static String withoutForm(String name) {
        return BETWEEN.matcher(FORM.matcher(name).replaceFirst("")).replaceAll("");
    }

    /** {@return the letters and digits of a name, in small and without accents} */
    public static String plain(String name) {
        return Vocabulary.plain(name);
    }
}
