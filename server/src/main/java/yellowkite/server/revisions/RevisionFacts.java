package yellowkite.server.revisions;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/**
 * What a revision rests on.
 *
 * @param firmware of the fixture from which it holds; empty = not said
 * @param fromWhom who gave what it rests on; empty = not said
 */
public record RevisionFacts(String firmware, RestsOn restsOn, String fromWhom) {
    public static final RevisionFacts UNSAID = new RevisionFacts("", RestsOn.UNSAID, "");
    public static final RevisionFacts FILE = new RevisionFacts("", RestsOn.FILE, "");
    private static final int LONGEST_FIRMWARE = 60;
    private static final int LONGEST_NAME = 200;

    /** The manufacturer's chart, a lamp on the bench, a colleague's word or file, a release, or a file that came in. */
    public enum RestsOn {
        CHART, LAMP, COLLEAGUE, RELEASE, FILE, UNSAID
    }

    /** @throws Refusal 422 with the field that does not fit */
    public static RevisionFacts said(@Nullable String firmware, @Nullable RestsOn restsOn, @Nullable String fromWhom) {
        return new RevisionFacts(Line.of("firmware", firmware, LONGEST_FIRMWARE), Objects.requireNonNullElse(restsOn, RestsOn.UNSAID),
                Line.of("fromWhom", fromWhom, LONGEST_NAME));
    }
}
