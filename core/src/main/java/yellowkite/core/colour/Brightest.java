package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * As much light of a colour as there can be: the largest k for which levels in [0, 1] make k times the aim. By the duality of linear
 * programs k is the least of the sums of max(0, light . y) over the planes y with y . aim = 1, and the least lies where two lights lie in
 * the plane. Lights on the bright side of that plane are full, those on the other out; those in the plane, often more than two, share what
 * is left, which is the same question with one dimension less.
 */
final class Brightest {
    /** Of a light's size: so near to a plane it lies in it. */
    private static final double FLAT = 1e-9;

    private Brightest() {}

    /** @param lights none black. @param aim in the cone of the lights */
    static List<Double> of(List<Xyz> lights, Xyz aim) {
        var groups = groups(lights);
        var sums = groups.stream().map(group -> group.stream().map(lights::get).reduce(Xyz.BLACK, Xyz::plus)).toList();
        var levels = sums.size() == 1 ? List.of(1.0) : isFlat(sums) ? plane(sums, aim) : space(sums, aim);
        var all = new Double[lights.size()];
        for (int i = 0; i < groups.size(); i++) {
            for (int light : groups.get(i)) {
                all[light] = levels.get(i);
            }
        }
        return Arrays.asList(all);
    }

    /** Lights of one colour are one light. */
    private static List<List<Integer>> groups(List<Xyz> lights) {
        var groups = new ArrayList<List<Integer>>();
        for (int i = 0; i < lights.size(); i++) {
            var light = lights.get(i);
            var same = groups.stream()
                .filter(group -> isSmall(length(Matrix3.cross(lights.get(group.getFirst()), light)),
                        length(lights.get(group.getFirst())) * length(light)))
                .findFirst();
            if (same.isPresent()) {
                same.get().add(i);
            } else {
                groups.add(new ArrayList<>(List.of(i)));
            }
        }
        return groups;
    }

    private static boolean isFlat(List<Xyz> lights) {
        var normal = Matrix3.cross(lights.get(0), lights.get(1));
        return lights.stream().allMatch(light -> liesIn(normal, light));
    }

    private static boolean liesIn(Xyz normal, Xyz light) {
        return isSmall(Math.abs(Matrix3.dot(normal, light)), length(normal) * length(light));
    }

    private static boolean isSmall(double value, double beside) {
        return value <= FLAT * beside;
    }

    private static double length(Xyz of) {
        return Math.sqrt(Matrix3.dot(of, of));
    }

    private static List<Double> space(List<Xyz> lights, Xyz aim) {
        double best = Double.POSITIVE_INFINITY;
        Xyz plane = null;
        for (int i = 0; i < lights.size(); i++) {
            for (int j = i + 1; j < lights.size(); j++) {
                var normal = Matrix3.cross(lights.get(i), lights.get(j));
                double along = Matrix3.dot(normal, aim);
                if (isSmall(Math.abs(along), length(normal) * length(aim))) {
                    continue;
                }
                var y = normal.times(1 / along);
                double k = lights.stream().mapToDouble(light -> Math.max(0, Matrix3.dot(light, y))).sum();
                if (k < best) {
                    best = k;
                    plane = y;
                }
            }
        }
        if (plane == null) {
            return Collections.nCopies(lights.size(), 0.0);
        }
        var levels = new ArrayList<>(Collections.nCopies(lights.size(), 0.0));
        var inPlane = new ArrayList<Integer>();
        var left = aim.times(best);
        for (int i = 0; i < lights.size(); i++) {
            if (liesIn(plane, lights.get(i))) {
                inPlane.add(i);
            } else if (Matrix3.dot(plane, lights.get(i)) > 0) {
                levels.set(i, 1.0);
                left = left.plus(lights.get(i).times(-1));
            }
        }
        var shared = exactly(inPlane.stream().map(lights::get).toList(), left);
        for (int i = 0; i < inPlane.size(); i++) {
            levels.set(inPlane.get(i), shared.get(i));
        }
        return levels;
    }

    /** {@return levels of lights in one plane that make just what is wanted of them} */
    private static List<Double> exactly(List<Xyz> lights, Xyz wanted) {
        if (isSmall(length(wanted), lights.stream().mapToDouble(Brightest::length).sum())) {
            return Collections.nCopies(lights.size(), 0.0);
        }
        var most = plane(lights, wanted);
        double times = Matrix3.dot(Additive.mixed(lights, most), wanted) / Matrix3.dot(wanted, wanted);
        return times <= 0 ? most : most.stream().map(level -> Math.clamp(level / times, 0, 1)).toList();
    }

    /** The same in the plane that the lights span: there one light lies along the edge, and all on one side of it are full. */
    private static List<Double> plane(List<Xyz> lights, Xyz aim) {
        var normal = normal(lights);
        double best = -1;
        List<Double> levels = Collections.nCopies(lights.size(), 0.0);
        for (int i = 0; i < lights.size(); i++) {
            var edge = lights.get(i);
            double toAim = turn(normal, edge, aim);
            for (int side = -1; side <= 1; side += 2) {
                var here = new ArrayList<>(Collections.nCopies(lights.size(), 0.0));
                var full = Xyz.BLACK;
                for (int k = 0; k < lights.size(); k++) {
                    if (k != i && side * turn(normal, edge, lights.get(k)) > 0) {
                        here.set(k, 1.0);
                        full = full.plus(lights.get(k));
                    }
                }
                // full + a edge = t aim; an aim along this light alone takes all of it
                boolean alone = isSmall(Math.abs(toAim), length(normal) * length(edge) * length(aim));
                double a = alone ? 1 : -turn(normal, full, aim) / toAim;
                double t = !alone ? turn(normal, edge, full) / toAim : full.isBlack() ? length(edge) / length(aim) : -1;
                if (t > best && a >= -FLAT && a <= 1 + FLAT) {
                    best = t;
                    here.set(i, Math.clamp(a, 0, 1));
                    levels = here;
                }
            }
        }
        return levels;
    }

    /** {@return across the plane of the lights, from the two that lie farthest apart in it} */
    private static Xyz normal(List<Xyz> lights) {
        var normal = Xyz.BLACK;
        for (int i = 0; i < lights.size(); i++) {
            for (int j = i + 1; j < lights.size(); j++) {
                var across = Matrix3.cross(lights.get(i), lights.get(j));
                normal = length(across) > length(normal) ? across : normal;
            }
        }
        return length(normal) == 0 ? normal : normal.times(1 / length(normal));
    }

    /** {@return more than 0 if the second lies on one side of the first, less on the other} */
    private static double turn(Xyz normal, Xyz first, Xyz second) {
        return Matrix3.dot(normal, Matrix3.cross(first, second));
    }
}
