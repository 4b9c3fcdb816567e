package yellowkite.server.drafts;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.pose.Sign;

/**
 * The body at a probe, standing in the room.
 *
 * @param parts in the body's order. @param says what points where, a sentence each. @param signs lines beside it that say which way it goes
 * @param numbers of cells. @param wall metres from the fixture back to the wall
 */
record PoseView(List<StoodLine> parts, List<TurnedLine> turned, List<ShineLine> shines, List<String> says, List<SignLine> signs,
        List<NumberLine> numbers, double wall) {

    /** @param points of a line in the room: x, y, z in turn, in metres */
    record SignLine(Sign.Kind kind, List<Double> points) {}

    /** @param at x, y, z in the room, metres */
    record NumberLine(String number, List<Double> at) {}

    /** @param at place of the axis among the parts. @param rest where it stands before it is turned, as the frame of a part */
    record TurnedLine(int at, List<Double> rest) {}

    /** @param part name of the part. @param frame 16 numbers, column by column, of where it stands in the room, in metres */
    record StoodLine(String part, String kind, String model, List<Double> frame) {}

    /**
     * @param frame of the lens, as of a part; it shines down its own z. @param looks how bright it looks, in [0, 1]. @param hex its colour
     * @param beamAngle degrees, as is the field angle. @param radius of the lens, m. @param kind by the standard's word
     * @param met where it meets the room: x, y, z; null where it does not. @param says where it points, as a sentence
     */
    record ShineLine(String called, List<Double> frame, double looks, String hex, double beamAngle, double fieldAngle, double radius,
            String kind,
            double iris, double blur, double frost, @Nullable Double strobeHz, List<BeamGobo> gobos, List<CopyLine> copies,
            List<BladeLine> blades, @Nullable MetLine met) {}

    /** @param surface {@code FLOOR} or {@code WALL}. @param at x, y, z. Metres, degrees, lux on average over the field */
    record MetLine(String surface, List<Double> at, double distance, double beamWidth, double fieldWidth, double lux) {}

    /**
     * @param picture its address; null if it has none. @param degrees that it is turned by. @param speed degrees a second
     * @param size how often it is as wide as the beam
     */
    record BeamGobo(String name, @Nullable String picture, double degrees, double speed, double size) {}

    /** @param x and {@code y} in radii of the beam. @param hex null = not tinted */
    record CopyLine(double x, double y, @Nullable String hex) {}

    record BladeLine(double side, double a, double b) {}
}
