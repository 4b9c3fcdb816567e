package yellowkite.core.library;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.library.Narrowing.By;
import yellowkite.core.profile.House;

/** Narrows entries, and counts what is left: each value as if nothing were narrowed by its own kind. */
final class Tally {
    private static final int MOST_LISTED = 100;
    private final Narrowing to;
    private final int[] wantedAttributes;
    private final boolean attributeUnknown;
    private final int[] attributeCounts;
    private final Vocabulary attributes;
    private final Map<String, Integer> makers = new HashMap<>();
    private final Map<House.Category, Integer> categories = new EnumMap<>(House.Category.class);
    private final Map<Boolean, Integer> cells = new TreeMap<>();
    private final Map<Shelf, Integer> shelves = new EnumMap<>(Shelf.class);
    private final Map<Card.State, Integer> states = new EnumMap<>(Card.State.class);
    private final Map<Boolean, Integer> proven = new TreeMap<>();

    Tally(Narrowing to, Vocabulary attributes) {
        this.to = to;
        this.attributes = attributes;
        this.attributeCounts = new int[attributes.size()];
        this.wantedAttributes = to.attributes().stream().mapToInt(attributes::find).toArray();
        this.attributeUnknown = to.attributes().stream().anyMatch(each -> attributes.find(each) < 0);
    }

    /** {@return whether an entry is among what is looked at} It is counted in any case. */
    boolean takes(Entry entry) {
        int failing = failing(entry);
        count(failing, By.MAKER, makers, entry.maker());
        count(failing, By.CATEGORY, categories, entry.category());
        count(failing, By.CELLS, cells, entry.cells());
        count(failing, By.SHELF, shelves, entry.shelf());
        count(failing, By.STATE, states, entry.state());
        count(failing, By.PROVEN, proven, entry.proven());
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

    private static <T> void count(int failing, By by, Map<T, Integer> counts, T value) {
        if ((failing & ~by.bit()) == 0) {
            counts.merge(value, 1, Integer::sum);
        }
    }

    private int failing(Entry entry) {
        int failing = 0;
        failing |= to.makers().isEmpty() || to.makers().contains(entry.maker()) ? 0 : By.MAKER.bit();
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
        var byName = new HashMap<String, Integer>();
        for (int i = 0; i < attributeCounts.length; i++) {
            if (attributeCounts[i] > 0) {
                byName.put(attributes.word(i), attributeCounts[i]);
            }
        }
        return new Found.Left(most(makers), categories, cells, most(byName), shelves, states, proven);
    }

    private static Map<String, Integer> most(Map<String, Integer> counts) {
        return counts.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder()).thenComparing(Map.Entry.comparingByKey())).limit(MOST_LISTED)
                .collect(LinkedHashMap<String, Integer>::new, (map, each) -> map.put(each.getKey(), each.getValue()), Map::putAll);
    }
}
