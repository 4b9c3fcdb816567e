package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * Modes side by side: which attributes each has, how finely and how often, and what a number of fixtures costs.
 *
 * @param rows by attribute, in the order in which the modes bring them
 */
public record ModeComparison(List<Cost> costs, List<Row> rows) {

    public record Candidate(FixtureType type, Mode mode) {}

    /**
     * @param perUniverse fixtures that one universe holds: none crosses its end; 0 if not even one fits
     * @param universes 0 if not even one fixture fits
     */
    public record Cost(int footprint, int channels, int addresses, int perUniverse, int universes) {}

    /** @param cells one for each mode */
    public record Row(String attribute, List<Cell> cells) {}

    /**
     * @param bytes of the widest channel with that attribute; 0 = the mode has none. @param times how often it stands, cells
     * counted. @param virtual whether none of them has an address
     */
    public record Cell(int bytes, int times, boolean virtual) {
        private static final Cell NONE = new Cell(0, 0, false);
    }

    /** @param fixtures at least 1 */
    public static ModeComparison of(List<Candidate> modes, int fixtures) {
        var costs = new ArrayList<Cost>();
        var rows = new LinkedHashMap<String, Cell[]>();
        for (int i = 0; i < modes.size(); i++) {
            var map = AddressMap.of(modes.get(i).type(), modes.get(i).mode());
            costs.add(cost(map, modes.get(i).mode(), fixtures));
            for (var placed : map.channels()) {
                for (var attribute : attributes(placed)) {
                    var cells = rows.computeIfAbsent(attribute, each -> new Cell[modes.size()]);
                    var was = cells[i] == null ? Cell.NONE : cells[i];
                    cells[i] = new Cell(Math.max(was.bytes(), placed.channel().bytes()), was.times() + 1,
                            placed.channel().isVirtual() && (was.times() == 0 || was.virtual()));
                }
            }
        }
        return new ModeComparison(costs, rows.entrySet().stream().map(each -> new Row(each.getKey(), filled(each.getValue()))).toList());
    }

    private static List<Cell> filled(Cell[] cells) {
        var all = new ArrayList<Cell>();
        for (var cell : cells) {
            all.add(cell == null ? Cell.NONE : cell);
        }
        return all;
    }

    private static List<String> attributes(PlacedChannel placed) {
        return placed.channel()
            .functions()
            .map(ChannelFunction::attribute)
            .filter(each -> !each.equals(ChannelFunction.NO_FEATURE))
            .distinct()
            .toList();
    }

    private static Cost cost(AddressMap map, Mode mode, int fixtures) {
        int footprint = map.footprint().values().stream().mapToInt(Integer::intValue).max().orElse(0);
        int per = footprint == 0 ? fixtures : AddressMap.UNIVERSE / footprint;
        int universes = footprint == 0 || per == 0 ? 0 : (fixtures + per - 1) / per * map.footprint().size();
        return new Cost(map.totalFootprint(), mode.channels().size(), fixtures * map.totalFootprint(), per, universes);
    }
}
