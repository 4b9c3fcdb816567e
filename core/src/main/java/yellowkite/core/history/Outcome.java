package yellowkite.core.history;

/** What an edit makes of a document. */
public sealed interface Outcome<D> {
    /** @param after the changed document; the very one before if nothing changes */
    record Applied<D>(D after) implements Outcome<D> {}

    /**
     * @param field the edit's component that does not fit
     * @param reason one sentence
     */
    record Rejected<D>(String field, String reason) implements Outcome<D> {}
}
