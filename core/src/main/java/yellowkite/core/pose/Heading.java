package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.List;
import org.joml.Vector3d;
import org.joml.Vector3dc;

/** Directions in the words of one who stands before the fixture: x is right, y is to the back, z is up. */
public enum Heading {
    DOWN("down", "below", 0, 0, -1), UP("up", "above", 0, 0, 1), LEFT("left", "the left", -1, 0, 0), RIGHT("right", "the right", 1, 0, 0),
    FRONT("to the front", "the front", 0, -1, 0), BACK("to the back", "the back", 0, 1, 0);

    /** What lies nearer to an axis, in degrees, is said to be straight. */
    private static final double STRAIGHT = 3;
    /** A part of a direction below this is not named. */
    private static final double NOT_NAMED = 0.2;

    private final String words;
    private final String place;
    private final Vector3dc direction;

    Heading(String words, String place, double x, double y, double z) {
        this.words = words;
        this.place = place;
        this.direction = new Vector3d(x, y, z);
    }

    public String words() {
        return words;
    }

    /** {@return what lies there} */
    String place() {
        return place;
    }

    Vector3dc direction() {
        return direction;
    }

    /** {@return the one that a direction comes nearest to; of several the first} */
    public static Heading nearest(Vector3dc to) {
        var best = DOWN;
        for (var each : values()) {
            best = to.dot(each.direction) > to.dot(best.direction) + 1e-9 ? each : best;
        }
        return best;
    }

    /** {@return a direction in words, such as "straight down" or "down and left, 30 degrees from straight down"} @param to of length 1 */
    public static String says(Vector3dc to) {
        var nearest = nearest(to);
        double off = Math.toDegrees(Math.acos(Math.clamp(to.dot(nearest.direction), -1, 1)));
        if (off < STRAIGHT) {
            return nearest == DOWN || nearest == UP ? "straight " + nearest.words : nearest.words;
        }
        List<Heading> parts = new ArrayList<>();
        for (var each : values()) {
            if (to.dot(each.direction) > NOT_NAMED) {
                parts.add(each);
            }
        }
        parts.sort((one, other) -> Double.compare(to.dot(other.direction), to.dot(one.direction)));
        var words = new StringBuilder();
        for (int i = 0; i < parts.size(); i++) {
            words.append(i == 0 ? "" : i == parts.size() - 1 ? " and " : ", ").append(parts.get(i).words);
        }
        return words + ", " + Math.round(off) + "\u00b0 off " + (nearest == DOWN || nearest == UP ? "straight " : "") + nearest.words;
    }
}
