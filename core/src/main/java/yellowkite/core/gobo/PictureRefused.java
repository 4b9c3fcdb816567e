package yellowkite.core.gobo;

/** A file that cannot be taken as a picture; its message is one sentence for the person who sent it. */
public final class PictureRefused extends RuntimeException {
    public PictureRefused(String sentence) {
        super(sentence);
    }
}
