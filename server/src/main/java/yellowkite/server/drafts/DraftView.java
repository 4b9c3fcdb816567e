package yellowkite.server.drafts;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Tail;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.WrittenFacts;
import yellowkite.core.profile.House;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.WheelCare;
import yellowkite.server.history.StoredStep;
import yellowkite.server.web.Figure;

/**
 * A draft as the editor shows it: the outline of the whole profile, and the map of one mode.
 *
 * @param version to be named with the next edit
 * @param open false once it is published
 * @param baseRevision the profile's own revision that it stands on; 0 if there is none yet
 * @param newestRevision of the profile; 0 if it was never published
 * @param picture address of the fixture's picture; null if it has none
 * @param productionVersion null unless it is what a production puts into a fixture
 * @param parts of the body, by name; likewise emitters and filters
 */
record DraftView(String id, String profileId, int version, boolean open, @Nullable String halted, int baseRevision,
        int newestRevision, String name, String manufacturer, String shortName, String description,
        @Nullable String picture, String notes, House.Category category, boolean dipFromZero,
        List<ModeLine> modes, List<WheelLine> wheels, List<AttributeLine> attributes, List<String> parts, List<String> emitters,
        List<String> filters, @Nullable ProductionLine productionVersion, WrittenFacts facts,
        @Nullable ModeMap map,
        List<HistoryLine> history, boolean canUndo, boolean canRedo) {

    /** @param origin the profile that it derives from, and {@code revision} of that */
    record ProductionLine(String production, String originId, String origin, int revision) {}

    record ModeLine(int id, String name, int footprint, int channels, List<Tail.Bundle> tail) {}

    /**
     * @param said whether the house said the kind; false if it follows from what turns the wheel. @param open where the open slot was seen
     * on a fixture; null = as the chart says
     */
    record WheelLine(int id, String name, WheelCare.Kind kind, boolean said, WheelCare.@Nullable Confirmed open,
            List<SlotLine> slots) {}

    /**
     * @param media address of its picture; null if it has none. @param color {@code #rrggbb}; null if it has none. @param filter empty =
     * none. @param facets of a prism. @param open whether white light passes it untouched
     */
    record SlotLine(int number, String name, @Nullable String color,
            @Nullable String media, String filter, int facets, boolean disc, boolean open) {}

    record AttributeLine(String name, String pretty, String featureGroup, String unit) {}

    /**
     * @param order ids of all channels
     * @param channels in that order; in the answer to a change only those that differ from what was there before
     * @param free addresses left in a universe, of each break where there are several. @param sum how the footprint comes about where there
     * are cells: {@code 8 shared + 24 x 5 = 128}; else empty
     */
    record ModeMap(int id, String name, String description, int footprint, String free, String sum,
            @Nullable Integer chartCount, List<Integer> order, List<ChannelRow> channels) {}

    /**
     * @param addresses of the first place; empty for a virtual channel
     * @param called the same as text, with the break before them where the mode has several
     * @param offsets as the document has them: within the cell for a repeated channel
     * @param times in how many places it stands
     * @param geometry of the document, shared by all its places
     * @param mibFade seconds, as is the time limit
     * @param places each cell of a repeated channel; empty for a shared one
     */
    record ChannelRow(int id, int number, String name, String attribute, String pretty, String featureGroup, String geometry, int bytes,
            long max,
            List<Integer> addresses, String called, List<Integer> offsets, int times, long start,
            @Nullable Long highlight, boolean snap, LogicalChannel.Master master, Figure mibFade,
            Figure dmxChangeTimeLimit,
            House.Tint tint, String note, @Nullable Long blackout, List<CellPlace> places,
            List<FunctionBar> functions) {}

    /** One cell. @param column 0 = the leftmost, row 0 = the topmost */
    record CellPlace(List<Integer> addresses, int column, int row) {}

    /**
     * @param layer the row of its bar, 0 = the uppermost. @param label of its bar: its name and its ends. @param inverted whether it runs
     * downwards. @param pretty what its attribute is called. @param unit sign behind its physical values. @param assumed whether nobody
     * stated them. @param curve name; empty = straight. @param when in words, what must hold for it to count; empty = always. @param also
     * the other situations of the same function, which the standard has a copy for each. @param alsoOf id of the function that this is such
     * a copy of; null if it is none. @param modeMaster id of the channel; values in its width. @param runs what its two ends are, in words;
     * empty if they are the same, or mean nothing to people
     */
    record FunctionBar(int id, String name, String attribute, String pretty, long from, long to, int layer, String label,
            Figure physicalFrom, Figure physicalTo, String unit, boolean assumed, String wheel, String emitter, String filter, String curve,
            String when,
            List<Situation> also, @Nullable Integer alsoOf, @Nullable Integer modeMaster,
            long modeFrom, long modeTo, @Nullable Figure min, @Nullable Figure max,
            Figure realFade, Figure realAcceleration, String runs, boolean inverted, List<RangeBar> ranges, List<HoleBar> holes) {}

    /** One more situation in which a function counts. @param function id of the copy that stands for it. @param when in words */
    record Situation(int function, String when) {}

    /**
     * Values that no named range explains. @param range the one without a name that stands for them; null before the first. @param closes
     * the edit that lets a neighbour take them
     */
    record HoleBar(long from, long to, @Nullable Integer range, Edit closes) {}

    /** @param ownPhysical whether it has physical ends of its own. @param slotName empty without a slot */
    record RangeBar(int id, String name, long from, long to, int slot, String slotName, Figure physicalFrom, Figure physicalTo,
            boolean ownPhysical,
            House.@Nullable Mark mark) {}

    /** @param undoable whether it counts, and whoever made it may take it back */
    record HistoryLine(String sentence, String author, LocalDateTime at, boolean undone, boolean undoable) {}

    /** What happened to a draft at one version. */
    record Step(int version, String sentence, String author, LocalDateTime at) {
        static Step of(StoredStep step) {
            return new Step(step.version(), step.sentence(), step.author(), step.createdAt());
        }
    }
}
