package yellowkite.server.revisions;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.server.stored.StoredForm.Unreadable;
import yellowkite.server.stored.StoredForms;

/** What the checks found in a revision, as it is kept. @param edition of the rules. @param kept as JSON */
public record FoundBefore(int edition, String kept) {

    static FoundBefore of(List<Finding> findings) {
        return new FoundBefore(Checks.EDITION, StoredForms.FINDINGS.write(findings));
    }

    /** {@return the findings; null if other rules found them, or they cannot be read} */
    @Nullable
    List<Finding> findings() {
        if (edition != Checks.EDITION) {
            return null;
        }
        try {
            return StoredForms.FINDINGS.read(kept);
        } catch (Unreadable damaged) {
            return null;
        }
    }
}
