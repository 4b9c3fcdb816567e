package yellowkite.core.library;

import java.util.Arrays;
import java.util.List;
import yellowkite.core.library.LibraryQuery.Footprint;
import yellowkite.core.library.LibraryQuery.Term;
import yellowkite.core.library.LibraryQuery.Watts;
import yellowkite.core.library.LibraryQuery.Wide;
import yellowkite.core.library.LibraryQuery.Word;

/** Looks for a term in all entries at once. */
record Seeker(List<Entry> entries, Vocabulary words, Postings postings) {
    /** What a figure is worth beside a word that fits exactly. */
    private static final float FIGURE = 0.6f;

    /** {@return how well each entry fits the term, in [0, 1]; 0 = not at all} */
    float[] fits(Term term) {
        return switch (term) {
            case Footprint footprint ->
                figures(new float[entries.size()], entry -> entry.footprints(), each -> each == footprint.addresses());
            case Watts watts ->
                figures(written(watts.watts() + "w", Integer.toString(watts.watts())), entry -> entry.watts(), watts::isAbout);
            case Wide wide -> {
                var fits = words.fitsWide(Vocabulary.plain(wide.text()), wide.bits());
                wide.attributes().forEach(each -> mark(fits, Entry.wide(each, wide.bits())));
                yield postings.best(fits, entries.size());
            }
            case Word word -> {
                var typed = Vocabulary.plain(word.text());
                var fits = typed.isEmpty() ? new float[words.size()] : words.fits(typed);
                word.attributes().forEach(each -> mark(fits, Vocabulary.plain(each)));
                yield postings.best(fits, entries.size());
            }
        };
    }

    private float[] written(String... wanted) {
        var fits = new float[words.size()];
        Arrays.stream(wanted).forEach(each -> mark(fits, each));
        return postings.best(fits, entries.size());
    }

    private void mark(float[] fits, String word) {
        int number = words.find(word);
        if (number >= 0) {
            fits[number] = 1;
        }
    }

    private interface Figures {
        int[] of(Entry entry);
    }

    private interface Wanted {
        boolean is(int figure);
    }

    /** Also fits each entry one of whose figures is wanted. */
    private float[] figures(float[] fits, Figures figures, Wanted wanted) {
        for (int at = 0; at < fits.length; at++) {
            for (int figure : figures.of(entries.get(at))) {
                if (wanted.is(figure)) {
                    fits[at] = Math.max(fits[at], FIGURE);
                }
            }
        }
        return fits;
    }
}
