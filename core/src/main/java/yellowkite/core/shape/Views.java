package yellowkite.core.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Flat drawings of a shape: the outline of each of its pieces, the farther ones first. What is seen is the hull of a piece, which is enough
 * to know a fixture by.
 */
public final class Views {
    private static final double SAME = 1e-6;

    private Views() {}

    /** From where a drawing looks. */
    public enum View {
        /** From above: x to the right, y up the sheet. */
        TOP,
        /** From the fixture's left: y to the right, z up the sheet. */
        SIDE,
        /** From the front: x to the right, z up the sheet. */
        FRONT;

        /** {@return how far right on the sheet a point is, m} */
        public double right(double x, double y) {
            return this == SIDE ? y : x;
        }

        /** {@return how far up on the sheet a point is, m} */
        public double up(double y, double z) {
            return this == TOP ? y : z;
        }

        /** {@return how near the one who looks a point is} */
        double near(double x, double y, double z) {
            return switch (this) {
                case TOP -> z;
                case SIDE -> -x;
                case FRONT -> -y;
            };
        }
    }

    /** A closed line on the sheet. @param points right and up, in metres, in turn. @param rgb {@code 0xRRGGBB} */
    public record Outline(List<Double> points, int rgb) {
        public Outline {
            points = List.copyOf(points);
        }
    }

    private record Seen(Outline outline, double near) {}

    /** {@return the outlines of a shape's pieces, to be drawn one over the other} */
    public static List<Outline> of(Shape shape, View view) {
        return shape.pieces()
            .stream()
            .map(piece -> seen(piece, view))
            .filter(each -> each.outline().points().size() >= 6)
            .sorted(Comparator.comparingDouble(Seen::near))
            .map(Seen::outline)
            .toList();
    }

    private static Seen seen(Shape.Piece piece, View view) {
        var points = new ArrayList<double[]>();
        double near = Double.NEGATIVE_INFINITY;
        for (int i = 0; i + 2 < piece.points().length; i += 3) {
            double x = piece.points()[i];
            double y = piece.points()[i + 1];
            double z = piece.points()[i + 2];
            points.add(new double[]{view.right(x, y), view.up(y, z)});
            near = Math.max(near, view.near(x, y, z));
        }
        return new Seen(new Outline(hull(points), piece.rgb()), near);
    }

    /** Andrew's monotone chain, counter-clockwise. */
    private static List<Double> hull(List<double[]> points) {
        points.sort(Comparator.<double[]>comparingDouble(each -> each[0]).thenComparingDouble(each -> each[1]));
        var chain = new ArrayList<double[]>();
        half(points, chain, 0);
        half(points.reversed(), chain, Math.max(0, chain.size() - 1));
        var flat = new ArrayList<Double>();
        for (int i = 0; i + 1 < chain.size(); i++) {
            flat.add(chain.get(i)[0]);
            flat.add(chain.get(i)[1]);
        }
        return flat;
    }

    private static void half(List<double[]> points, List<double[]> chain, int from) {
        int fixed = from;
        for (var point : points) {
            while (chain.size() >= fixed + 2 && turn(chain.get(chain.size() - 2), chain.getLast(), point) <= SAME * SAME) {
                chain.removeLast();
            }
            if (chain.isEmpty() || apart(chain.getLast(), point)) {
                chain.add(point);
            }
        }
    }

    private static boolean apart(double[] one, double[] other) {
        return Math.abs(one[0] - other[0]) > SAME || Math.abs(one[1] - other[1]) > SAME;
    }

    private static double turn(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }

    /** A box on the sheet, in metres. */
    public record Sheet(double left, double low, double right, double high) {
        /** {@return the box around outlines; of no size around none} */
        public static Sheet around(List<Outline> outlines) {
            double left = 0;
            double low = 0;
            double right = 0;
            double high = 0;
            boolean first = true;
            for (var outline : outlines) {
                for (int i = 0; i < outline.points().size(); i += 2) {
                    double x = outline.points().get(i);
                    double y = outline.points().get(i + 1);
                    left = first ? x : Math.min(left, x);
                    right = first ? x : Math.max(right, x);
                    low = first ? y : Math.min(low, y);
                    high = first ? y : Math.max(high, y);
                    first = false;
                }
            }
            return new Sheet(left, low, right, high);
        }
    }

    /** An SVG, and where the origin lies from its upper left corner, in millimetres, as its own lengths are. */
    public record Svg(String text, double originX, double originY) {}

    /** {@return the outlines as an SVG of their true size: one of its units is a millimetre. Its ground is clear} */
    public static Svg svg(List<Outline> outlines) {
        var sheet = Sheet.around(outlines);
        double width = Math.max(1, 1000 * (sheet.right() - sheet.left()));
        double height = Math.max(1, 1000 * (sheet.high() - sheet.low()));
        var svg = new StringBuilder();
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
            .append(figure(width))
            .append("mm\" height=\"")
            .append(figure(height))
            .append("mm\" viewBox=\"0 0 ")
            .append(figure(width))
            .append(' ')
            .append(figure(height))
            .append("\">");
        for (var outline : outlines) {
            svg.append("<path d=\"");
            for (int i = 0; i < outline.points().size(); i += 2) {
                svg.append(i == 0 ? 'M' : 'L')
                    .append(figure(1000 * (outline.points().get(i) - sheet.left())))
                    .append(' ')
                    .append(figure(1000 * (sheet.high() - outline.points().get(i + 1))));
            }
            svg.append(String.format(Locale.ROOT, "Z\" fill=\"#%06x\" stroke=\"#8a959c\" stroke-width=\"%s\"/>", outline.rgb(),
                    figure(Math.max(width, height) / 150)));
        }
        return new Svg(svg.append("</svg>").toString(), -1000 * sheet.left(), 1000 * sheet.high());
    }

    private static String figure(double value) {
        var text = String.format(Locale.ROOT, "%.1f", value);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }
}
