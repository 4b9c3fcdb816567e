package yellowkite.core.library;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.library.Found.Hit;
import yellowkite.core.library.Found.Kind;
import yellowkite.core.library.Found.Section;

/** All cards of a library, to be searched. It never changes: with other cards it is another index. */
public final class LibraryIndex {
    public static final LibraryIndex EMPTY = new LibraryIndex(List.of(), new Vocabulary(), new Vocabulary(), new Vocabulary());
    /** Where more than that fit whole, those that fit in part are of no interest. */
    private static final int FEW = 10;
    private static final int MOST_IN_PART = 50;
    /** Of several whose names hold what was typed, the one that is called just so comes first. */
    private static final float NAMED = 0.5f;
    private static final Comparator<Entry> BY_NAME = Comparator.comparing(Entry::manufacturer, String.CASE_INSENSITIVE_ORDER)
        .thenComparing(Entry::name, String.CASE_INSENSITIVE_ORDER)
        .thenComparing(Entry::id);

    private final List<Entry> entries;
    private final Vocabulary words;
    private final Vocabulary manufacturers;
    private final Vocabulary attributes;
    /** Made at the first search. */
    private volatile @Nullable Postings postings;

    private LibraryIndex(List<Entry> entries, Vocabulary words, Vocabulary manufacturers, Vocabulary attributes) {
        this.entries = entries;
        this.words = words;
        this.manufacturers = manufacturers;
        this.attributes = attributes;
    }

    /** {@code FIT}: what fits best first. */
    public enum Order {
        FIT, NAME, NEWEST
    }

    public int size() {
        return entries.size();
    }

    /** {@return an index with these cards instead of those of the same profiles, and without those of {@code gone}} */
    public LibraryIndex with(Collection<Card> cards, Set<String> gone) {
        var replaced = new HashSet<>(gone);
        cards.forEach(card -> replaced.add(card.id()));
        var after = entries.stream().filter(each -> !replaced.contains(each.id())).collect(Collectors.toCollection(ArrayList::new));
        var moreWords = words.copy();
        var moreManufacturers = manufacturers.copy();
        var moreAttributes = attributes.copy();
        cards.forEach(card -> after.add(Entry.of(card, moreWords, moreManufacturers, moreAttributes)));
        after.sort(BY_NAME);
        return new LibraryIndex(after, moreWords, moreManufacturers, moreAttributes);
    }

    /** An entry that fits some terms. @param at its position */
    private record Scored(Entry entry, int at, float score, int fitting) {}

    /** {@return what fits every term, ours first; where that is little, what fits at least half of them after it; placeholders last} */
    public Found search(LibraryQuery query, Narrowing narrowing, Order order) {
        var seeker = new Seeker(entries, words, postings());
        var fits = query.terms().stream().map(seeker::fits).toArray(float[][]::new);
        var tally = new Tally(narrowing, manufacturers, attributes);
        var bySection = new EnumMap<Kind, List<Scored>>(Kind.class);
        var typed = new boolean[words.size()];
        Vocabulary.words(query.text()).stream().mapToInt(words::find).filter(word -> word >= 0).forEach(word -> typed[word] = true);
        for (int at = 0; at < entries.size(); at++) {
            int fitting = 0;
            float fit = 0;
            for (var term : fits) {
                fitting += term[at] > 0 ? 1 : 0;
                fit += term[at];
            }
            boolean whole = fitting == fits.length;
            if (2 * fitting < fits.length) {
                continue;
            }
            var entry = entries.get(at);
            float score = fit + NAMED * entry.named(typed);
            if (whole ? tally.takes(entry) : !entry.placeholder() && tally.wants(entry)) {
                bySection.computeIfAbsent(kind(entry, whole), none -> new ArrayList<>()).add(new Scored(entry, at, score, fitting));
            }
        }
        var inPart = bySection.remove(Kind.PART);
        if (inPart != null && bySection.values().stream().mapToInt(List::size).sum() <= FEW) {
            inPart.sort(Comparator.comparingInt(Scored::fitting).thenComparingDouble(Scored::score).reversed());
            bySection.put(Kind.PART, inPart.subList(0, Math.min(MOST_IN_PART, inPart.size())));
        }
        return ordered(bySection, order, tally.left(), scored -> missing(query, fits, scored.at()));
    }

    private Postings postings() {
        var known = postings;
        if (known == null) { // two who ask at once make the same
            known = Postings.of(entries, words.size());
            postings = known;
        }
        return known;
    }

    private static List<String> missing(LibraryQuery query, float[][] fits, int at) {
        return IntStream.range(0, fits.length)
            .filter(term -> fits[term][at] == 0)
            .mapToObj(term -> query.terms().get(term).says())
            .toList();
    }

    private static Found ordered(Map<Kind, List<Scored>> bySection, Order order, Found.Left left, Function<Scored, List<String>> missing) {
        var all = new ArrayList<Scored>();
        var sections = new ArrayList<Section>();
        bySection.forEach((kind, found) -> { // an EnumMap goes through the kinds in their order
            if (kind != Kind.PART && order != Order.NAME) { // the entries lie by name, and sorting keeps that order among equals
                found.sort(order == Order.FIT ? Comparator.comparingDouble(Scored::score).reversed()
                        : Comparator.comparing((Scored each) -> each.entry().changed()).reversed());
            }
            sections.add(new Section(kind, all.size(), found.size()));
            all.addAll(found);
        });
        return new Found(new Hits(all, sections, missing), sections, left);
    }

    /** Made one by one when they are looked at: of thousands, a page shows a few. */
    private static final class Hits extends AbstractList<Hit> {
        private final List<Scored> all;
        private final List<Section> sections;
        private final Function<Scored, List<String>> missing;

        private Hits(List<Scored> all, List<Section> sections, Function<Scored, List<String>> missing) {
            this.all = all;
            this.sections = sections;
            this.missing = missing;
        }

        @Override
        public Hit get(int index) {
            var scored = all.get(index);
            var kind = sections.stream().filter(each -> index < each.from() + each.count()).findFirst().orElseThrow().kind();
            return new Hit(scored.entry().id(), scored.entry().manufacturer(), scored.entry().name(), kind,
                    kind == Kind.PART ? missing.apply(scored) : List.of());
        }

        @Override
        public int size() {
            return all.size();
        }
    }

    private static Kind kind(Entry entry, boolean whole) {
        if (!whole) {
            return Kind.PART;
        }
        return entry.placeholder() ? Kind.PLACEHOLDER : entry.shelf() == Shelf.HOUSE ? Kind.HOUSE : Kind.REFERENCE;
    }
}
