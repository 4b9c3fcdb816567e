package yellowkite.core.gobo;

import java.util.Arrays;
import java.util.function.IntPredicate;

/** Where a shape is thin between two wide places, however short: a sheet tears there. */
final class Necks {
    /** The places on both sides are at least so many times as wide as the neck. */
    private static final double WIDER = 1.5;

    private final int size;
    private final int[] part;
    private final double[] deepest;

    private Necks(int size) {
        this.size = size;
        this.part = new int[size * size];
        this.deepest = new double[size * size];
        Arrays.fill(part, -1);
    }

    /**
     * {@return the width of the thinnest neck; infinite without one} The shape is flooded from its deepest pixels outwards: where two
     * floods meet lies a neck between them.
     */
    static double thinnest(Depth depth, IntPredicate counts) {
        int size = depth.size();
        var necks = new Necks(size);
        double thinnest = Double.POSITIVE_INFINITY;
        for (int at : fromDeepest(depth, counts)) {
            double width = depth.width(at);
            necks.part[at] = at;
            necks.deepest[at] = width;
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    int x = at % size + dx;
                    int y = at / size + dy;
                    if (x >= 0 && y >= 0 && x < size && y < size && necks.part[y * size + x] >= 0 && necks.meet(at, y * size + x, width)) {
                        thinnest = Math.min(thinnest, width);
                    }
                }
            }
        }
        return thinnest;
    }

    /** Squares of distances are whole numbers, so they are counted instead of compared. */
    private static int[] fromDeepest(Depth depth, IntPredicate counts) {
        int most = depth.size() * depth.size();
        var starts = new int[most + 2];
        int all = 0;
        for (int i = 0; i < most; i++) {
            if (isIn(depth, counts, i, most)) {
                starts[most - (int) depth.squared()[i] + 1]++;
                all++;
            }
        }
        for (int i = 1; i < starts.length; i++) {
            starts[i] += starts[i - 1];
        }
        var sorted = new int[all];
        for (int i = 0; i < most; i++) {
            if (isIn(depth, counts, i, most)) {
                sorted[starts[most - (int) depth.squared()[i]]++] = i;
            }
        }
        return sorted;
    }

    private static boolean isIn(Depth depth, IntPredicate counts, int at, int most) {
        return depth.squared()[at] > 0 && depth.squared()[at] <= most && counts.test(at);
    }

    /** {@return whether two wide places meet here} */
    private boolean meet(int a, int b, double width) {
        int one = known(a);
        int other = known(b);
        if (one == other) {
            return false;
        }
        boolean neck = deepest[one] >= WIDER * width && deepest[other] >= WIDER * width;
        part[one] = other;
        deepest[other] = Math.max(deepest[one], deepest[other]);
        return neck;
    }

    private int known(int at) {
        while (part[at] != at) {
            part[at] = part[part[at]];
            at = part[at];
        }
        return at;
    }
}
