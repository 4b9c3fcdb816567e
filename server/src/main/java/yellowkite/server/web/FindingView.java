package yellowkite.server.web;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Finding;
import yellowkite.core.edit.Edit;

/**
 * What a check found.
 *
 * @param severity {@code error}, {@code warning} or {@code remark}
 * @param mode     id of the mode that it is in; null if it is in none, as with the channel and the wheel
 * @param fix      null if a person has to decide
 * @param fixSays  what the fix does; empty without one
 */
public record FindingView(String rule, String severity, String where, String says, @Schema(nullable = true) @Nullable Integer mode,
        @Schema(nullable = true) @Nullable Integer channel, @Schema(nullable = true) @Nullable Integer wheel, @Schema(nullable = true) @Nullable Edit fix, String fixSays) {

    public static FindingView of(Finding finding) {
        return new FindingView(finding.rule(), finding.severity().name().toLowerCase(Locale.ROOT), finding.place().words(), finding.says(),
                finding.place().mode(), finding.place().channel(), finding.place().wheel(), finding.fix(), finding.fixSays());
    }
}
