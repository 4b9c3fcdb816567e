package yellowkite.media.chart;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/**
 * The lines that a page draws around the cells of its tables, in points from its upper left corner. What is filled or framed as a rectangle
 * counts by its edges.
 */
final class PdfRules extends PDFGraphicsStreamEngine {
    private static final int MOST = 20_000;
    /** What is thinner is drawn as a line, even if it is filled as an area. */
    private static final double THIN = 2.5;
    private static final double SHORTEST = 4;
    /** Edges that lie as near are the same. */
    private static final double SAME = 1.5;

    /** A stretch of a line. @param from where it begins, {@code to} where it ends, {@code from <= to} */
    private record Stretch(double from, double to) {}

    private final TreeMap<Double, List<Stretch>> across = new TreeMap<>();
    private final TreeMap<Double, List<Stretch>> down = new TreeMap<>();
    private final List<double[]> path = new ArrayList<>();
    private final double height;
    private final double left;
    private final double bottom;
    private double x;
    private double y;
    private int count;

    private PdfRules(PDPage page) {
        super(page);
        this.height = page.getCropBox().getHeight();
        this.left = page.getCropBox().getLowerLeftX();
        this.bottom = page.getCropBox().getLowerLeftY();
    }

    /** {@return the lines of a page; none for one that is turned} */
    static PdfRules of(PDPage page) throws IOException {
        var rules = new PdfRules(page);
        if (page.getRotation() % 360 == 0) {
            rules.processPage(page);
        }
        return rules;
    }

    /** A cell that lines enclose. Where a side is open it is NaN. */
    record Cell(double left, double right, double top, double bottom) {
        /** A merged cell may go on over the end of its page. */
        boolean isRow() {
            return !Double.isNaN(top) && (!Double.isNaN(bottom) || isColumn());
        }

        boolean isColumn() {
            return !Double.isNaN(left) && !Double.isNaN(right);
        }
    }

    /** {@return the cell around a point} */
    Cell around(double atX, double atY) {
        return new Cell(nearest(down, atX, atY, false), nearest(down, atX, atY, true), nearest(across, atY, atX, false),
                nearest(across, atY, atX, true));
    }

    /** {@return whether a line stands between two points beside each other} */
    boolean parts(double fromX, double toX, double atY) {
        return down.subMap(fromX - SAME, true, toX + SAME, true)
            .values()
            .stream()
            .flatMap(List::stream)
            .anyMatch(each -> each.from() - SAME <= atY && atY <= each.to() + SAME);
    }

    private static double nearest(TreeMap<Double, List<Stretch>> lines, double at, double through, boolean beyond) {
        var side = beyond ? lines.tailMap(at, true) : lines.headMap(at, true).descendingMap();
        for (var line : side.entrySet()) {
            for (var each : line.getValue()) {
                if (each.from() - SAME <= through && through <= each.to() + SAME) {
                    return line.getKey();
                }
            }
        }
        return Double.NaN;
    }

    private void rule(double x1, double y1, double x2, double y2) {
        if (count >= MOST) {
            return;
        }
        if (Math.abs(y1 - y2) <= 0.5 && Math.abs(x1 - x2) >= SHORTEST) {
            add(across, (y1 + y2) / 2, Math.min(x1, x2), Math.max(x1, x2));
        } else if (Math.abs(x1 - x2) <= 0.5 && Math.abs(y1 - y2) >= SHORTEST) {
            add(down, (x1 + x2) / 2, Math.min(y1, y2), Math.max(y1, y2));
        }
    }

    private void add(TreeMap<Double, List<Stretch>> lines, double at, double from, double to) {
        count++;
        var near = lines.floorKey(at + SAME);
        lines.computeIfAbsent(near != null && at - near <= SAME ? near : at, none -> new ArrayList<>()).add(new Stretch(from, to));
    }

    private void area(double x1, double y1, double x2, double y2) {
        double wide = Math.abs(x2 - x1);
        double tall = Math.abs(y2 - y1);
        if (tall <= THIN) {
            rule(x1, (y1 + y2) / 2, x2, (y1 + y2) / 2);
        } else if (wide <= THIN) {
            rule((x1 + x2) / 2, y1, (x1 + x2) / 2, y2);
        } else {
            rule(x1, y1, x2, y1);
            rule(x1, y2, x2, y2);
            rule(x1, y1, x1, y2);
            rule(x2, y1, x2, y2);
        }
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        path.add(new double[]{p0.getX(), p0.getY(), p2.getX(), p2.getY(), 1});
    }

    @Override
    public void moveTo(float toX, float toY) {
        x = toX;
        y = toY;
    }

    @Override
    public void lineTo(float toX, float toY) {
        if (path.size() < MOST) {
            path.add(new double[]{x, y, toX, toY, 0});
        }
        moveTo(toX, toY);
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        moveTo(x3, y3);
    }

    private double fromLeft(double pageX) {
        return pageX - left;
    }

    private double fromTop(double pageY) {
        return height - (pageY - bottom);
    }

    private void stroked() {
        for (var each : path) {
            if (each[4] == 1) {
                area(fromLeft(each[0]), fromTop(each[1]), fromLeft(each[2]), fromTop(each[3]));
            } else {
                rule(fromLeft(each[0]), fromTop(each[1]), fromLeft(each[2]), fromTop(each[3]));
            }
        }
        path.clear();
    }

    /** An area is filled as one rectangle, or as lines around one. */
    private void filled() {
        var lines = path.stream().filter(each -> each[4] == 0).toList();
        path.stream()
            .filter(each -> each[4] == 1)
            .forEach(each -> area(fromLeft(each[0]), fromTop(each[1]), fromLeft(each[2]), fromTop(each[3])));
        if (lines.size() == 3 || lines.size() == 4) {
            double minX = lines.stream().mapToDouble(each -> Math.min(each[0], each[2])).min().orElse(0);
            double maxX = lines.stream().mapToDouble(each -> Math.max(each[0], each[2])).max().orElse(0);
            double minY = lines.stream().mapToDouble(each -> Math.min(each[1], each[3])).min().orElse(0);
            double maxY = lines.stream().mapToDouble(each -> Math.max(each[1], each[3])).max().orElse(0);
            area(fromLeft(minX), fromTop(maxY), fromLeft(maxX), fromTop(minY));
        }
        path.clear();
    }

    @Override
    public void strokePath() {
        stroked();
    }

    @Override
    public void fillPath(int windingRule) {
        filled();
    }

    @Override
    public void fillAndStrokePath(int windingRule) {
        filled();
    }

    @Override
    public void endPath() {
        path.clear();
    }

    @Override
    public void closePath() {
        // the last side of a rectangle follows from the others
    }

    @Override
    public void clip(int windingRule) {
        // what is cut off is white in any case
    }

    @Override
    public void drawImage(PDImage image) {
        // pictures hold no lines that could be read
    }

    @Override
    public void shadingFill(COSName shading) {
        path.clear();
    }

    @Override
    public Point2D getCurrentPoint() {
        return new Point2D.Double(x, y);
    }
}
