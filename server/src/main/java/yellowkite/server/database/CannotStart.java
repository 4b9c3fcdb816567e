package yellowkite.server.database;

/** Why Yellow Kite cannot start, in one sentence with the remedy. */
public final class CannotStart extends RuntimeException {
    public CannotStart(String sentence) {
        super(sentence);
    }
}
