package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Coloured lights that add up, asked the other way round: which levels, each in [0, 1], make a wanted colour. More than three
 * lights can make most colours in many ways; {@link Choice} says which one is taken.
 */
public final class Additive {
    /** How far a wanted colour is drawn from the edge to the middle of what can be mixed, so that every light may take part. */
    private static final double INWARDS = 1e-7;
    private static final int ROUNDS = 60;

    private Additive() {}

    /** {@code BRIGHTEST}: as much light as there can be. {@code EVENEST}: as many lights as possible take part, evenly, which leaves the fewest gaps in the spectrum. */
    public enum Choice { BRIGHTEST, EVENEST }

    /** {@return the colours that the lights can mix} @param lights at full; at least one, none of them black */
    public static Hull gamut(List<Xyz> lights) {
        return Hull.around(lights.stream().map(Xyz::chromaticity).toList());
    }

    /** {@return levels for the wanted colour, or for the nearest to it that can be mixed} @param lights at full; at least one, none of them black */
    public static Mix solve(List<Xyz> lights, Chromaticity wanted, Choice choice) {
        var gamut = gamut(lights);
        boolean inside = gamut.contains(wanted);
        var aim = direction(lights, gamut.nearest(wanted));
        var levels = gamut.corners().size() < 3 ? inLine(lights, gamut, aim) : choice == Choice.BRIGHTEST ? brightest(lights, aim) : evenest(lights, aim);
        return new Mix(levels, mixed(lights, levels), inside);
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

    /**
     * All mixes fill a body in X, Y, Z whose faces are spanned by two lights each, while every other light is full or out; the
     * brightest mix of a colour lies where its ray leaves the body.
     */
    private static List<Double> brightest(List<Xyz> lights, Xyz aim) {
        double best = 0;
        List<Double> levels = evenest(lights, aim);
        for (int i = 0; i < lights.size(); i++) {
            for (int j = i + 1; j < lights.size(); j++) {
                var normal = Matrix3.cross(lights.get(i), lights.get(j));
                double side = Math.signum(Matrix3.dot(normal, aim)); // the face that the ray leaves through lies on its own side
                var full = Xyz.BLACK;
                var here = new Double[lights.size()];
                for (int k = 0; k < lights.size(); k++) {
                    here[k] = k != i && k != j && side * Matrix3.dot(normal, lights.get(k)) > 0 ? 1.0 : 0.0;
                    full = full.plus(lights.get(k).times(here[k]));
                }
                // full + a light(i) + b light(j) = c aim
                var parts = new Matrix3(lights.get(i), lights.get(j), aim).solve(full.times(-1));
                if (parts != null && isLevel(parts.x()) && isLevel(parts.y()) && -parts.z() > best) {
                    best = -parts.z();
                    here[i] = Math.clamp(parts.x(), 0, 1);
                    here[j] = Math.clamp(parts.y(), 0, 1);
                    levels = Arrays.asList(here);
                }
            }
        }
        return levels;
    }

    /** Lights on one line of the diagram, such as two whites: the two at its ends, by how far the colour is from each. */
    private static List<Double> inLine(List<Xyz> lights, Hull gamut, Xyz aim) {
        var ends = gamut.corners().stream().map(end -> lights.stream().map(Xyz::chromaticity).toList().indexOf(end)).toList();
        var first = lights.get(ends.getFirst()).chromaticity();
        var last = lights.get(ends.getLast()).chromaticity();
        var wanted = aim.chromaticity();
        double length = Math.hypot(last.x() - first.x(), last.y() - first.y());
        double share = length == 0 ? 0.5 : Math.hypot(wanted.x() - first.x(), wanted.y() - first.y()) / length;
        double fromFirst = (1 - share) / lights.get(ends.getFirst()).sum();
        double fromLast = share / lights.get(ends.getLast()).sum();
        double up = 1 / Math.max(fromFirst, fromLast);
        var levels = new Double[lights.size()];
        Arrays.fill(levels, ends.size() == 1 ? 1.0 : 0.0);
        if (ends.size() > 1) {
            levels[ends.getFirst()] = Math.min(1, fromFirst * up);
            levels[ends.getLast()] = Math.min(1, fromLast * up);
        }
        return Arrays.asList(levels);
    }

    private static boolean isLevel(double level) {
        return level >= -1e-9 && level <= 1 + 1e-9;
    }

    /**
     * The mix of the least sum of squares, brought up until one light is full. Its levels are max(0, light . y) for the y at which
     * y . aim - half the sum of their squares is largest: three unknowns, found by Newton's steps, each halved until it climbs.
     */
    private static List<Double> evenest(List<Xyz> lights, Xyz aim) {
        var y = aim;
        for (int round = 0; round < ROUNDS; round++) {
            var rest = aim.plus(Xyz.BLACK);
            var xx = new double[6];
            double size = 0;
            for (var light : lights) {
                double level = Matrix3.dot(light, y);
                size += Matrix3.dot(light, light);
                if (level > 0) {
                    rest = rest.plus(light.times(-level));
                    addSquare(xx, light);
                }
            }
            if (Math.abs(rest.x()) + Math.abs(rest.y()) + Math.abs(rest.z()) < 1e-13) {
                break;
            }
            double little = size * 1e-13; // where few lights take part, a direction stays open
            var step = new Matrix3(new Xyz(xx[0] + little, xx[1], xx[2]), new Xyz(xx[1], xx[3] + little, xx[4]), new Xyz(xx[2], xx[4], xx[5] + little)).solve(rest);
            if (step == null) {
                break;
            }
            double length = 1;
            double now = worth(lights, aim, y);
            while (length > 1e-6 && worth(lights, aim, y.plus(step.times(length))) < now) {
                length /= 2;
            }
            y = y.plus(step.times(length));
        }
        var levels = new ArrayList<Double>();
        double most = 0;
        for (var light : lights) {
            levels.add(Math.max(0, Matrix3.dot(light, y)));
            most = Math.max(most, levels.getLast());
        }
        double up = most == 0 ? 0 : 1 / most;
        return levels.stream().map(level -> level * up).toList();
    }

    private static double worth(List<Xyz> lights, Xyz aim, Xyz y) {
        double worth = Matrix3.dot(aim, y);
        for (var light : lights) {
            double level = Math.max(0, Matrix3.dot(light, y));
            worth -= level * level / 2;
        }
        return worth;
    }

    private static void addSquare(double[] xx, Xyz light) {
        xx[0] += light.x() * light.x();
        xx[1] += light.x() * light.y();
        xx[2] += light.x() * light.z();
        xx[3] += light.y() * light.y();
        xx[4] += light.y() * light.z();
        xx[5] += light.z() * light.z();
    }
}
