package yellowkite.server.intake;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Finding;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.revisions.ModeSummary;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.FindingView;

/**
 * What became of one file.
 *
 * @param refused  why it did not come in; null if it did
 * @param accepted what came in; null if it was refused
 */
record IntakeResult(String file, @Schema(nullable = true) @Nullable String refused, @Schema(nullable = true) @Nullable Accepted accepted) {

    /**
     * @param isNew    false if the library held this very file already
     * @param problems what is wrong with it, the worst first
     */
    record Accepted(String profileId, String name, String manufacturer, int revision, boolean isNew, List<ModeSummary> modes, List<FindingView> problems) {

        static Accepted of(FixtureType type, String name, String manufacturer, StoredRevision revision, boolean isNew, List<Finding> findings) {
            var modes = type.modes().stream().map(mode -> ModeSummary.of(type, mode)).toList();
            return new Accepted(revision.profileId(), name, manufacturer, revision.number(), isNew, modes, findings.stream().map(FindingView::of).toList());
        }
    }
}
