package yellowkite.server.intake;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Finding;
import yellowkite.core.gdtf.ReadNote;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.revisions.ModeSummary;
import yellowkite.server.revisions.StoredRevision;

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
    record Accepted(String profileId, String name, String manufacturer, int revision, boolean isNew, List<ModeSummary> modes, List<Problem> problems) {

        static Accepted of(FixtureType type, String name, String manufacturer, StoredRevision revision, boolean isNew, List<Finding> findings, List<ReadNote> notes) {
            var modes = type.modes().stream().map(mode -> ModeSummary.of(type, mode)).toList();
            var problems = new java.util.ArrayList<>(findings.stream()
                    .map(each -> new Problem(each.severity().name().toLowerCase(java.util.Locale.ROOT), each.place().words(), each.says())).toList());
            notes.stream().limit(50).map(note -> new Problem("warning", note.where(),
                    "'" + shorten(note.text()) + "' was found for " + note.attribute() + " where " + note.expected() + " is expected; it is kept as it is.")).forEach(problems::add);
            return new Accepted(revision.profileId(), name, manufacturer, revision.number(), isNew, modes, problems);
        }

        private static String shorten(String text) {
            return text.length() <= 60 ? text : text.substring(0, 57) + "...";
        }
    }

    /** @param severity {@code error}, {@code warning} or {@code remark} */
    record Problem(String severity, String where, String says) {}
}
