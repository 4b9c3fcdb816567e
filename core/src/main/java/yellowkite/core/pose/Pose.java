package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.joml.Matrix4d;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import yellowkite.core.body.BodyMap;
import yellowkite.core.body.Frames;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.light.Light;
import yellowkite.core.profile.Geometry;
import yellowkite.core.text.Figures;

/**
 * The body of a mode at a set of values, standing in a room.
 *
 * @param parts each part in each of its places, in the body's order
 * @param turned the axes that pan and tilt turn. @param shines one for each place that light leaves by; empty where the body has none
 */
public record Pose(Room room, List<Stood> parts, List<Turned> turned, List<Shine> shines) {

    public Pose {
        parts = List.copyOf(parts);
        turned = List.copyOf(turned);
        shines = List.copyOf(shines);
    }

    /**
     * A part in one place.
     *
     * @param called by what it is told from others like it. @param model of its shape; empty = none
     * @param outer place of the part that it stands in, among all; -1 for the outermost. @param frame in the room
     */
    public record Stood(Geometry geometry, String called, String model, int outer, Matrix4dc frame) {}

    /**
     * An axis, turned.
     *
     * @param at its place among the parts. @param attribute Pan or Tilt. @param degrees that it is turned by
     * @param rest its frame in the room before it was turned
     */
    public record Turned(int at, String called, String attribute, double degrees, Matrix4dc rest) {}

    /** @param meanings of every placed channel, in the map's order */
    public static Pose of(CompiledMode mode, List<Meaning> meanings, Room room) {
        var body = mode.body();
        var turns = turns(body, meanings);
        var turned = new ArrayList<Turned>();
        var stood = new ArrayList<Stood>();
        for (int i = 0; i < body.parts().size(); i++) {
            var part = body.parts().get(i);
            var outer = part.outer() < 0 ? room.frame() : stood.get(part.outer()).frame();
            var frame = new Matrix4d(outer).mul(Frames.of(part.geometry().position()));
            for (var meaning : turns.getOrDefault(i, List.of())) {
                double degrees = Objects.requireNonNull(meaning.physical());
                turned.add(new Turned(i, part.way(), meaning.attribute(), degrees, new Matrix4d(frame)));
                turn(frame, meaning.attribute(), degrees);
            }
            stood.add(new Stood(part.geometry(), part.way(), body.modelAt(i), part.outer(), frame));
        }
        return new Pose(room, stood, turned, shines(mode, meanings, room, stood));
    }

    /** Source: GDTF, "Geometry": a pan axis turns about its z, a tilt axis about its x. */
    static void turn(Matrix4d frame, String attribute, double degrees) {
        if (attribute.equals("Pan")) {
            frame.rotateZ(Math.toRadians(degrees));
        } else {
            frame.rotateX(Math.toRadians(degrees));
        }
    }

    /** {@return what turns each part, pan before tilt} */
    private static Map<Integer, List<Meaning>> turns(BodyMap body, List<Meaning> meanings) {
        var turns = new HashMap<Integer, List<Meaning>>();
        for (var attribute : List.of("Pan", "Tilt")) {
            for (var meaning : meanings) {
                if (meaning.physical() != null && meaning.attribute().equals(attribute)) {
                    int at = body.find(meaning.channel().channel().geometry(), meaning.channel().path());
                    if (at >= 0 && body.parts().get(at).geometry() instanceof Geometry.Part part && part.kind() == Geometry.Kind.Axis) {
                        turns.computeIfAbsent(at, none -> new ArrayList<>()).add(meaning);
                    }
                }
            }
        }
        return turns;
    }

    private static List<Shine> shines(CompiledMode mode, List<Meaning> meanings, Room room, List<Stood> stood) {
        var light = Light.of(mode, meanings);
        var places = LightPlaces.of(mode).places();
        var shines = new ArrayList<Shine>();
        for (var part : stood) {
            if (part.geometry() instanceof Geometry.Part beam && beam.details() instanceof Geometry.BeamDetails details) {
                int at = shines.size(); // places that the body names stand in its order, before all others
                var own = places.get(at).channels().stream().map(meanings::get).toList();
                shines.add(Shine.of(part, details, light.places().get(at), own, room));
            }
        }
        return shines;
    }

    /** {@return what points where, a sentence each: for whoever does not see the picture} */
    public List<String> says() {
        var says = new ArrayList<String>();
        for (var each : turned) {
            says.add(each.called() + " is turned by " + Figures.of(Math.round(10 * each.degrees()) / 10.0) + "\u00b0 ("
                    + each.attribute().toLowerCase(Locale.ROOT)
                    + ").");
        }
        shines.forEach(each -> says.add(each.says()));
        return says;
    }

    /** {@return what is drawn beside it to say which way it goes} */
    public List<Sign> signs() {
        return Sign.of(this);
    }

    /** {@return the numbers of its cells} */
    public List<CellNumber> numbers() {
        return CellNumber.of(parts);
    }

    /** {@return where the front of the fixture looks: the standard's front of its outermost part} */
    public Vector3d front() {
        return parts.isEmpty() ? new Vector3d(0, -1, 0) : parts.getFirst().frame().transformDirection(new Vector3d(0, -1, 0)).normalize();
    }
}
