package yellowkite.core.curve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.text.Delimited;

/**
 * A curve through measured points, and the correction that undoes it.
 *
 * @param pieces of the curve
 * @param largest largest distance from a measured point to the curve, as a fraction of full output
 * @param points as they were measured, both in fractions of their largest
 */
public record Measured(List<DmxProfile.Point> pieces, double largest, List<Knot> points) {
    private static final int MOST = 4_096;
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,15}(?:[.,]\\d{1,15})?");
    /** Where a row is parted, the surest first: with a decimal comma the two stand apart by something else. */
    private static final String SEPARATORS = ";\t, ";

    /** What came of a table. @param reason one sentence if nothing did; null otherwise */
    public record Read(@Nullable Measured curve, @Nullable String reason) {
        private static Read refused(String reason) {
            return new Read(null, reason);
        }
    }

    /**
     * Reads rows of level and light: {@code 0;12}, {@code 50,400.5} or parted by a tab or a space; with a decimal comma the two are parted
     * by a semicolon. A first row of words is passed over. Levels may be of any scale, the largest is full.
     *
     * @param correction whether the inverse is wanted: what makes the fixture's light follow the level
     */
    public static Read read(String text, boolean correction) {
        var rows = text.lines().filter(line -> !line.isBlank()).limit(MOST + 1).toList();
        var points = new ArrayList<Knot>();
        for (int i = 0; i < rows.size(); i++) {
            var point = point(rows.get(i));
            if (point != null) {
                points.add(point);
            } else if (i > 0) {
                return Read.refused("Row " + (i + 1) + " is no pair of numbers: '"
                        + (rows.get(i).length() <= 40 ? rows.get(i) : rows.get(i).substring(0, 37) + "...")
                        + "'. Write level;light, such as 50;400,5.");
            }
        }
        if (points.size() < 2 || points.size() > MOST) {
            return Read.refused(points.size() < 2
                    ? "A curve needs at least two rows of level and light; there " + (points.isEmpty() ? "is none." : "is one.")
                    : "At most " + MOST + " rows can be taken.");
        }
        points.sort(Comparator.comparingDouble(Knot::in));
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).in() == points.get(i - 1).in()) {
                return Read.refused("The level " + shown(points.get(i).in()) + " was measured twice; leave one of the two out.");
            }
        }
        double top = points.getLast().in();
        double brightest = points.stream().mapToDouble(Knot::out).max().orElseThrow();
        if (points.getFirst().in() < 0 || points.stream().anyMatch(each -> each.out() < 0) || top <= 0 || brightest <= 0) {
            return Read.refused("Levels and light are not negative, and one of each is more than 0.");
        }
        return fitted(points.stream().map(each -> new Knot(each.in() / top, each.out() / brightest)).toList(), correction);
    }

    /** {@return null if the row is no pair of numbers} */
    private static @Nullable Knot point(String row) {
        for (char separator : SEPARATORS.toCharArray()) {
            var cells = Delimited.cells(row.strip(), separator).stream().filter(cell -> separator != ' ' || !cell.isEmpty()).toList();
            if (cells.size() == 2 && cells.stream().allMatch(cell -> NUMBER.matcher(cell).matches())) {
                return new Knot(number(cells.get(0)), number(cells.get(1)));
            }
        }
        return null;
    }

    private static Read fitted(List<Knot> points, boolean correction) {
        if (points.stream().allMatch(each -> each.out() == points.getFirst().out())) {
            return Read.refused("The light never changes, so there is no curve in it, and nothing can correct it.");
        }
        if (points.getFirst().out() == 1) {
            return Read.refused("The light is brightest at the lowest level and only falls; measure again, or exchange the two columns.");
        }
        // light that falls back a little is noise of the meter: the curve does not
        var rising = new ArrayList<Knot>();
        double reached = 0;
        for (var point : points) {
            reached = Math.max(reached, point.out());
            rising.add(new Knot(point.in(), reached));
        }
        if (rising.getFirst().in() > 0) {
            rising.addFirst(new Knot(0, 0));
        }
        if (!correction) {
            var pieces = Smooth.through(rising);
            return new Read(new Measured(pieces, distance(pieces, points), points), null);
        }
        var turned = new ArrayList<Knot>();
        for (var point : rising) { // where the light stands still the least level is enough
            if (turned.isEmpty() || point.out() > turned.getLast().in()) {
                turned.add(new Knot(point.out(), point.in()));
            }
        }
        if (turned.getFirst().in() > 0) {
            turned.addFirst(new Knot(0, 0));
        }
        var pieces = Smooth.through(turned);
        return new Read(new Measured(pieces, distance(pieces, turned), points), null);
    }

    private static double distance(List<DmxProfile.Point> pieces, List<Knot> points) {
        var curve = new Curve(pieces);
        return points.stream().mapToDouble(each -> Math.abs(curve.at(each.in()) - each.out())).max().orElse(0);
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static String shown(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
