package yellowkite.server.revisions;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.Media;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.profile.FixtureType;

/**
 * What is about to become a revision.
 *
 * @param compiled with its house part, which is kept beside the file
 * @param findings what the checks say of it
 * @param description the bytes of the description as they came, so that they go out again to the letter
 * @param summary one line of what changed
 * @param isAsRead whether its document has the ids that its bytes give when they are read, so that its findings hold for whoever reads it
 * @param despite why it is published although checks found errors; null if they found none, or it came as a file
 */
public record NewRevision(CompiledType compiled, List<Finding> findings, byte[] description, String summary, @Nullable String despite,
        String author, boolean isAsRead) {
    /** {@return the same with what the house keeps beside it} @param media of the file */
    public NewRevision with(StoredHouse house, Media media) {
        var kept = CompiledType.of(house.laidOnto(type()));
        return new NewRevision(kept, Checks.of(kept, media), description, summary, despite, author, isAsRead);
    }

    public FixtureType type() {
        return compiled.type();
    }

    /** {@return how many there are} Those that the house set aside do not count; an error always does. */
    int count(Severity severity) {
        return (int) findings.stream()
            .filter(each -> each.severity() == severity
                    && (severity == Severity.ERROR || type().house().meant(each.rule(), each.place().words()) == null))
            .count();
    }
}
