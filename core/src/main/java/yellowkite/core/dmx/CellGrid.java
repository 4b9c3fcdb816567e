package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.IntStream;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;

/** Where the cells of a block stand, seen from the front: read from the positions of the references that repeat them. */
public final class CellGrid {
    /** Positions nearer to each other than this, in metres, are in one row or column. */
    private static final double SAME = 0.001;
    private static final int X = 3;
    private static final int Z = 11;

    private CellGrid() {}

    /** @param column 0 = the leftmost. @param row 0 = the topmost */
    public record GridCell(int column, int row) {}

    /**
     * {@return the place of each cell, in document order} Where the positions say nothing (all alike, or references within references) the
     * cells stand in one row.
     *
     * @param part the geometry that is repeated
     * @param count how often it stands
     */
    public static List<GridCell> of(FixtureType type, Mode mode, String part, int count) {
        var references = new ArrayList<Geometry.Reference>();
        type.geometries()
            .stream()
            .filter(top -> top.name().equals(mode.geometry()))
            .flatMap(Geometry::walk)
            .forEach(each -> {
                if (each instanceof Geometry.Reference reference && holds(type, reference, part)) {
                    references.add(reference);
                }
            });
        var columns = steps(references, X);
        var rows = steps(references, Z).reversed();
        var cells = references.stream()
            .map(each -> new GridCell(step(columns, each.position().cells().get(X)), step(rows, each.position().cells().get(Z))))
            .toList();
        return references.size() == count && cells.stream().distinct().count() == count ? cells
                : IntStream.range(0, count).mapToObj(i -> new GridCell(i, 0)).toList();
    }

    private static boolean holds(FixtureType type, Geometry.Reference reference, String part) {
        return type.geometries()
            .stream()
            .filter(top -> top.name().equals(reference.geometry()))
            .flatMap(Geometry::walk)
            .anyMatch(each -> each.name().equals(part));
    }

    /** {@return the different positions along an axis, ascending} */
    private static List<Double> steps(List<Geometry.Reference> references, int axis) {
        var steps = new ArrayList<Double>();
        new TreeSet<>(references.stream().map(each -> each.position().cells().get(axis)).toList()).forEach(each -> {
            if (steps.isEmpty() || each - steps.getLast() > SAME) {
                steps.add(each);
            }
        });
        return steps;
    }

    private static int step(List<Double> steps, double at) {
        return IntStream.range(0, steps.size()).boxed().min(Comparator.comparingDouble(i -> Math.abs(steps.get(i) - at))).orElse(0);
    }
}
