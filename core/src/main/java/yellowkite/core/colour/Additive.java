package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Coloured lights that add up, asked the other way round: which levels, each in [0, 1], make a wanted colour. More than three lights can
 * make most colours in many ways; {@link Choice} says which one is taken.
 */
public final class Additive {
    /** How far a wanted colour is drawn from the edge to the middle of what can be mixed, so that every light may take part. */
    private static final double INWARDS = 1e-7;
    /** A mix that lies farther from its aim, in u'v', is not handed out. */
    private static final double MET = 1e-5;

    private Additive() {}

    /**
     * {@code BRIGHTEST}: as much light as there can be. {@code EVENEST}: as many lights as possible take part, evenly, which leaves the
     * fewest gaps in the spectrum.
     */
    public enum Choice {
        BRIGHTEST, EVENEST
    }

    /** {@return the colours that the lights can mix} @param lights at full; at least one, none of them black */
    public static Hull gamut(List<Xyz> lights) {
        return Hull.around(lights.stream().map(Xyz::chromaticity).toList());
    }

    /**
     * {@return levels for the wanted colour, or for the nearest to it that can be mixed}
     *
     * @param lights at full; at least one, none of them black
     * @throws IllegalStateException if the lights are such that no way of solving meets the aim; what does not is never handed out
     */
    public static Mix solve(List<Xyz> lights, Chromaticity wanted, Choice choice) {
        var gamut = gamut(lights);
        boolean inside = gamut.contains(wanted);
        var nearest = gamut.nearest(wanted);
        var aim = direction(lights, nearest);
        var levels = choice == Choice.EVENEST && gamut.corners().size() >= 3 ? Evenest.of(lights, aim) : Brightest.of(lights, aim);
        if (!meets(lights, levels, nearest)) {
            levels = Brightest.of(lights, aim);
        }
        if (!meets(lights, levels, nearest)) {
            throw new IllegalStateException("no levels of these " + lights.size() + " lights make " + nearest);
        }
        return new Mix(levels, mixed(lights, levels), inside);
    }

    private static boolean meets(List<Xyz> lights, List<Double> levels, Chromaticity aim) {
        var reached = mixed(lights, levels);
        return !reached.isBlack() && reached.chromaticity().distanceTo(aim) < MET;
    }

    public static Xyz mixed(List<Xyz> lights, List<Double> levels) {
        var sum = Xyz.BLACK;
        for (int i = 0; i < lights.size(); i++) {
            sum = sum.plus(lights.get(i).times(levels.get(i)));
        }
        return sum;
    }

    private static Xyz direction(List<Xyz> lights, Chromaticity wanted) {
        var all = lights.stream().reduce(Xyz.BLACK, Xyz::plus);
        var aim = wanted.at(1);
        return aim.times(1 / aim.sum()).plus(all.times(INWARDS / all.sum()));
    }

    /** {@return levels brought up until one of them is full} */
    static List<Double> raised(List<Double> levels) {
        double most = levels.isEmpty() ? 0 : Collections.max(levels);
        return most <= 0 ? levels : new ArrayList<>(levels.stream().map(level -> level / most).toList());
    }
}
