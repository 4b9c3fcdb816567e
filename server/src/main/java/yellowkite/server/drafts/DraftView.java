package yellowkite.server.drafts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Tail;
import yellowkite.core.edit.Edit;
import yellowkite.server.drafts.DraftRepository.StoredStep;

/**
 * A draft as the desk shows it: the outline of the whole profile, and the map of one mode.
 *
 * @param version to be named with the next edit
 * @param open    false once it is published
 */
record DraftView(String id, String profileId, int version, boolean open, int baseRevision, String name, String manufacturer,
        List<ModeLine> modes, List<WheelLine> wheels, List<AttributeLine> attributes, @Schema(nullable = true) @Nullable ModeMap map,
        List<Check> checks, List<HistoryLine> history, boolean canUndo, boolean canRedo) {

    record ModeLine(int id, String name, int footprint, int channels, List<Tail.Bundle> tail) {}

    record WheelLine(int id, String name, List<SlotLine> slots) {}

    /** @param media address of its picture; null if it has none. @param color {@code #rrggbb}; null if it has none */
    record SlotLine(int number, String name, @Schema(nullable = true) @Nullable String color, @Schema(nullable = true) @Nullable String media) {}

    record AttributeLine(String name, String pretty, String featureGroup, String unit) {}

    /** @param free addresses left in a universe */
    record ModeMap(int id, String name, String description, int footprint, int free, List<ChannelRow> channels) {}

    /**
     * @param addresses of the first place; empty for a virtual channel
     * @param offsets   as the document has them: within the cell for a repeated channel
     * @param times     in how many places it stands
     * @param geometry  of the document, shared by all its places
     */
    record ChannelRow(int id, int number, String name, String attribute, String pretty, String featureGroup, String geometry, int bytes, long max,
            List<Integer> addresses, List<Integer> offsets, int times, long start, @Schema(nullable = true) @Nullable Long highlight, boolean snap, String master, List<FunctionBar> functions) {}

    /** @param unit sign behind its physical values. @param when in words, what must hold for it to count; empty = always */
    record FunctionBar(int id, String name, String attribute, long from, long to, double physicalFrom, double physicalTo, String unit, String wheel, String when, List<RangeBar> ranges) {}

    /** @param ownPhysical whether it has physical ends of its own. @param slotName empty without a slot */
    record RangeBar(int id, String name, long from, long to, int slot, String slotName, double physicalFrom, double physicalTo, boolean ownPhysical) {}

    /** @param severity {@code error}, {@code warning} or {@code remark}. @param fix null if a person has to decide */
    record Check(String rule, String severity, String where, String says, @Schema(nullable = true) @Nullable Integer mode, @Schema(nullable = true) @Nullable Integer channel,
            @Schema(nullable = true) @Nullable Edit fix, String fixSays) {}

    record HistoryLine(String sentence, String author, LocalDateTime at, boolean undone) {}

    /** What happened to a draft at one version. */
    record Step(int version, String sentence, String author, LocalDateTime at) {
        static Step of(StoredStep step) {
            return new Step(step.version(), step.sentence(), step.author(), step.createdAt());
        }
    }
}
