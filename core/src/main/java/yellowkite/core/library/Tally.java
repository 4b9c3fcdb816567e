package yellowkite.core.library;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.library.Narrowing.By;
import yellowkite.core.profile.House;

/** Narrows entries, and counts what is left: each value as if nothing were narrowed by its own kind. */
final class Tally {
    private static final int MOST_LISTED = 100;
    private final Narrowing to;
    /** Whether nothing is narrowed at all. */
    private final boolean open;
    private final int[] wantedAttributes;
    private final boolean attributeUnknown;
    private final Vocabulary manufacturers;
    private final Vocabulary attributes;
    private final int[] manufacturerCounts;
    private final int[] attributeCounts;
    private final int[] categories = new int[House.Category.values().length];
    private final int[] shelves = new int[Shelf.values().length];
    private final int[] states = new int[Card.State.values().length];
    /** By no and yes, as is {@code proven}. */
    private final int[] cells = new int[2];
    private final int[] proven = new int[2];

    Tally(Narrowing to, Vocabulary manufacturers, Vocabulary attributes) {
        this.to = to;
        this.open = to.equals(Narrowing.NONE);
        this.manufacturers = manufacturers;
        this.attributes = attributes;
        this.manufacturerCounts = new int[manufacturers.size()];
        this.attributeCounts = new int[attributes.size()];
        this.wantedAttributes = to.attributes().stream().mapToInt(attributes::find).toArray();
        this.attributeUnknown = to.attributes().stream().anyMatch(each -> attributes.find(each) < 0);
    }

    /** {@return whether an entry is among what is looked at} It is counted in any case. */
    boolean takes(Entry entry) {
        int failing = failing(entry);
        count(failing, By.MANUFACTURER, manufacturerCounts, entry.manufacturerNumber());
        count(failing, By.CATEGORY, categories, entry.category().ordinal());
        count(failing, By.CELLS, cells, entry.cells() ? 1 : 0);
        count(failing, By.SHELF, shelves, entry.shelf().ordinal());
        count(failing, By.STATE, states, entry.state().ordinal());
        count(failing, By.PROVEN, proven, entry.proven() ? 1 : 0);
        if (failing == 0) {
            for (int attribute : entry.attributes()) {
                attributeCounts[attribute]++;
            }
        }
        return failing == 0;
    }

    /** {@return whether an entry is among what is looked at} It is not counted. */
    boolean wants(Entry entry) {
        return failing(entry) == 0;
    }

    private static void count(int failing, By by, int[] counts, int value) {
        if ((failing & ~by.bit()) == 0) {
            counts[value]++;
        }
    }

    private int failing(Entry entry) {
        if (open) {
            return 0;
        }
        int failing = 0;
        failing |= to.manufacturers().isEmpty() || to.manufacturers().contains(entry.manufacturer()) ? 0 : By.MANUFACTURER.bit();
        failing |= to.categories().isEmpty() || to.categories().contains(entry.category()) ? 0 : By.CATEGORY.bit();
        failing |= fitsFootprint(entry) ? 0 : By.FOOTPRINT.bit();
        failing |= is(to.hasCells(), entry.cells()) ? 0 : By.CELLS.bit();
        failing |= to.shelves().isEmpty() || to.shelves().contains(entry.shelf()) ? 0 : By.SHELF.bit();
        failing |= to.states().isEmpty() || to.states().contains(entry.state()) ? 0 : By.STATE.bit();
        failing |= is(to.isProven(), entry.proven()) ? 0 : By.PROVEN.bit();
        failing |= to.changedSince() == null || !entry.changed().isBefore(to.changedSince()) ? 0 : By.CHANGED.bit();
        return failing | (fitsAttributes(entry) ? 0 : By.ATTRIBUTE.bit());
    }

    private static boolean is(@Nullable Boolean wanted, boolean has) {
        return wanted == null || wanted == has;
    }

    private boolean fitsFootprint(Entry entry) {
        int from = to.footprintFrom() == null ? 0 : to.footprintFrom();
        int last = to.footprintTo() == null ? Integer.MAX_VALUE : to.footprintTo();
        if (to.footprintFrom() == null && to.footprintTo() == null) {
            return true;
        }
        for (int footprint : entry.footprints()) {
            if (footprint >= from && footprint <= last) {
                return true;
            }
        }
        return false;
    }

    private boolean fitsAttributes(Entry entry) {
        if (attributeUnknown) {
            return false;
        }
        for (int wanted : wantedAttributes) {
            if (!entry.has(wanted)) {
                return false;
            }
        }
        return true;
    }

    Found.Left left() {
        return new Found.Left(most(manufacturerCounts, manufacturers), counted(categories, House.Category.values()),
                counted(cells, Boolean.FALSE, Boolean.TRUE), most(attributeCounts, attributes), counted(shelves, Shelf.values()),
                counted(states, Card.State.values()), counted(proven, Boolean.FALSE, Boolean.TRUE));
    }

    @SafeVarargs
    private static <T> Map<T, Integer> counted(int[] counts, T... values) {
        var counted = new LinkedHashMap<T, Integer>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                counted.put(values[i], counts[i]);
            }
        }
        return counted;
    }

    private static Map<String, Integer> most(int[] counts, Vocabulary words) {
        return IntStream.range(0, counts.length)
            .filter(i -> counts[i] > 0)
            .boxed()
            .sorted(Comparator.comparing((Integer i) -> -counts[i]).thenComparing(words::word))
            .limit(MOST_LISTED)
            .collect(LinkedHashMap<String, Integer>::new, (map, i) -> map.put(words.word(i), counts[i]), Map::putAll);
    }
}
