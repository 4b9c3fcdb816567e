package yellowkite.server.charts;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.chart.layout.Values;
import yellowkite.server.web.Figure;

/**
 * A chart as the page shows it: its lines, and what they are taken for.
 *
 * @param draftId of the profile that it is read into, at {@code draftVersion}
 * @param version to be named with the next correction
 * @param pages that can be drawn; 0 = only its lines are shown
 * @param existing modes that the profile has
 * @param open lines that have to be placed or set aside
 * @param doubts channels that somebody has to look at
 * @param ready whether it can be applied
 */
record ChartView(String id, String profileId, String profile, String manufacturer, String draftId, int draftVersion, String name,
        int version, int pages, boolean canUndo, List<SheetView> sheets, List<ChartModeView> modes,
        List<ExistingMode> existing, List<ChartWheelView> wheels, List<OpenLine> open, List<LeftOutPage> leftOut, List<AsideLine> aside,
        int doubts, boolean ready) {

    /** @param name of the sheet or page; empty if there is only one */
    record SheetView(String name, List<LineView> lines) {}

    /** What a line is taken for. */
    enum LineUse {
        CHANNEL, OPEN, ASIDE, OTHER
    }

    /** @param channel key of the channel that it belongs to; null if it belongs to none */
    record LineView(String place, List<String> cells, LineUse use, @Nullable String channel) {}

    record ExistingMode(int id, String name, int footprint, int channels) {}

    /**
     * @param suggested mode of the profile that this one seems to be; null = it is new. @param free a name that no mode of the profile has
     */
    record ChartModeView(int index, String name, String free, int footprint, @Nullable Integer suggested,
            List<ChartChannelView> channels) {}

    /**
     * One channel of the chart in one mode.
     *
     * @param key the first line that it comes from
     * @param called its addresses as text; within the cell, and of all cells, where there is one
     * @param attribute null if the words fit nothing
     * @param sure how sure it is, for people; {@code unsure} if that is why somebody has to look
     * @param looked whether somebody said that it is right as it is
     * @param wantsALook whether somebody has to
     * @param max last value of its width
     */
    record ChartChannelView(String key, List<Integer> addresses, String called, String cell, String words,
            @Nullable String attribute, String pretty, String featureGroup, String sure, boolean unsure,
            String why,
            long max, @Nullable Long start, @Nullable Long highlight,
            List<ChartFunctionView> functions, List<String> doubts, boolean looked, boolean wantsALook, List<String> places) {}

    /**
     * @param unit sign behind its physical values. @param assumed whether the chart states no ends. @param when in words; empty =
     * always. @param layer the row of its bar
     */
    record ChartFunctionView(int index, String attribute, String pretty, String name, long from, long to, int layer, Figure physicalFrom,
            Figure physicalTo, String unit, boolean assumed, String wheel, String when, List<ChartRangeView> ranges) {}

    /** @param color {@code #rrggbb} of its slot; empty if that has none */
    record ChartRangeView(String name, long from, long to, int slot, String color) {}

    record ChartWheelView(String name, List<String> slots) {}

    /** @param values that the line begins with, as it writes them; empty if with none. @param words what stands behind them */
    record OpenLine(String place, String text, String values, String words) {
        static OpenLine of(Unplaced line) {
            var leading = Values.leading(line.text()).orElse(new Values.Leading("", line.text()));
            return new OpenLine(line.place(), line.text(), leading.values(), leading.words());
        }
    }

    record LeftOutPage(String page, int lines, String begins) {}

    record AsideLine(String line, String text, String reason) {}
}
