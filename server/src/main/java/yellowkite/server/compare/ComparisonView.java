package yellowkite.server.compare;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.sheet.ModeSheet;

/**
 * Two sides and what differs.
 *
 * @param differences the worst first
 * @param counts how many of each rank
 * @param leftLines the channels of the left that differ, by id; {@code rightLines} likewise
 */
public record ComparisonView(SideLine left, SideLine right, Map<Rank, Long> counts, List<DifferenceLine> differences,
        Map<Integer, ModeSheet.ChannelLine> leftLines, Map<Integer, ModeSheet.ChannelLine> rightLines) {

    /** @param profileId null for a file that was only dropped here, as with the revision. @param withdrawn why; null if it is not */
    public record SideLine(@Nullable String profileId, @Nullable Integer revision,
            String manufacturer, String name, @Nullable LocalDateTime at,
            String note, List<String> modes, @Nullable String withdrawn) {}

    /**
     * @param mode empty for the profile as a whole
     * @param left id of the channel on the left; null if it is about none
     * @param leftPicture address of what a slot shows there; null if it is about no picture
     */
    public record DifferenceLine(Rank rank, Difference.Kind kind, String mode, String where, String says, String before, String after,
            @Nullable Integer left, @Nullable Integer right,
            @Nullable String leftPicture, @Nullable String rightPicture) {}
}
