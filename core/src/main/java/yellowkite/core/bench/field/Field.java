package yellowkite.core.bench.field;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import yellowkite.core.dmx.CellGrid;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;

/**
 * The cells of fixtures of one mode that stand in a grid, seen from the front.
 *
 * @param across fixtures beside each other. @param down and below each other. @param cells of all of them, fixture by fixture
 */
public record Field(CompiledMode mode, int across, int down, List<FieldCell> cells) {
    public static final int MOST_FIXTURES = 100;
    public static final int MOST_CELLS = 4_000;

    public Field {
        cells = List.copyOf(cells);
    }

    /**
     * One cell.
     *
     * @param fixture from 0, row by row from the top left. @param place in {@link LightPlaces} of its mode
     * @param left of the whole field, in [0, 1]; likewise the other three, from the top
     */
    public record FieldCell(int fixture, int place, double left, double top, double right, double bottom) {}

    /** In which order fixtures were hung: each row from the left, or every other one from the right. */
    public enum Order {
        ROWS, SNAKE
    }

    /** @throws IllegalArgumentException with a sentence, if there are none, or too many */
    public static Field of(CompiledMode mode, int across, int down, Order order) {
        int places = LightPlaces.of(mode).places().size();
        if (across < 1 || down < 1 || (long) across * down > MOST_FIXTURES) {
            throw new IllegalArgumentException("A field has from 1 to " + MOST_FIXTURES + " fixtures.");
        } else if ((long) across * down * places > MOST_CELLS) {
            throw new IllegalArgumentException("A field has at most " + MOST_CELLS + " cells.");
        }
        var grid = grid(mode, places);
        int columns = across * (1 + grid.stream().mapToInt(CellGrid.GridCell::column).max().orElse(0));
        int rows = down * (1 + grid.stream().mapToInt(CellGrid.GridCell::row).max().orElse(0));
        var cells = new ArrayList<FieldCell>();
        for (int fixture = 0; fixture < across * down; fixture++) {
            int row = fixture / across;
            int along = fixture % across;
            int column = order == Order.SNAKE && row % 2 == 1 ? across - 1 - along : along;
            for (int place = 0; place < places; place++) {
                int x = column * columns / across + grid.get(place).column();
                int y = row * rows / down + grid.get(place).row();
                cells.add(new FieldCell(fixture, place, (double) x / columns, (double) y / rows, (x + 1.0) / columns, (y + 1.0) / rows));
            }
        }
        return new Field(mode, across, down, cells);
    }

    /** Of one fixture: where the references that repeat its cells stand; in a row, where these say nothing. */
    private static List<CellGrid.GridCell> grid(CompiledMode mode, int places) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> !each.path().isEmpty())
            .findFirst()
            .map(each -> CellGrid.of(mode.type(), mode.mode(), each.channel().geometry(), places))
            .orElseGet(() -> IntStream.range(0, places).mapToObj(i -> new CellGrid.GridCell(i, 0)).toList());
    }

    /** {@return how wide the field is for its height, where every cell is a square} */
    public double aspect() {
        var first = cells.getFirst();
        return (first.bottom() - first.top()) / (first.right() - first.left());
    }
}
