package yellowkite.server.neighbours;

/** A neighbour that did not answer, or not as it should. The message is one sentence, ready to be shown. */
final class NeighbourTrouble extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final boolean worthAnotherTry;

    NeighbourTrouble(String says, boolean worthAnotherTry) {
        super(says);
        this.worthAnotherTry = worthAnotherTry;
    }

    /** {@return whether it may be otherwise in a moment} */
    boolean isWorthAnotherTry() {
        return worthAnotherTry;
    }

    String says() {
        return String.valueOf(getMessage());
    }
}
