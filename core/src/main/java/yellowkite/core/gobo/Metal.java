package yellowkite.core.gobo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.IntPredicate;

/**
 * Whether a stencil of metal could hold a gobo. The parts of it are measured in pixels.
 *
 * @param bar width of the thinnest dark bar; 0 if nothing is dark
 * @param slit width of the thinnest line of light; 0 if nothing is light
 * @param islands dark parts that nothing holds: they would fall out
 * @param size of the gobo
 */
public record Metal(double bar, double slit, int islands, int size) {
    /** 0.15 mm in an image of 25 mm: what is cut into sheet metal. */
    public static final double THINNEST = 0.006;
    /** A bar is at least so many times as long as it is wide, and a few pixels more: what is shorter is a tip, or stout. */
    private static final double LONG = 2;
    private static final int LEAST = 4;

    public static Metal of(Picture gobo) {
        var mask = Mask.of(gobo);
        // outside of the gobo its holder goes on: it makes no bar thin, and no slit
        var dark = new Depth(mask.size, Distance.squared(mask.size, mask::isLight));
        IntPredicate isDark = at -> mask.isInside(at) && !mask.isLight(at);
        return new Metal(Math.min(thinnest(dark, isDark), Necks.thinnest(dark, isDark)),
                thinnest(new Depth(mask.size, Distance.squared(mask.size, isDark)), mask::isLight), islands(mask), mask.size);
    }

    /** {@return one sentence for each thing that metal could not do; none if it holds} */
    public List<String> warnings() {
        var says = new ArrayList<String>();
        if (islands > 0) {
            says.add(islands == 1
                    ? "One dark part has nothing that holds it: in metal it would fall out. Give it a bridge, or have it made in glass."
                    : islands
                            + " dark parts have nothing that holds them: in metal they would fall out. Give them bridges, or have it made in glass.");
        }
        thin(says, bar, "dark bar");
        thin(says, slit, "line of light");
        return says;
    }

    private void thin(List<String> says, double width, String what) {
        if (width > 0 && width < THINNEST * size) {
            says.add(String.format(Locale.ROOT, "The thinnest %s has %.0f of %d pixels, %.2f %% of the image: metal needs %.1f %%.", what,
                    width, size, 100 * width / size, 100 * THINNEST));
        }
    }

    /**
     * By the ridges of the distance to the edge: along the middle of a bar no neighbour lies deeper. Only what goes on for a while is a
     * bar: the tip of a shape grows thin, too.
     */
    private static double thinnest(Depth depth, IntPredicate counts) {
        int size = depth.size();
        var deep = depth.squared();
        var ridges = new ArrayList<Integer>();
        for (int y = 1; y < size - 1; y++) {
            for (int x = 1; x < size - 1; x++) {
                int at = y * size + x;
                if (deep[at] > 0 && deep[at] < size * (double) size && counts.test(at) && isRidge(deep, size, at)) {
                    ridges.add(at);
                }
            }
        }
        ridges.sort(Comparator.comparingDouble(at -> deep[at]));
        var lines = new Lines(size);
        for (int at : ridges) {
            double width = depth.width(at);
            if (lines.lengthWith(at) >= LONG * width + LEAST) {
                return width;
            }
        }
        return ridges.isEmpty() ? 0 : depth.width(ridges.getLast());
    }

    /** Pixels that grow together to lines, each known by one of its pixels. */
    private static final class Lines {
        private static final int REACH = 2;
        private final int size;
        private final int[] line;
        private final int[] length;

        Lines(int size) {
            this.size = size;
            this.line = new int[size * size];
            this.length = new int[size * size];
            Arrays.fill(line, -1);
        }

        /** {@return how many pixels the line has that this one belongs to now} */
        int lengthWith(int at) {
            line[at] = at;
            length[at] = 1;
            for (int dy = -REACH; dy <= REACH; dy++) {
                for (int dx = -REACH; dx <= REACH; dx++) {
                    int x = at % size + dx;
                    int y = at / size + dy;
                    if (x >= 0 && y >= 0 && x < size && y < size && line[y * size + x] >= 0) {
                        join(at, y * size + x);
                    }
                }
            }
            return length[known(at)];
        }

        private void join(int a, int b) {
            int one = known(a);
            int other = known(b);
            if (one != other) {
                line[one] = other;
                length[other] += length[one];
            }
        }

        private int known(int at) {
            while (line[at] != at) {
                line[at] = line[line[at]];
                at = line[at];
            }
            return at;
        }
    }

    private static boolean isRidge(double[] deep, int size, int at) {
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                if (deep[at + dy * size + dx] > deep[at]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Dark parts that do not reach the rim; a bridge that only touches by a corner holds nothing. */
    private static int islands(Mask mask) {
        int size = mask.size;
        var seen = new boolean[size * size];
        var stack = new int[size * size];
        int islands = 0;
        for (int start = 0; start < seen.length; start++) {
            if (seen[start] || !mask.isInside(start) || mask.isLight(start)) {
                continue;
            }
            int depth = 0;
            boolean held = false;
            seen[start] = true;
            stack[depth++] = start;
            while (depth > 0) {
                int at = stack[--depth];
                int x = at % size;
                int y = at / size;
                held |= x == 0 || y == 0 || x == size - 1 || y == size - 1;
                for (int next : new int[]{x > 0 ? at - 1 : at, x < size - 1 ? at + 1 : at, y > 0 ? at - size : at,
                        y < size - 1 ? at + size : at}) {
                    held |= !mask.isInside(next);
                    if (!seen[next] && mask.isInside(next) && !mask.isLight(next)) {
                        seen[next] = true;
                        stack[depth++] = next;
                    }
                }
            }
            islands += held ? 0 : 1;
        }
        return islands;
    }
}
