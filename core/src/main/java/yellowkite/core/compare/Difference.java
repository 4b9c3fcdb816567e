package yellowkite.core.compare;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.edit.Edit;

/**
 * One thing that differs.
 *
 * @param says one sentence for the technician, without the place
 * @param before as it is on the left, in a few words; empty if it is not there
 * @param after as it is on the right
 * @param edits what makes the left like the right in this; none if a person has to do it
 */
public record Difference(Rank rank, Kind kind, Place place, String says, String before, String after, List<Edit> edits) {
    public Difference {
        edits = List.copyOf(edits);
    }

    /** What differs. */
    public enum Kind {
        MODE_ADDED, MODE_REMOVED, MODE_RENAMED, MODE_TEXT, FOOTPRINT, RELATIONS, MACROS,
        CHANNEL_ADDED, CHANNEL_REMOVED, CHANNEL_MOVED, WIDTH, BREAK, PART, START, HIGHLIGHT, REACTION, MEANING,
        FUNCTION_ADDED, FUNCTION_REMOVED, FUNCTION_MOVED, FUNCTION_RENAMED, ATTRIBUTE, CONDITION, PHYSICAL, INVERTED, BOUNDS, CURVE_LAID,
        WHEEL_LAID, LIGHT_PART, FADE,
        RANGE_ADDED, RANGE_REMOVED, RANGE_MOVED, RANGE_RENAMED, RANGE_SLOT, RANGE_PHYSICAL,
        WHEEL_ADDED, WHEEL_REMOVED, SLOT_ADDED, SLOT_REMOVED, SLOT_RENAMED, SLOT_CONTENT,
        CURVE, EMITTER, FILTER, UNIT, BODY, PICTURE, IDENTITY, OTHER
    }

    /**
     * Where it is.
     *
     * @param mode name on the left, or on the right where the left has none; empty for the profile as a whole
     * @param channel name; empty for what is in no channel
     * @param left id of the channel on the left; null if it is in none there. {@code right} likewise
     * @param words the place below the mode, such as {@code Gobo 1 (Head_Gobo1), function 'Shake'}
     */
    public record Place(String mode, String channel, @Nullable Integer left, @Nullable Integer right, String words) {
        static final Place PROFILE = new Place("", "", null, null, "Profile");

        static Place profile(String words) {
            return new Place("", "", null, null, words);
        }

        static Place mode(String mode) {
            return new Place(mode, "", null, null, "The mode");
        }

        Place inside(String more) {
            return new Place(mode, channel, left, right, words + more);
        }
    }
}
