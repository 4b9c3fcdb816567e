package yellowkite.core.library;

import org.apache.commons.text.similarity.LevenshteinDistance;

/** Names that probably mean the same manufacturer: "Tide Wick" and "Tidewick". */
public final class NearNames {
    /** One slip for every five letters. */
    private static final int LETTERS_A_SLIP = 5;

    private NearNames() {}

    /** {@return whether two names differ, and only in spaces, signs, capitals or a slip or two} */
    public static boolean areNear(String one, String other) {
        if (one.equals(other)) {
            return false;
        }
        var a = plain(one);
        var b = plain(other);
        int slips = Math.min(a.length(), b.length()) / LETTERS_A_SLIP;
        return !a.isEmpty() && !b.isEmpty() && new LevenshteinDistance(slips).apply(a, b) >= 0;
    }

    /** {@return the letters and digits of a name, in small and without accents} */
    public static String plain(String name) {
        return Vocabulary.plain(name);
    }
}
