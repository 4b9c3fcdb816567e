package yellowkite.core.history;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** An edit that somebody made upon a document, while somebody else has changed it. */
public sealed interface Meanwhile<D> {
    /** It touches nothing that was changed. @param outcome what it makes of the newer document, or why it does not fit there */
    record Free<D>(Outcome<D> outcome) implements Meanwhile<D> {}

    /**
     * Both have changed the same. @param places what they have, in words; empty if the edit did not even fit the document it was made upon
     */
    record Conflict<D>(List<String> places) implements Meanwhile<D> {
        public Conflict {
            places = List.copyOf(places);
        }
    }

    /**
     * @param seen the document that the edit was made upon
     * @param now what became of it
     */
    static <D, P> Meanwhile<D> of(D seen, D now, Change<D> edit, Places<D, P> where) {
        var others = where.between(seen, now);
        if (!(edit.acceptedOn(seen) instanceof Outcome.Applied<D>(var wanted))) {
            return new Conflict<>(List.of());
        }
        var both = both(others, where.between(seen, wanted));
        var outcome = edit.acceptedOn(now);
        if (both.isEmpty() && outcome instanceof Outcome.Applied<D>(var after)) {
            both = both(others, where.between(now, after)); // it may reach further on the newer document than its maker could see
        }
        return both.isEmpty() ? new Free<>(outcome)
                : new Conflict<>(both.stream().map(place -> where.words(now, seen, place)).sorted().distinct().toList());
    }

    private static <P> Set<P> both(Set<P> some, Set<P> others) {
        var both = new HashSet<>(some);
        both.retainAll(others);
        return both;
    }
}
