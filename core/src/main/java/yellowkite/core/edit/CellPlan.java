package yellowkite.core.edit;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CellGrid.GridCell;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * A block of cells as {@link MakeCells} would lay it, with what is usual where nothing is asked for: it begins where the first of its
 * channels stands, cells follow each other without a gap, in one row.
 *
 * @param first address at which the first cell begins
 * @param spacing addresses from one cell to the next
 * @param columns cells in a row of the grid
 * @param cells in the order of their addresses
 * @param edit that lays it. @param refusal why its pitch is no distance, in a sentence, and the edit goes without; empty if it is one
 */
public record CellPlan(int first, int spacing, int columns, List<PlannedCell> cells, Edit edit, String refusal) {
    /** @param place in the grid. @param address at which the cell begins */
    public record PlannedCell(GridCell place, int address) {}

    public CellPlan {
        cells = List.copyOf(cells);
    }

    /**
     * @param channels of one cell; those that the mode does not have are passed over
     * @param name of the cell
     * @param count how many cells; a grid of more than a universe, or of none, has no cells
     * @param first null = usual; {@code spacing} and {@code columns} likewise
     * @param pitch how far the cells stand from each other, as {@link CellPitch} reads it; blank = usual
     */
    public static CellPlan of(FixtureType type, int mode, List<Integer> channels, String name, int count, @Nullable Integer first,
            @Nullable Integer spacing, @Nullable Integer columns, MakeCells.Order order, String pitch) {
        var cell = type.findMode(mode)
            .map(Mode::channels)
            .orElse(List.of())
            .stream()
            .filter(each -> channels.contains(each.id()))
            .toList();
        int from = first != null ? first : cell.stream().map(Channel::offsets).flatMap(List::stream).min(Integer::compare).orElse(1);
        int step = spacing != null ? spacing : Math.max(1, cell.stream().mapToInt(each -> each.offsets().size()).sum());
        int across = columns != null ? columns : Math.max(1, count);
        Edit edit = new MakeCells(mode, channels, name, count, from, step, across, order);
        var refusal = "";
        if (!pitch.isBlank()) {
            try {
                edit = new Several(List.of(edit, new SetCellPitch(mode, name, CellPitch.read(pitch, across))));
            } catch (IllegalArgumentException unfit) {
                refusal = String.valueOf(unfit.getMessage());
            }
        }
        if (count < 1 || count > AddressMap.UNIVERSE || across < 1 || across > count || from < 1 || from > AddressMap.UNIVERSE || step < 1
                || step > AddressMap.UNIVERSE) {
            return new CellPlan(from, step, across, List.of(), edit, refusal);
        }
        var places = MakeCells.grid(count, across, order);
        return new CellPlan(from, step, across,
                IntStream.range(0, count).mapToObj(i -> new PlannedCell(places.get(i), from + i * step)).toList(), edit, refusal);
    }
}
