package yellowkite.core.library;

import java.util.List;

/**
 * Where each word stands: for a word, the positions of its entries and what it weighs there.
 *
 * @param starts by word, where its positions begin in the other two; one more at the end
 */
record Postings(int[] starts, int[] entries, float[] weights) {

    static Postings of(List<Entry> entries, int words) {
        var starts = new int[words + 1];
        for (var entry : entries) {
            for (int word : entry.words()) {
                starts[word + 1]++;
            }
        }
        for (int i = 0; i < words; i++) {
            starts[i + 1] += starts[i];
        }
        var next = starts.clone();
        var positions = new int[starts[words]];
        var weights = new float[starts[words]];
        for (int at = 0; at < entries.size(); at++) {
            var entry = entries.get(at);
            for (int i = 0; i < entry.words().length; i++) {
                int to = next[entry.words()[i]]++;
                positions[to] = at;
                weights[to] = entry.weights()[i];
            }
        }
        return new Postings(starts, positions, weights);
    }

    /** {@return how well each entry fits, by the best of its words: how that fits and what it weighs} @param fits by word */
    float[] best(float[] fits, int count) {
        var best = new float[count];
        for (int word = 0; word < fits.length; word++) {
            float fit = fits[word];
            if (fit != 0) {
                for (int i = starts[word]; i < starts[word + 1]; i++) {
                    float here = fit * weights[i];
                    if (here > best[entries[i]]) {
                        best[entries[i]] = here;
                    }
                }
            }
        }
        return best;
    }
}
