package yellowkite.core.library;

import java.time.LocalDateTime;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.House;

/**
 * What of the library is looked at. An empty set narrows nothing; of several values in a set one has to hold, but for attributes, of which
 * all have to.
 *
 * @param footprintFrom addresses of at least one mode, both ends included; null = open
 * @param hasCells null = either
 * @param attributes by name, in any width
 * @param isProven null = either
 * @param changedSince UTC; null = ever
 */
public record Narrowing(Set<String> manufacturers, Set<House.Category> categories, @Nullable Integer footprintFrom,
        @Nullable Integer footprintTo, @Nullable Boolean hasCells, Set<String> attributes, Set<Shelf> shelves,
        Set<Card.State> states, @Nullable Boolean isProven, @Nullable LocalDateTime changedSince) {
    public static final Narrowing NONE = new Narrowing(Set.of(), Set.of(), null, null, null, Set.of(), Set.of(), Set.of(), null, null);

    public Narrowing {
        manufacturers = Set.copyOf(manufacturers);
        categories = Set.copyOf(categories);
        attributes = Set.copyOf(attributes);
        shelves = Set.copyOf(shelves);
        states = Set.copyOf(states);
    }

    /** By what it is narrowed: for each, the values that are left are counted as if it were not narrowed by that one. */
    enum By {
        MANUFACTURER, CATEGORY, FOOTPRINT, CELLS, ATTRIBUTE, SHELF, STATE, PROVEN, CHANGED;

        int bit() {
            return 1 << ordinal();
        }
    }
}
