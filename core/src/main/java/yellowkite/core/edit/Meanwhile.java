package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import yellowkite.core.edit.Edit.Outcome;
import yellowkite.core.edit.Touched.Place;
import yellowkite.core.profile.FixtureType;

/** An edit that somebody made upon a document, while somebody else has changed it. */
public sealed interface Meanwhile {
    /** It touches nothing that was changed. @param outcome what it makes of the newer document, or why it does not fit there */
    record Free(Outcome outcome) implements Meanwhile {}

    /**
     * Both have changed the same. @param places what they have, in words; empty if the edit did not even fit the document it was made upon
     */
    record Conflict(List<String> places) implements Meanwhile {
        public Conflict {
            places = List.copyOf(places);
        }
    }

    /**
     * @param seen the document that the edit was made upon
     * @param now what became of it
     */
    static Meanwhile of(FixtureType seen, FixtureType now, Edit edit) {
        var others = Touched.between(seen, now);
        if (!(edit.acceptedOn(seen) instanceof Outcome.Applied(var wanted))) {
            return new Conflict(List.of());
        }
        var both = both(others, Touched.between(seen, wanted));
        var outcome = edit.acceptedOn(now);
        if (both.isEmpty() && outcome instanceof Outcome.Applied(var after)) {
            both = both(others, Touched.between(now, after)); // it may reach further on the newer document than its maker could see
        }
        return both.isEmpty() ? new Free(outcome)
                : new Conflict(both.stream().map(place -> PlaceWords.of(now, seen, place)).sorted().distinct().toList());
    }

    private static Set<Place> both(Set<Place> some, Set<Place> others) {
        var both = new HashSet<>(some);
        both.retainAll(others);
        return both;
    }
}
