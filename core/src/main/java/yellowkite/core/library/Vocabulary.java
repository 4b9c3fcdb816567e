package yellowkite.core.library;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Every word that stands in the library, numbered. Words are only added; numbers stay. Not safe for several threads that add. */
final class Vocabulary {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern SIGNS = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final float EXACT = 1;
    private static final float BEGINNING = 0.8f;
    private static final float INSIDE = 0.5f;
    private static final float MISTYPED = 0.3f;
    /** One slip from this length on, and a second one from twice that. */
    private static final int LETTERS_A_SLIP = 4;
    private static final int MOST_SLIPS = 2;

    private final List<String> words;
    /** By word: which letters stand in it, so that most words that are not near need not be measured. */
    private long[] letters;
    private final Map<String, Integer> numbers;

    Vocabulary() {
        this.words = new ArrayList<>();
        this.letters = new long[64];
        this.numbers = new HashMap<>();
    }

    private Vocabulary(Vocabulary other) {
        this.words = new ArrayList<>(other.words);
        this.letters = other.letters.clone();
        this.numbers = new HashMap<>(other.numbers);
    }

    /** {@return one that may be added to while this one is read} */
    Vocabulary copy() {
        return new Vocabulary(this);
    }

    int size() {
        return words.size();
    }

    /** {@return the number of a word that is folded already} */
    int add(String word) {
        var known = numbers.get(word);
        if (known != null) {
            return known;
        }
        words.add(word);
        if (letters.length < words.size()) {
            letters = Arrays.copyOf(letters, 2 * letters.length);
        }
        letters[words.size() - 1] = letters(word);
        numbers.put(word, words.size() - 1);
        return words.size() - 1;
    }

    String word(int number) {
        return words.get(number);
    }

    /** {@return the number of a word; -1 if it stands nowhere} */
    int find(String word) {
        return numbers.getOrDefault(word, -1);
    }

    /** {@return a text in small letters without accents} */
    static String folded(String text) {
        var small = text.toLowerCase(Locale.ROOT);
        return isPlain(small) ? small : MARKS.matcher(Normalizer.normalize(small, Normalizer.Form.NFD)).replaceAll("");
    }

    private static boolean isPlain(String text) {
        return text.chars().allMatch(each -> each < 0x80);
    }

    /** {@return the letters and digits of a text alone, folded} */
    static String plain(String text) {
        return SIGNS.matcher(folded(text)).replaceAll("");
    }

    /** {@return the words of a text, folded: those between spaces without their signs, and what is between the signs} */
    static List<String> words(String text) {
        var all = new ArrayList<String>();
        for (var word : folded(text).split("[\\s,;]+")) {
            var parts = SIGNS.split(word);
            all.add(String.join("", parts));
            if (parts.length > 1) {
                all.addAll(List.of(parts));
            }
        }
        all.removeIf(String::isEmpty);
        return all;
    }

    /**
     * {@return how well a word that was typed fits each word, in [0, 1]; 0 = not at all} Slips are forgiven where no word begins like it.
     */
    float[] fits(String typed) {
        var fits = new float[words.size()];
        boolean known = false;
        long own = letters(typed);
        for (int i = 0; i < fits.length; i++) {
            if ((own & ~letters[i]) != 0) { // most words lack one of the letters
                continue;
            }
            var word = words.get(i);
            int at = word.indexOf(typed);
            if (at >= 0) {
                fits[i] = at > 0 ? INSIDE : word.length() == typed.length() ? EXACT : BEGINNING;
                known |= at == 0;
            }
        }
        if (!known) {
            forgive(typed, fits);
        }
        return fits;
    }

    /** {@return 1 for each word that stands for an attribute of that width whose name begins so, else 0} */
    float[] fitsWide(String beginning, int bits) {
        var fits = new float[words.size()];
        var ending = "/" + bits;
        for (int i = 0; i < fits.length; i++) {
            if (words.get(i).endsWith(ending) && words.get(i).startsWith(beginning)) {
                fits[i] = EXACT;
            }
        }
        return fits;
    }

    private void forgive(String typed, float[] fits) {
        int slips = Math.min(MOST_SLIPS, typed.length() / LETTERS_A_SLIP);
        if (slips == 0 || typed.chars().allMatch(Character::isDigit)) { // another number is another thing
            return;
        }
        var distance = new LevenshteinDistance(MOST_SLIPS);
        long own = letters(typed);
        for (int i = 0; i < fits.length; i++) {
            var word = words.get(i);
            if (fits[i] == 0 && Math.abs(word.length() - typed.length()) <= slips && Long.bitCount(own ^ letters[i]) <= 2 * slips) {
                int off = distance.apply(typed, word);
                boolean swapped = off == 2 && word.length() == typed.length() && own == letters[i]; // two letters changed places: one slip
                if (off >= 0 && (off <= slips || swapped)) {
                    fits[i] = MISTYPED / (swapped ? 1 : off);
                }
            }
        }
    }

    private static long letters(String word) {
        long letters = 0;
        for (int i = 0; i < word.length(); i++) {
            letters |= 1L << (word.charAt(i) & 63);
        }
        return letters;
    }
}
