package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.curve.Curve;
import yellowkite.core.curve.OwnPoints;
import yellowkite.core.curve.Shelf;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.FixtureType;

/** Curves that can be laid on a channel of a unit: the preset ones and those of its profile, as points with straight lines between. */
public final class UnitCurves {
    /** So many lines keep a bent curve within 0.0003 of what it is, save the square root and the logarithm near 0. */
    private static final int LINES = 32;
    /** A step is a line that is as steep as points can stand. */
    private static final double STEEP = 0.001;

    private UnitCurves() {}

    /** @param preset null for a curve of the profile, which is known by its {@code name} */
    public record UnitCurve(@Nullable Shelf preset, String name, List<Knot> knots) {
        public UnitCurve {
            knots = List.copyOf(knots);
        }
    }

    /** {@return the profile's own first} */
    public static List<UnitCurve> of(FixtureType type) {
        return Stream.concat(
                type.physicalDescriptions().dmxProfiles().stream().map(each -> new UnitCurve(null, each.name(), knots(Curve.of(each)))),
                Stream.of(Shelf.values())
                    .filter(each -> each != Shelf.LINEAR)
                    .map(each -> new UnitCurve(each, "", knots(new Curve(each.pieces(each.usual()))))))
            .toList();
    }

    static List<Knot> knots(Curve curve) {
        if (OwnPoints.runOf(curve) == OwnPoints.Run.SMOOTH) {
            return IntStream.rangeClosed(0, LINES).mapToObj(i -> new Knot((double) i / LINES, curve.at((double) i / LINES))).toList();
        }
        var knots = new ArrayList<Knot>();
        for (var knot : OwnPoints.of(curve)) {
            double before = curve.at(Math.max(0, knot.in() - STEEP));
            if (knot.in() > STEEP && knot.in() < 1 && Math.abs(before - knot.out()) > 2 * STEEP) {
                knots.add(new Knot(knot.in() - STEEP, before));
            }
            knots.add(knot);
        }
        return knots;
    }
}
