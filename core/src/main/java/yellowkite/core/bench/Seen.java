package yellowkite.core.bench;

import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Chromaticity;

/**
 * What instruments see of a fixture: not what its profile says.
 *
 * @param frames that arrived. @param source who sends them; null before the first. @param dmx what arrived, by the fixture's own address
 * from 1
 * @param level in [0, 1]. @param axes degrees by attribute; of further axes alike, by the channel's name. @param colour null where it is
 * dark
 * @param wheels by name. @param zoom degrees; null without one, likewise focus and iris. @param strobe Hz, 0 = it does not flash
 * @param cells each place that light leaves by. @param personality from 1
 */
public record Seen(long frames, @Nullable String source, SortedMap<Integer, Integer> dmx, double level, SortedMap<String, Double> axes,
        @Nullable Chromaticity colour, SortedMap<String, OfWheel> wheels, @Nullable Double zoom, @Nullable Double focus,
        @Nullable Double iris, double strobe, List<OfCell> cells, boolean identify, int address, int personality) {

    public Seen {
        dmx = new TreeMap<>(dmx);
        axes = new TreeMap<>(axes);
        wheels = new TreeMap<>(wheels);
        cells = List.copyOf(cells);
    }

    /** @param slot from 1; 0 = none that is known. @param turn degrees. @param spin degrees a second. @param shake Hz */
    public record OfWheel(int slot, double turn, double spin, double shake) {}

    /** @param level in [0, 1]. @param colour null where it is dark */
    public record OfCell(double level, @Nullable Chromaticity colour) {}

    /** What stands still for a moment, without what counts on. */
    public record Still(double level, Map<String, Double> axes, @Nullable Chromaticity colour, Map<String, OfWheel> wheels,
            @Nullable Double zoom, @Nullable Double focus, @Nullable Double iris, double strobe, List<OfCell> cells) {}

    /** {@return what is seen of the light alone} */
    public Still still() {
        return new Still(level, axes, colour, wheels, zoom, focus, iris, strobe, cells);
    }

    /** {@return the same light, told by a fixture} */
    public Seen told(long byFrames, @Nullable String from, SortedMap<Integer, Integer> levels, boolean identifies, int at, int number) {
        return new Seen(byFrames, from, levels, level, axes, colour, wheels, zoom, focus, iris, strobe, cells, identifies, at, number);
    }
}
