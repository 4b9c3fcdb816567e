package yellowkite.core.library;

import java.util.Arrays;
import yellowkite.core.library.LibraryQuery.Footprint;
import yellowkite.core.library.LibraryQuery.Term;
import yellowkite.core.library.LibraryQuery.Watts;
import yellowkite.core.library.LibraryQuery.Wide;
import yellowkite.core.library.LibraryQuery.Word;

/** A term, made ready to be looked for in many entries. */
interface Seeker {
    /** What a figure is worth beside a word that fits exactly. */
    float FIGURE = 0.6f;

    /** {@return how well an entry fits the term, in [0, 1]; 0 = not at all} */
    float fit(Entry entry);

    static Seeker of(Term term, Vocabulary words) {
        return switch (term) {
            case Footprint footprint -> entry -> Arrays.stream(entry.footprints()).anyMatch(each -> each == footprint.addresses()) ? FIGURE : 0;
            case Watts watts -> {
                var written = ofWords(exactly(words, watts.watts() + "w", Integer.toString(watts.watts())));
                yield entry -> Arrays.stream(entry.watts()).anyMatch(watts::isAbout) ? FIGURE : written.fit(entry);
            }
            case Wide wide -> {
                var fits = words.fitsWide(Vocabulary.plain(wide.text()), wide.bits());
                wide.attributes().forEach(each -> mark(fits, words.find(Entry.wide(each, wide.bits()))));
                yield ofWords(fits);
            }
            case Word word -> {
                var typed = Vocabulary.plain(word.text());
                var fits = typed.isEmpty() ? new float[words.size()] : words.fits(typed);
                word.attributes().forEach(each -> mark(fits, words.find(Vocabulary.plain(each))));
                yield ofWords(fits);
            }
        };
    }

    private static float[] exactly(Vocabulary words, String... wanted) {
        var fits = new float[words.size()];
        Arrays.stream(wanted).forEach(each -> mark(fits, words.find(each)));
        return fits;
    }

    private static void mark(float[] fits, int word) {
        if (word >= 0) {
            fits[word] = 1;
        }
    }

    /** {@return what finds the best of an entry's words, by how it fits and where it stands} */
    private static Seeker ofWords(float[] fits) {
        return entry -> {
            float best = 0;
            var words = entry.words();
            for (int i = 0; i < words.length; i++) {
                float fit = fits[words[i]];
                if (fit != 0) {
                    best = Math.max(best, fit * entry.weights()[i]);
                }
            }
            return best;
        };
    }
}
