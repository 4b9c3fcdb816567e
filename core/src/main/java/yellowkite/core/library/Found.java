package yellowkite.core.library;

import java.util.List;
import java.util.Map;
import yellowkite.core.profile.House;

/**
 * What a search found, in order.
 *
 * @param sections in the order of the hits; empty ones are left out
 */
public record Found(List<Hit> hits, List<Section> sections, Left left) {

    /** Ours first; then what fits in part only; profiles that are only placeholders by themselves. */
    public enum Kind {
        HOUSE, REFERENCE, PART, PLACEHOLDER
    }

    /** Hits that stand together. @param from index of the first */
    public record Section(Kind kind, int from, int count) {}

    /** @param missing terms that it does not fit, in words; empty unless it fits in part only */
    public record Hit(String id, String manufacturer, String name, Kind kind, List<String> missing) {}

    /**
     * How many profiles there would be with each value, narrowed by everything else.
     *
     * @param manufacturers the most frequent ones, as are the attributes
     * @param proven by whether they are, as are {@code cells}
     */
    public record Left(Map<String, Integer> manufacturers, Map<House.Category, Integer> categories, Map<Boolean, Integer> cells,
            Map<String, Integer> attributes, Map<Shelf, Integer> shelves, Map<Card.State, Integer> states,
            Map<Boolean, Integer> proven) {}

    /**
     * {@return the index of the next hit after {@code after} whose name, or whose manufacturer's name, begins with some letters; -1 if none
     * does} From the end it goes on at the beginning.
     */
    public int next(int after, String letters) {
        var typed = Vocabulary.plain(letters);
        for (int step = 1; step <= hits.size() && !typed.isEmpty(); step++) {
            int at = Math.floorMod(after + step, hits.size());
            var hit = hits.get(at);
            if (Vocabulary.plain(hit.name()).startsWith(typed) || Vocabulary.plain(hit.manufacturer()).startsWith(typed)) {
                return at;
            }
        }
        return -1;
    }
}
