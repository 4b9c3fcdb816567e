package yellowkite.server.library;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.library.Card;
import yellowkite.core.library.LibraryIndex.Order;
import yellowkite.core.library.LibraryQuery;
import yellowkite.core.library.Narrowing;
import yellowkite.core.library.Shelf;
import yellowkite.core.profile.House;

/**
 * What is looked for in the library, as the address says it.
 *
 * @param search empty = everything
 * @param manufacturer names; commas in them are theirs
 * @param footprintFrom addresses, as is {@code footprintTo}; null = open
 * @param cells whether it has to have cells, or none; null = either
 * @param proven whether its newest revision has to rest on a lamp on the bench, or not; null = either
 * @param since the first day, UTC, on which it may have changed last; null = ever
 * @param order null = what fits best if something is searched, else by name
 */
record LibraryRequest(@Nullable String search, String @Nullable [] manufacturer, @Nullable Set<House.Category> category,
        @Nullable Integer footprintFrom, @Nullable Integer footprintTo, @Nullable Boolean cells,
        @Nullable Set<String> attribute, @Nullable Set<Shelf> shelf, @Nullable Set<Card.State> state, @Nullable Boolean proven,
        @Nullable LocalDate since, @Nullable Order order) {

    String searched() {
        return Objects.requireNonNullElse(search, "");
    }

    LibraryQuery query() {
        return LibraryQuery.of(searched());
    }

    Narrowing narrowing() {
        return new Narrowing(manufacturer == null ? Set.of() : new HashSet<>(Arrays.asList(manufacturer)), orNone(category), footprintFrom,
                footprintTo, cells, orNone(attribute), orNone(shelf), orNone(state), proven, since == null ? null : since.atStartOfDay());
    }

    Order ordered() {
        return order != null ? order : searched().isBlank() ? Order.NAME : Order.FIT;
    }

    /** An address may name a choice and leave it empty. */
    private static <T> Set<T> orNone(@Nullable Set<T> set) {
        return set == null ? Set.of() : set.stream().filter(Objects::nonNull).collect(Collectors.toUnmodifiableSet());
    }
}
