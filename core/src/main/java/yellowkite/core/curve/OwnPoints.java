package yellowkite.core.curve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.xml.Source;

/** A curve through points of one's own. */
public final class OwnPoints {
    public static final int MOST = 256;

    /** How near two points count as one place, and how far the later one then stands behind. */
    private static final double SAME = 1e-6;
    private static final double APART = 0.001;

    private OwnPoints() {}

    /** Points as they hold. @param order for each of them, the index that it was given with */
    public record Held(List<Knot> knots, List<Integer> order) {
        public Held {
            knots = List.copyOf(knots);
            order = List.copyOf(order);
        }
    }

    /** {@return points from left to right, within the plane, and no two in one place} @param knots in any order */
    public static Held held(List<Knot> knots) {
        var order = IntStream.range(0, knots.size()).boxed().sorted(Comparator.comparingDouble(i -> share(knots.get(i).in()))).toList();
        double[] in = order.stream().mapToDouble(i -> share(knots.get(i).in())).toArray();
        for (int i = 1; i < in.length; i++) {
            in[i] = in[i] - in[i - 1] < SAME ? in[i - 1] + APART : in[i];
        }
        double room = 1;
        for (int i = in.length - 1; i >= 0 && in[i] > room; i--) {
            in[i] = room;
            room -= APART;
        }
        return new Held(IntStream.range(0, in.length).mapToObj(i -> new Knot(in[i], share(knots.get(order.get(i)).out()))).toList(), order);
    }

    private static double share(double value) {
        return Math.clamp(Double.isNaN(value) ? 0 : value, 0, 1);
    }

    /** How it runs from point to point. {@code SMOOTH} never overshoots; {@code STEPS} stays at a point until the next. */
    public enum Run {
        SMOOTH, STRAIGHT, STEPS
    }

    /**
     * {@return the pieces}
     *
     * @param knots in any order, both in [0, 1]; before the first it stays at its output, and after the last
     * @throws IllegalArgumentException with a sentence on what does not fit
     */
    public static List<DmxProfile.Point> pieces(List<Knot> knots, Run run) {
        if (knots.size() < 2 || knots.size() > MOST) {
            throw new IllegalArgumentException(
                    "A curve has 2 to " + MOST + " points; there " + (knots.size() == 1 ? "is 1." : "are " + knots.size() + "."));
        }
        if (!knots.stream().allMatch(each -> each.in() >= 0 && each.in() <= 1 && each.out() >= 0 && each.out() <= 1)) {
            throw new IllegalArgumentException("Points lie from 0 to 100 %, to the right and upwards.");
        }
        var sorted = knots.stream().sorted(Comparator.comparingDouble(Knot::in)).collect(Collectors.toCollection(ArrayList::new));
        for (int i = 1; i < sorted.size(); i++) {
            if (sorted.get(i).in() - sorted.get(i - 1).in() < SAME) {
                throw new IllegalArgumentException(
                        "Two points stand at " + Math.round(sorted.get(i).in() * 10_000) / 100.0 + " %; move one, or delete it.");
            }
        }
        if (sorted.getLast().in() < 1) {
            sorted.add(new Knot(1, sorted.getLast().out()));
        }
        return switch (run) {
            case SMOOTH -> Smooth.through(sorted);
            case STRAIGHT -> straight(sorted);
            case STEPS -> sorted.stream().map(each -> new DmxProfile.Point(100 * each.in(), each.out(), 0, 0, 0, Source.NONE)).toList();
        };
    }

    private static List<DmxProfile.Point> straight(List<Knot> knots) {
        var pieces = new ArrayList<DmxProfile.Point>();
        for (int i = 0; i + 1 < knots.size(); i++) {
            double slope = (knots.get(i + 1).out() - knots.get(i).out()) / (knots.get(i + 1).in() - knots.get(i).in());
            pieces.add(new DmxProfile.Point(100 * knots.get(i).in(), knots.get(i).out(), slope, 0, 0, Source.NONE));
        }
        return pieces;
    }

    /** {@return where the pieces of a curve begin, and its end: points to go on from} At most {@link #MOST}. */
    public static List<Knot> of(Curve curve) {
        var knots = new ArrayList<Knot>();
        for (var piece : curve.isLinear() ? List.of(new DmxProfile.Point(0, 0, 1, 0, 0, Source.NONE)) : curve.points()) {
            double in = Math.clamp(piece.dmxPercentage() / 100, 0, 1);
            if (in < 1 && knots.size() < MOST - 1 && (knots.isEmpty() || in - knots.getLast().in() >= SAME)) {
                knots.add(new Knot(in, curve.at(in)));
            }
        }
        knots.add(new Knot(1, curve.at(1)));
        return knots;
    }

    /** {@return how a curve seems to run from point to point} */
    public static Run runOf(Curve curve) {
        return curve.points().stream().allMatch(each -> each.cfc2() == 0 && each.cfc3() == 0)
                ? !curve.isLinear() && curve.points().stream().allMatch(each -> each.cfc1() == 0) ? Run.STEPS : Run.STRAIGHT
                : Run.SMOOTH;
    }
}
