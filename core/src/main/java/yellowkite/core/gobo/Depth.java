package yellowkite.core.gobo;

/**
 * How deep each pixel of a shape lies in it. @param squared squares of the distances from each pixel's centre to that of the nearest
 * outside of the shape
 */
record Depth(int size, double[] squared) {
    private static final int[][] ACROSS = {{1, 0}, {0, 1}};

    /**
     * {@return the width of the shape at a pixel of its middle, from edge to edge} Where an even number of pixels lies across, the middle
     * runs between two of them.
     */
    double width(int at) {
        double odd = 2 * Math.sqrt(squared[at]) - 1;
        for (var step : ACROSS) {
            if (isBetween(at, step[0], step[1]) || isBetween(at, -step[0], -step[1])) {
                return odd + 1;
            }
        }
        return odd;
    }

    /** Two pixels beside each other are equally deep, and both of those beyond them less. */
    private boolean isBetween(int at, int dx, int dy) {
        double here = squared[at];
        return deep(at, dx, dy) == here && deep(at, 2 * dx, 2 * dy) < here && deep(at, -dx, -dy) < here;
    }

    private double deep(int at, int dx, int dy) {
        int x = at % size + dx;
        int y = at / size + dy;
        return x < 0 || y < 0 || x >= size || y >= size ? Double.POSITIVE_INFINITY : squared[y * size + x];
    }
}
