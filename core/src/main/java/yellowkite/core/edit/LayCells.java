package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import yellowkite.core.body.CellLayout;
import yellowkite.core.body.Frames;
import yellowkite.core.body.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/**
 * Lays the cells of a block in a row, a grid or a ring, in the order in which they are numbered. The middle of the block, and how far down
 * and how turned each cell is, stay; so do all addresses.
 *
 * @param cell the top-level part that is repeated
 */
public record LayCells(String cell, CellLayout layout) implements Edit {
    private static final double FARTHEST = 20;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (!(layout.pitch() > 0 && layout.pitch() <= FARTHEST)
                || layout.form() == CellLayout.Form.GRID && !(layout.rowPitch() > 0 && layout.rowPitch() <= FARTHEST)) {
            return Located.rejected("pitch", "Cells stand more than 0 and up to 20 metres apart.");
        }
        if (layout.form() == CellLayout.Form.GRID && (layout.columns() < 1 || layout.columns() > AddressMap.UNIVERSE)) {
            return Located.rejected("columns", "A row of a grid has 1 to " + AddressMap.UNIVERSE + " cells.");
        }
        return CellRow.of(before, cell)
            .map(row -> Located.applied(row.replaced(before, this::laid)))
            .orElseGet(() -> Located.rejected("cell", "Nothing repeats '" + cell + "'."));
    }

    private List<Geometry.Reference> laid(List<Geometry.Reference> cells) {
        var places = layout.places(cells.size());
        double x = cells.stream().mapToDouble(each -> Frames.place(each.position()).x()).average().orElse(0);
        double y = cells.stream().mapToDouble(each -> Frames.place(each.position()).y()).average().orElse(0);
        var laid = new ArrayList<Geometry.Reference>();
        IntStream.range(0, cells.size()).forEach(i -> {
            var was = Frames.place(cells.get(i).position());
            var to = new Place(tidy(x + places.get(i).x()), tidy(y + places.get(i).y()), was.z(), was.turnX(), was.turnY(), was.turnZ());
            laid.add(cells.get(i).withPosition(Frames.matrix(to)));
        });
        return laid;
    }

    private static double tidy(double metres) {
        return Math.round(metres * 1e6) / 1e6 + 0.0;
    }

    @Override
    public String describe(FixtureType before) {
        return "Cells '" + cell + "' laid in a " + layout.form().name().toLowerCase(java.util.Locale.ROOT);
    }
}
