package yellowkite.cli;

/** A call that is not understood. The message is one sentence. */
final class WrongCall extends RuntimeException {
    WrongCall(String sentence) {
        super(sentence, null, false, false);
    }
}
