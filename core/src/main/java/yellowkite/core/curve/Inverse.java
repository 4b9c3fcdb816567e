package yellowkite.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.TreeSet;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.DmxProfile;

/** What undoes a curve. */
public final class Inverse {
    /** So many keep what undoes the curves of the shelf within 0.001. */
    private static final int SAMPLES = 128;
    /** The steepest power of the shelf moves 0.0000005 in its first sample. */
    private static final double STANDS_STILL = 1e-9;
    private static final double JUMP = 0.001;

    private Inverse() {}

    /**
     * {@return the pieces of the curve that gives back the input of each output; none where there is none, because the curve stands still,
     * jumps or comes back} An output that the curve never reaches gives the input that comes nearest.
     */
    public static Optional<List<DmxProfile.Point>> of(Curve curve) {
        boolean rises = curve.at(1) > curve.at(0);
        if (jumps(curve)) {
            return Optional.empty();
        }
        for (int i = 1; i <= SAMPLES; i++) {
            double step = curve.at((double) i / SAMPLES) - curve.at((double) (i - 1) / SAMPLES);
            if ((rises ? step : -step) < STANDS_STILL) {
                return Optional.empty();
            }
        }
        var knots = new ArrayList<Knot>();
        for (double in : rises ? samples() : samples().descendingSet()) {
            double out = curve.at(in);
            if (knots.isEmpty() || out - knots.getLast().in() >= STANDS_STILL) {
                knots.add(new Knot(out, in));
            }
        }
        if (knots.getFirst().in() > 0) {
            knots.addFirst(new Knot(0, knots.getFirst().out()));
        }
        if (knots.getLast().in() < 1) {
            knots.add(new Knot(1, knots.getLast().out()));
        }
        return Optional.of(Smooth.through(knots));
    }

    /** Evenly, and closer at both ends, where roots are steep. */
    private static NavigableSet<Double> samples() {
        var samples = new TreeSet<Double>();
        for (int i = 0; i <= SAMPLES; i++) {
            double share = (double) i / SAMPLES;
            samples.add(share);
            samples.add(share * share * share);
            samples.add(1 - share * share * share);
        }
        return samples;
    }

    private static boolean jumps(Curve curve) {
        return curve.points()
            .stream()
            .mapToDouble(each -> each.dmxPercentage() / 100)
            .filter(in -> in > 0 && in <= 1)
            .anyMatch(in -> Math.abs(curve.at(in) - curve.at(in - 1e-9)) > JUMP);
    }
}
