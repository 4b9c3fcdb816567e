package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;

/**
 * Sets how far the cells of a mode stand from each other; they keep their order and their grid.
 *
 * @param cell name of the part that is repeated
 * @param pitch metres from one cell to the next
 */
public record SetCellPitch(int mode, String cell, double pitch) implements Edit {
    private static final double FARTHEST = 20;
    private static final int X = 3;
    private static final int Y = 7;
    private static final int Z = 11;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (!(pitch > 0 && pitch <= FARTHEST)) {
            return Located.rejected("pitch", "Cells stand more than 0 and up to 20 metres apart.");
        }
        return Modes.on(before, mode, was -> {
            var references = references(before, was);
            double now = nearest(references);
            if (references.size() < 2 || now <= 0) {
                return Located.rejected("cell", "Mode '" + was.name() + "' has no row of cells called '" + cell + "'.");
            }
            var origin = references.getFirst().position();
            return Located.applied(before.with(f -> f.geometries = Trees.map(f.geometries,
                    top -> top.name().equals(was.geometry()) ? spread(top, origin, pitch / now) : top)));
        });
    }

    private List<Geometry.Reference> references(FixtureType type, Mode was) {
        return type.geometries()
            .stream()
            .filter(each -> each.name().equals(was.geometry()))
            .flatMap(Geometry::walk)
            .flatMap(each -> each instanceof Geometry.Reference reference && reference.geometry().equals(cell) ? List.of(reference).stream()
                    : List.<Geometry.Reference>of().stream())
            .toList();
    }

    private static double nearest(List<Geometry.Reference> references) {
        double nearest = Double.MAX_VALUE;
        for (int i = 1; i < references.size(); i++) {
            double distance = distance(references.get(i - 1).position(), references.get(i).position());
            nearest = distance > 1e-9 ? Math.min(nearest, distance) : nearest;
        }
        return nearest == Double.MAX_VALUE ? 0 : nearest;
    }

    private static double distance(Matrix one, Matrix other) {
        double sum = 0;
        for (int axis : new int[]{X, Y, Z}) {
            double apart = one.cells().get(axis) - other.cells().get(axis);
            sum += apart * apart;
        }
        return Math.sqrt(sum);
    }

    private Geometry spread(Geometry geometry, Matrix origin, double times) {
        return switch (geometry) {
            case Geometry.Reference reference when reference.geometry().equals(cell) ->
                new Geometry.Reference(reference.name(), reference.model(), moved(reference.position(), origin, times),
                        reference.geometry(), reference.breaks(), reference.source());
            case Geometry.Reference reference -> reference;
            case Geometry.Part part -> {
                var children = Trees.map(part.children(), child -> spread(child, origin, times));
                yield children == part.children() ? part : part.withChildren(children);
            }
        };
    }

    private static Matrix moved(Matrix position, Matrix origin, double times) {
        var cells = new ArrayList<>(position.cells());
        for (int axis : new int[]{X, Y, Z}) {
            cells.set(axis, origin.cells().get(axis) + (cells.get(axis) - origin.cells().get(axis)) * times);
        }
        return new Matrix(cells);
    }

    @Override
    public String describe(FixtureType before) {
        return "Cells '" + cell + "' of " + Modes.called(before, mode) + " stand " + yellowkite.core.text.Figures.of(pitch) + " m apart";
    }
}
