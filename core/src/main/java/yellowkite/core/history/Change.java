package yellowkite.core.history;

/** One change to a document, as data: it can be listed, stored, sent and applied. */
public interface Change<D> {
    /** {@return the changed document ({@code before} itself if nothing changes), or why this edit does not fit} */
    Outcome<D> applyTo(D before);

    /**
     * {@return like {@link #applyTo}, and refused where a person should not be let do it} What was accepted once is applied again as it was
     * then.
     */
    default Outcome<D> acceptedOn(D before) {
        return applyTo(before);
    }

    /**
     * {@return what it does, in a few words that name the thing: "'Shake' of Gobo1 starts at 63, was 64"}
     *
     * @param before the document that it is applied to; where it does not fit, the words stay general
     */
    String describe(D before);

    /** {@return whether a document begins with it} It is never undone: such a draft is discarded instead. */
    default boolean begins() {
        return false;
    }
}
