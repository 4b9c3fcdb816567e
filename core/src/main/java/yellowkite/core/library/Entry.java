package yellowkite.core.library;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import yellowkite.core.profile.House;

/**
 * A card, made quick to look through.
 *
 * @param words numbers in the vocabulary, ascending; {@code weights} of each by where it stands
 * @param nameWords numbers of the words of its name alone
 * @param manufacturerNumber number in the vocabulary of manufacturers; {@code attributes} likewise
 */
record Entry(String id, String manufacturer, int manufacturerNumber, String name, Shelf shelf, House.Category category, Card.State state,
        boolean proven, boolean placeholder, LocalDateTime changed, int[] footprints, boolean cells, int[] watts,
        int[] words, float[] weights, int[] attributes, int[] nameWords) {
    private static final float NAME = 1;
    private static final float OTHER_NAME = 0.9f;
    private static final float MANUFACTURER = 0.8f;
    private static final float TAG = 0.7f;
    private static final float MODE = 0.6f;
    private static final float ATTRIBUTE = 0.5f;
    private static final float AUTHOR = 0.4f;
    private static final float DESCRIPTION = 0.3f;

    static Entry of(Card card, Vocabulary words, Vocabulary manufacturers, Vocabulary attributes) {
        var synopsis = card.synopsis();
        var weights = new HashMap<Integer, Float>();
        add(card.name(), NAME, words, weights);
        weights.merge(words.add(Vocabulary.plain(card.name())), NAME, Math::max);
        add(synopsis.shortName(), OTHER_NAME, words, weights);
        add(synopsis.longName(), OTHER_NAME, words, weights);
        add(card.otherNames(), OTHER_NAME, words, weights);
        add(card.manufacturer(), MANUFACTURER, words, weights);
        weights.merge(words.add(Vocabulary.plain(card.manufacturer())), MANUFACTURER, Math::max);
        add(card.tags(), TAG, words, weights);
        add(card.production(), TAG, words, weights);
        synopsis.modes().forEach(mode -> add(mode.name(), MODE, words, weights));
        if (!synopsis.rdm().isEmpty()) {
            weights.merge(words.add(Vocabulary.plain(synopsis.rdm())), NAME, Math::max);
        }
        synopsis.kinds().forEach(kind -> add(kind, ATTRIBUTE, words, weights));
        var own = new ArrayList<Integer>();
        for (var each : synopsis.attributes()) {
            own.add(attributes.add(each.name()));
            add(each.name(), ATTRIBUTE, words, weights);
            add(each.pretty(), ATTRIBUTE, words, weights);
            weights.merge(words.add(wide(each.name(), 8 * each.bytes())), ATTRIBUTE, Math::max);
            weights.merge(words.add(wide(each.pretty(), 8 * each.bytes())), ATTRIBUTE, Math::max);
        }
        add(card.author(), AUTHOR, words, weights);
        add(synopsis.description(), DESCRIPTION, words, weights);
        var numbers = weights.keySet().stream().sorted().mapToInt(Integer::intValue).toArray();
        return new Entry(card.id(), card.manufacturer(), manufacturers.add(card.manufacturer()), card.name(), card.shelf(),
                synopsis.category(), card.state(), card.proven(), synopsis.placeholder(), card.changed(),
                synopsis.modes().stream().mapToInt(Synopsis.ModeLine::footprint).distinct().toArray(),
                synopsis.modes().stream().anyMatch(mode -> mode.cells() > 0), ints(synopsis.watts()), numbers, floats(numbers, weights),
                ints(own),
                Vocabulary.words(card.name()).stream().mapToInt(words::add).distinct().toArray());
    }

    /** {@return how an attribute of a width is listed} A sign no word has keeps it from being found by its letters. */
    static String wide(String attribute, int bits) {
        return Vocabulary.plain(attribute) + "/" + bits;
    }

    boolean has(int attribute) {
        for (int each : attributes) {
            if (each == attribute) {
                return true;
            }
        }
        return false;
    }

    /**
     * {@return how much of its name is among some words, in [0, 1]; 1 where the whole name was typed} @param typed by word, whether it was
     * typed
     */
    float named(boolean[] typed) {
        int found = 0;
        for (int word : nameWords) {
            found += typed[word] ? 1 : 0;
        }
        return nameWords.length == 0 ? 0 : (float) found / nameWords.length;
    }

    private static void add(String text, float weight, Vocabulary words, Map<Integer, Float> weights) {
        Vocabulary.words(text).forEach(word -> weights.merge(words.add(word), weight, Math::max));
    }

    private static int[] ints(List<Integer> numbers) {
        return numbers.stream().mapToInt(Integer::intValue).toArray();
    }

    private static float[] floats(int[] numbers, Map<Integer, Float> weights) {
        var floats = new float[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            floats[i] = Objects.requireNonNull(weights.get(numbers[i]));
        }
        return floats;
    }
}
