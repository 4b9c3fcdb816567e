package yellowkite.core.edit;

import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import yellowkite.core.edit.Edit.Outcome;
import yellowkite.core.edit.Touched.Place;
import yellowkite.core.profile.FixtureType;

/** An edit that somebody made upon a document, while somebody else has changed it. */
public final class Meanwhile {
    private Meanwhile() {}

    /**
     * {@return what the edit makes of the newer document, or why it does not fit there; none if it touches what was changed meanwhile}
     *
     * @param seen the document that the edit was made upon
     * @param now what became of it
     */
    public static Optional<Outcome> apply(FixtureType seen, FixtureType now, Edit edit) {
        var others = Touched.between(seen, now);
        if (!(edit.acceptedOn(seen) instanceof Outcome.Applied(var wanted)) || meet(others, Touched.between(seen, wanted))) {
            return Optional.empty();
        }
        var outcome = edit.acceptedOn(now);
        // what reaches further on the newer document than its manufacturer could see touches it as well
        return outcome instanceof Outcome.Applied(var after) && meet(others, Touched.between(now, after)) ? Optional.empty()
                : Optional.of(outcome);
    }

    private static boolean meet(Set<Place> some, Set<Place> others) {
        return !Collections.disjoint(some, others);
    }
}
