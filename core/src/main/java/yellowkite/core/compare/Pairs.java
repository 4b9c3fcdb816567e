package yellowkite.core.compare;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Function;

/**
 * Which of two lists' elements are the same thing.
 *
 * @param both pairs, in the order of the left list
 * @param left only on the left; {@code right} only on the right
 */
record Pairs<T>(List<Pair<T>> both, List<T> left, List<T> right) {
    record Pair<T>(T left, T right) {}

    /**
     * {@return pairs of equal keys, those of the first key first; of several equal ones the first with the first. A null key pairs nothing}
     */
    @SafeVarargs
    static <T> Pairs<T> by(List<T> left, List<T> right, Function<T, Object>... keys) {
        var partner = new LinkedHashMap<Integer, Integer>();
        var taken = new boolean[right.size()];
        for (var key : keys) {
            var waiting = new LinkedHashMap<Object, Deque<Integer>>();
            for (int i = 0; i < right.size(); i++) {
                var value = taken[i] ? null : key.apply(right.get(i));
                if (value != null) {
                    waiting.computeIfAbsent(value, each -> new ArrayDeque<>()).add(i);
                }
            }
            for (int i = 0; i < left.size(); i++) {
                var value = partner.containsKey(i) ? null : key.apply(left.get(i));
                var fits = value == null ? null : waiting.get(value);
                if (fits != null && !fits.isEmpty()) {
                    int found = fits.removeFirst();
                    partner.put(i, found);
                    taken[found] = true;
                }
            }
        }
        var both = new ArrayList<Pair<T>>();
        var onlyLeft = new ArrayList<T>();
        var onlyRight = new ArrayList<T>();
        for (int i = 0; i < left.size(); i++) {
            if (partner.containsKey(i)) {
                both.add(new Pair<>(left.get(i), right.get(partner.get(i))));
            } else {
                onlyLeft.add(left.get(i));
            }
        }
        for (int i = 0; i < right.size(); i++) {
            if (!taken[i]) {
                onlyRight.add(right.get(i));
            }
        }
        return new Pairs<>(both, onlyLeft, onlyRight);
    }
}
