package yellowkite.core.library;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.library.Found.Hit;
import yellowkite.core.library.Found.Kind;
import yellowkite.core.library.Found.Section;

/** All cards of a library, to be searched. It never changes: with other cards it is another index. */
public final class LibraryIndex {
    public static final LibraryIndex EMPTY = new LibraryIndex(List.of(), new Vocabulary(), new Vocabulary());
    /** Where more than that fit whole, those that fit in part are of no interest. */
    private static final int FEW = 10;
    private static final int MOST_IN_PART = 50;
    private static final Comparator<Entry> BY_NAME = Comparator.comparing(Entry::maker, String.CASE_INSENSITIVE_ORDER).thenComparing(Entry::name, String.CASE_INSENSITIVE_ORDER).thenComparing(Entry::id);

    private final List<Entry> entries;
    private final Vocabulary words;
    private final Vocabulary attributes;

    private LibraryIndex(List<Entry> entries, Vocabulary words, Vocabulary attributes) {
        this.entries = entries;
        this.words = words;
        this.attributes = attributes;
    }

    /** {@code FIT}: what fits best first. */
    public enum Order { FIT, NAME, NEWEST }

    public int size() {
        return entries.size();
    }

    /** {@return an index with these cards instead of those of the same profiles, and without those of {@code gone}} */
    public LibraryIndex with(Collection<Card> cards, Set<String> gone) {
        var replaced = new HashSet<>(gone);
        cards.forEach(card -> replaced.add(card.id()));
        var after = entries.stream().filter(each -> !replaced.contains(each.id())).collect(Collectors.toCollection(ArrayList::new));
        var moreWords = words.copy();
        var moreAttributes = attributes.copy();
        cards.forEach(card -> after.add(Entry.of(card, moreWords, moreAttributes)));
        after.sort(BY_NAME);
        return new LibraryIndex(after, moreWords, moreAttributes);
    }

    /** @param fits by term */
    private record Scored(Entry entry, float[] fits, float score, int fitting) {

        static Scored of(Entry entry, List<Seeker> seekers) {
            var fits = new float[seekers.size()];
            float score = 0;
            int fitting = 0;
            for (int i = 0; i < fits.length; i++) {
                fits[i] = seekers.get(i).fit(entry);
                score += fits[i];
                fitting += fits[i] > 0 ? 1 : 0;
            }
            return new Scored(entry, fits, score, fitting);
        }

        boolean isWhole() {
            return fitting == fits.length;
        }

        Hit hit(Kind kind, LibraryQuery query) {
            return new Hit(entry.id(), entry.maker(), entry.name(), kind, isWhole() ? List.of() : IntStream.range(0, fits.length).filter(i -> fits[i] == 0).mapToObj(i -> query.terms().get(i).says()).toList());
        }
    }

    /** {@return what fits every term, ours first; where that is little, what fits at least half of them after it; placeholders last} */
    public Found search(LibraryQuery query, Narrowing narrowing, Order order) {
        var seekers = query.terms().stream().map(term -> Seeker.of(term, words)).toList();
        var tally = new Tally(narrowing, attributes);
        var bySection = new EnumMap<Kind, List<Scored>>(Kind.class);
        for (var entry : entries) {
            var scored = Scored.of(entry, seekers);
            if (scored.isWhole() ? tally.takes(entry) : 2 * scored.fitting() >= seekers.size() && !entry.placeholder() && tally.wants(entry)) {
                bySection.computeIfAbsent(kind(scored), none -> new ArrayList<>()).add(scored);
            }
        }
        var inPart = bySection.remove(Kind.PART);
        if (inPart != null && bySection.values().stream().mapToInt(List::size).sum() <= FEW) {
            inPart.sort(Comparator.comparingInt(Scored::fitting).thenComparingDouble(Scored::score).reversed());
            bySection.put(Kind.PART, inPart.subList(0, Math.min(MOST_IN_PART, inPart.size())));
        }
        return ordered(bySection, query, order, tally.left());
    }

    private static Found ordered(Map<Kind, List<Scored>> bySection, LibraryQuery query, Order order, Found.Left left) {
        var hits = new ArrayList<Hit>();
        var sections = new ArrayList<Section>();
        bySection.forEach((kind, found) -> { // an EnumMap goes through the kinds in their order
            if (kind != Kind.PART && order != Order.NAME) { // the entries lie by name, and sorting keeps that order among equals
                found.sort(order == Order.FIT ? Comparator.comparingDouble(Scored::score).reversed() : Comparator.comparing((Scored each) -> each.entry().changed()).reversed());
            }
            sections.add(new Section(kind, hits.size(), found.size()));
            found.forEach(each -> hits.add(each.hit(kind, query)));
        });
        return new Found(hits, sections, left);
    }

    private static Kind kind(Scored scored) {
        if (!scored.isWhole()) {
            return Kind.PART;
        }
        return scored.entry().placeholder() ? Kind.PLACEHOLDER : scored.entry().shelf() == Shelf.HOUSE ? Kind.HOUSE : Kind.REFERENCE;
    }
}
