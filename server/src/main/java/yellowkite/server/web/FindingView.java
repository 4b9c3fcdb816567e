package yellowkite.server.web;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Finding;
import yellowkite.core.check.Severity;
import yellowkite.core.edit.Edit;
import yellowkite.core.profile.House;

/**
 * What a check found.
 *
 * @param severity {@code error}, {@code warning} or {@code remark}
 * @param mode id of the mode that it is in; null if it is in none, as with the channel and the wheel
 * @param part of the body; empty = somewhere in it; null = nowhere
 * @param fix null if a person has to decide
 * @param fixSays what the fix does; empty without one
 * @param meant why it is right as it is, where the house has said so; null = it counts
 */
public record FindingView(String rule, String severity, String where, String says, @Nullable Integer mode,
        @Nullable Integer channel, @Nullable Integer wheel, @Nullable String part,
        @Nullable Edit fix, String fixSays,
        @Nullable String meant) {

    public static FindingView of(Finding finding) {
        return of(finding, House.NONE);
    }

    /** {@return the finding with what the house has said of it} An error always counts. */
    public static FindingView of(Finding finding, House house) {
        return new FindingView(finding.rule(), finding.severity().name().toLowerCase(Locale.ROOT), finding.place().words(), finding.says(),
                finding.place().mode(), finding.place().channel(), finding.place().wheel(), finding.place().part(), finding.fix(),
                finding.fixSays(),
                finding.severity() == Severity.ERROR ? null : house.meant(finding.rule(), finding.place().words()));
    }
}
