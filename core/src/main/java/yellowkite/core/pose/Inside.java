package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Rotation;
import yellowkite.core.profile.Wheel;

/**
 * What stands in a beam and forms it.
 *
 * @param iris how far it is open, in [0, 1]. @param blur how far from sharp, in [0, 1]: a focus is sharpest in the middle of its travel
 * @param frost in [0, 1]. @param strobeHz null unless it flashes
 * @param gobos with a picture, the one nearest to the lamp first. @param copies that a prism makes; empty without one
 * @param blades that reach into the beam
 */
public record Inside(double iris, double blur, double frost, @Nullable Double strobeHz, List<Turning> gobos, List<Copy> copies,
        List<Blade> blades) {
    private static final Pattern NUMBERED = Pattern.compile("(Gobo|AnimationWheel|Prism)(\\d+)(.*)");
    private static final Pattern BLADE = Pattern.compile("Blade(\\d+)(A|B|Rot)");
    /** Copies of a prism that nobody has described. */
    private static final int USUAL_COPIES = 3;
    private static final double USUAL_SPREAD = 0.35;
    /** Blades one to four come from below, from the left, from above and from the right. */
    private static final int SIDES = 4;

    public Inside {
        gobos = List.copyOf(gobos);
        copies = List.copyOf(copies);
        blades = List.copyOf(blades);
    }

    /**
     * A gobo in the beam. @param degrees that it is turned by. @param speed degrees a second, 0 = it stands. @param size how often it is as
     * wide as the beam: an iris shows the middle of it
     */
    public record Turning(Wheel.Slot slot, double degrees, double speed, double size) {}

    /** A copy of the beam. @param x and {@code y} its shift across, in radii of the beam. @param color that it is tinted; null = not */
    public record Copy(double x, double y, @Nullable ColorCie color) {}

    /**
     * A blade. @param side degrees about the beam from where it comes. @param a share of the beam that its one end covers, and b its other;
     * below 0 it ends outside of the beam
     */
    public record Blade(double side, double a, double b) {
        boolean reachesIn() {
            return a > 0 || b > 0;
        }

        /** Its edge is a straight line: what lies half as far from the middle counts twice in a beam of half the width. */
        private Blade within(double open) {
            double middle = (1 + (a + b - 1) / open) / 2;
            double slant = (b - a) / 2;
            return new Blade(side, middle - slant, middle + slant);
        }
    }

    /**
     * {@return the same as seen in a beam that an iris has narrowed} What it holds keeps its size. @param open share of the width, over 0
     */
    Inside within(double open) {
        return open == 1 ? this
                : new Inside(iris, blur, frost, strobeHz,
                        gobos.stream().map(each -> new Turning(each.slot, each.degrees, each.speed, each.size / open)).toList(),
                        copies.stream().map(each -> new Copy(each.x / open, each.y / open, each.color)).toList(),
                        blades.stream().map(each -> each.within(open)).filter(Blade::reachesIn).toList());
    }

    static Inside of(List<Meaning> meanings) {
        double iris = 1;
        double blur = 0;
        double frost = 0;
        Double strobe = null;
        double shaper = 0;
        var wheels = new HashMap<String, Turns>();
        var blades = new HashMap<Integer, double[]>();
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var attribute = meaning.attribute();
            double physical = meaning.physical();
            if (attribute.equals("Iris")) {
                iris = meaning.share();
            } else if (attribute.startsWith("Focus")) {
                blur = Math.abs(2 * meaning.share() - 1);
            } else if (attribute.matches("Frost\\d*")) {
                frost = Math.max(frost, meaning.share());
            } else if (attribute.startsWith("Shutter") && meaning.unit() == PhysicalUnit.Frequency) {
                strobe = physical;
            } else if (attribute.equals("ShaperRot")) {
                shaper = physical;
            } else if (BLADE.matcher(attribute).matches()) {
                blade(blades, attribute, meaning);
            }
            wheel(wheels, attribute, meaning);
        }
        var gobos = new ArrayList<Turning>();
        List<Copy> copies = List.of();
        for (var each : new TreeMap<>(wheels).entrySet()) {
            var turns = each.getValue();
            if (each.getKey().startsWith("Prism")) {
                copies = turns.in ? copies(turns) : copies;
            } else if (turns.slot != null && !turns.slot.mediaFile().isEmpty()) {
                gobos.add(new Turning(turns.slot, turns.degrees, turns.speed, 1));
            }
        }
        double about = shaper;
        var reaching = blades.entrySet()
            .stream()
            .sorted(Map.Entry.comparingByKey())
            .map(each -> new Blade(about + each.getValue()[2] + 360.0 / SIDES * (each.getKey() - 1), each.getValue()[0],
                    each.getValue()[1]))
            .filter(Blade::reachesIn)
            .toList();
        return new Inside(iris, blur, frost, strobe, gobos, copies, reaching);
    }

    /** One wheel with what turns it. */
    private static final class Turns {
        private Wheel.@Nullable Slot slot;
        private boolean in;
        private double degrees;
        private double speed;
    }

    private static void wheel(Map<String, Turns> wheels, String attribute, Meaning meaning) {
        var match = NUMBERED.matcher(attribute);
        if (!match.matches() || meaning.physical() == null) {
            return;
        }
        var turns = wheels.computeIfAbsent(match.group(1) + match.group(2), none -> new Turns());
        var rest = match.group(3);
        if (rest.equals("Pos")) {
            turns.degrees += meaning.physical();
        } else if (rest.endsWith("Rotate") || rest.endsWith("Spin")) {
            turns.speed += meaning.unit() == PhysicalUnit.AngularSpeed ? meaning.physical() : 0;
        }
        if (meaning.slot() != null && !rest.startsWith("Pos")) {
            turns.slot = meaning.slot();
            turns.in |= !meaning.slot().isOpen();
        } else if (rest.isEmpty() && match.group(1).equals("Prism")) {
            turns.in |= meaning.physical() > 0;
        }
    }

    private static void blade(Map<Integer, double[]> blades, String attribute, Meaning meaning) {
        var match = BLADE.matcher(attribute);
        if (match.matches()) {
            var ends = blades.computeIfAbsent(Integer.parseInt(match.group(1)), none -> new double[3]);
            switch (match.group(2)) {
                case "A" -> ends[0] = meaning.share();
                case "B" -> ends[1] = meaning.share();
                default -> ends[2] = meaning.physical() == null ? 0 : meaning.physical();
            }
        }
    }

    private static List<Copy> copies(Turns turns) {
        var facets = turns.slot == null ? List.<Wheel.Facet>of() : turns.slot.facets();
        var copies = new ArrayList<Copy>();
        double turned = Math.toRadians(turns.degrees);
        for (int i = 0; i < (facets.isEmpty() ? USUAL_COPIES : facets.size()); i++) {
            var at = facets.isEmpty() ? around(i, USUAL_COPIES) : shift(facets.get(i).rotation(), i, facets.size());
            copies.add(new Copy(at[0] * Math.cos(turned) - at[1] * Math.sin(turned), at[0] * Math.sin(turned) + at[1] * Math.cos(turned),
                    facets.isEmpty() ? null : facets.get(i).color()));
        }
        return copies;
    }

    /** The last column is a facet's shift; facets that all lie in the middle are not described, and stand around it. */
    private static double[] shift(Rotation rotation, int i, int of) {
        double x = rotation.cells().get(2);
        double y = rotation.cells().get(5);
        return x == 0 && y == 0 && of > 1 ? around(i, of) : new double[]{x, y};
    }

    private static double[] around(int i, int of) {
        double angle = 2 * Math.PI * i / of + Math.PI / 2;
        return new double[]{USUAL_SPREAD * Math.cos(angle), USUAL_SPREAD * Math.sin(angle)};
    }
}
