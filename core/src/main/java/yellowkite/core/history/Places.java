package yellowkite.core.history;

import java.util.Set;

/**
 * Where documents of a kind differ.
 *
 * @param <P> a place: what one person can change while another changes the rest
 */
public interface Places<D, P> {
    /** {@return the places that differ; none if the documents are equal} */
    Set<P> between(D before, D after);

    /**
     * {@return what a place is called where people are told of it} @param before where a place is called by what it was, should it be gone
     */
    String words(D now, D before, P place);
}
