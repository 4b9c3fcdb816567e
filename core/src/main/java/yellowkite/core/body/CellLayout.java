package yellowkite.core.body;

import java.util.List;
import java.util.stream.IntStream;

/**
 * How the cells of a block stand: around the origin, in the plane that their light leaves at a right angle, so that the row behind is above
 * the row in front on a screen.
 *
 * @param columns cells in a row; of no matter in a row and in a ring
 * @param pitch metres from one cell to the next; along a ring as well
 * @param rowPitch metres from one row to the next
 */
public record CellLayout(Form form, int columns, double pitch, double rowPitch) {

    public enum Form {
        ROW, GRID, RING
    }

    public static CellLayout row(double pitch) {
        return new CellLayout(Form.ROW, 1, pitch, pitch);
    }

    /** {@return the place of each of so many cells, in the order of their numbers} A row runs to the right, a grid from its upper left. */
    public List<Place> places(int count) {
        return IntStream.range(0, count).mapToObj(i -> place(i, count)).toList();
    }

    private Place place(int i, int count) {
        return switch (form) {
            case ROW -> new Place(middled(i, count, pitch), 0, 0);
            case GRID -> {
                int rows = (count + columns - 1) / columns;
                yield new Place(middled(i % columns, columns, pitch), tidy(-middled(i / columns, rows, rowPitch)), 0);
            }
            case RING -> {
                double radius = radius(count);
                double angle = Math.PI / 2 - 2 * Math.PI * i / count; // the first is the one behind, on they go clockwise as seen from above
                yield new Place(tidy(radius * Math.cos(angle)), tidy(radius * Math.sin(angle)), 0);
            }
        };
    }

    /** {@return metres from the middle to the cells of a ring: the chord between two of them is the pitch} */
    private double radius(int count) {
        return count < 2 ? 0 : pitch / (2 * Math.sin(Math.PI / count));
    }

    private static double middled(int i, int of, double pitch) {
        return tidy((i - (of - 1) / 2.0) * pitch);
    }

    private static double tidy(double metres) {
        return Math.round(metres * 1e6) / 1e6 + 0.0;
    }
}
