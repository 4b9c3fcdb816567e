package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.List;

/**
 * The mix of the least sum of squares, brought up until one light is full. Its levels are max(0, light . y) for the y at which y . aim -
 * half the sum of their squares is largest: three unknowns, found by Newton's steps, each halved until it climbs.
 */
final class Evenest {
    private static final int ROUNDS = 60;
    private static final double MET = 1e-13;
    /**
     * Where few lights take part a direction stays open; so much of the lights' size closes it, well above what {@link Matrix3} takes for
     * flat.
     */
    private static final double LITTLE = 1e-9;

    private Evenest() {}

    /** @param lights not all in one plane with black. @param aim in the cone of the lights */
    static List<Double> of(List<Xyz> lights, Xyz aim) {
        var y = aim;
        for (int round = 0; round < ROUNDS; round++) {
            var rest = aim;
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
            if (Math.abs(rest.x()) + Math.abs(rest.y()) + Math.abs(rest.z()) < MET) {
                break;
            }
            double little = size * LITTLE;
            var step = new Matrix3(new Xyz(xx[0] + little, xx[1], xx[2]), new Xyz(xx[1], xx[3] + little, xx[4]),
                    new Xyz(xx[2], xx[4], xx[5] + little))
                .solve(rest);
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
        for (var light : lights) {
            levels.add(Math.max(0, Matrix3.dot(light, y)));
        }
        return Additive.raised(levels);
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
