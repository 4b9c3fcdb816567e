package yellowkite.core.shape;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.shape.Shape.Piece;

/** Plain solids, closed, each centred on the origin unless it says otherwise. */
final class Solids {
    private static final int AROUND = 24;
    private static final int UP = 12;

    private Solids() {}

    static Piece box(double fromX, double fromY, double fromZ, double toX, double toY, double toZ, int rgb) {
        float[] points = new float[24];
        for (int corner = 0; corner < 8; corner++) {
            points[3 * corner] = (float) ((corner & 1) == 0 ? fromX : toX);
            points[3 * corner + 1] = (float) ((corner & 2) == 0 ? fromY : toY);
            points[3 * corner + 2] = (float) ((corner & 4) == 0 ? fromZ : toZ);
        }
        return new Piece(points,
                new int[]{0, 2, 1, 1, 2, 3, 4, 5, 6, 5, 7, 6, 0, 1, 4, 1, 5, 4, 2, 6, 3, 3, 6, 7, 0, 4, 2, 2, 4, 6, 1, 3, 5,
                        3, 7, 5},
                rgb);
    }

    /** Upright, with different widths at its ends. @param top of the radius at its upper end, as a share of the lower one's */
    static Piece cylinder(double length, double width, double fromZ, double toZ, double top, int rgb) {
        var points = new ArrayList<Float>();
        var corners = new ArrayList<Integer>();
        for (int i = 0; i < AROUND; i++) {
            double angle = 2 * Math.PI * i / AROUND;
            add(points, length / 2 * Math.cos(angle), width / 2 * Math.sin(angle), fromZ);
            add(points, top * length / 2 * Math.cos(angle), top * width / 2 * Math.sin(angle), toZ);
        }
        add(points, 0, 0, fromZ);
        add(points, 0, 0, toZ);
        for (int i = 0; i < AROUND; i++) {
            int next = (i + 1) % AROUND;
            corners.addAll(List.of(2 * i, 2 * next, 2 * i + 1, 2 * next, 2 * next + 1, 2 * i + 1));
            corners.addAll(List.of(2 * AROUND, 2 * next, 2 * i, 2 * AROUND + 1, 2 * i + 1, 2 * next + 1));
        }
        return piece(points, corners, rgb);
    }

    static Piece sphere(double length, double width, double height, int rgb) {
        var points = new ArrayList<Float>();
        var corners = new ArrayList<Integer>();
        for (int row = 0; row <= UP; row++) {
            double up = Math.PI * row / UP - Math.PI / 2;
            for (int i = 0; i < AROUND; i++) {
                double angle = 2 * Math.PI * i / AROUND;
                add(points, length / 2 * Math.cos(up) * Math.cos(angle), width / 2 * Math.cos(up) * Math.sin(angle),
                        height / 2 * Math.sin(up));
            }
        }
        for (int row = 0; row < UP; row++) {
            for (int i = 0; i < AROUND; i++) {
                int here = row * AROUND + i;
                int next = row * AROUND + (i + 1) % AROUND;
                corners.addAll(List.of(here, next, here + AROUND, next, next + AROUND, here + AROUND));
            }
        }
        return piece(points, corners, rgb);
    }

    private static void add(List<Float> points, double x, double y, double z) {
        points.add((float) x);
        points.add((float) y);
        points.add((float) z);
    }

    private static Piece piece(List<Float> points, List<Integer> corners, int rgb) {
        var flat = new float[points.size()];
        for (int i = 0; i < flat.length; i++) {
            flat[i] = points.get(i);
        }
        return new Piece(flat, corners.stream().mapToInt(Integer::intValue).toArray(), rgb);
    }
}
