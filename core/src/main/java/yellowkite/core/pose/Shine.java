package yellowkite.core.pose;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import org.joml.Vector3dc;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.light.Light;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry.BeamType;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.Figures;

/**
 * The light that leaves one place: straight down its own z, as the standard wants it.
 *
 * @param called the place. @param frame of the lens. @param level in [0, 1]
 * @param beamAngle degrees as it stands now, as is the field angle. @param radius of the lens, m. @param kind of beam
 * @param inside what forms the beam. @param met null where it leaves the room. @param there how wide and bright it is there
 */
public record Shine(String called, Matrix4dc frame, double level, Xyz color, double beamAngle, double fieldAngle, double radius,
        BeamType kind,
        Inside inside,
        Room.@Nullable Met met, @Nullable Throw there) {
    private static final Pattern ZOOM = Pattern.compile("Zoom(Mode(Spot|Beam))?");
    private static final double NARROWEST = 0.05;

    static Shine of(Pose.Stood stood, BeamDetails details, Light.Place place, List<Meaning> own, Room room) {
        double beam = details.beamAngle();
        double field = details.widestAngle();
        var inside = Inside.of(own);
        for (var meaning : own) {
            if (meaning.physical() != null && meaning.unit() == PhysicalUnit.Angle && ZOOM.matcher(meaning.attribute()).matches()
                    && meaning.physical() > 0) {
                field = field * meaning.physical() / beam;
                beam = meaning.physical();
            }
        }
        double open = Math.max(NARROWEST, inside.iris());
        beam = narrowed(beam, open);
        field = narrowed(field, open);
        var from = stood.frame().transformPosition(new Vector3d());
        var met = room.meets(from, direction(stood.frame()));
        return new Shine(stood.called(), stood.frame(), place.level(), place.color(), beam, field, details.beamRadius(), details.beamType(),
                inside.within(open), met,
                met == null ? null
                        : Throw.at(met.distance(), beam, field, details.beamRadius(),
                                details.luminousFlux() * place.level() * open * open));
    }

    /** An iris takes from the width, so from the tangent of half the angle. */
    private static double narrowed(double angle, double open) {
        return Math.toDegrees(2 * Math.atan(open * Math.tan(Math.toRadians(Math.min(angle, 179)) / 2)));
    }

    private static Vector3d direction(Matrix4dc frame) {
        return frame.transformDirection(new Vector3d(0, 0, -1)).normalize();
    }

    public Vector3dc direction() {
        return direction(frame);
    }

    /** {@return where it points and what it meets, as a sentence} */
    String says() {
        var says = new StringBuilder(called).append(" looks ").append(Heading.says(direction()));
        if (met != null && there != null) {
            says.append("; meets the ")
                .append(met.surface().name().toLowerCase(Locale.ROOT))
                .append(" after ")
                .append(metres(met.distance()))
                .append(", ")
                .append(metres(there.fieldWidth()))
                .append(" wide")
                .append(level == 0 ? "" : ", " + Figures.of(Math.round(there.lux())) + " lx");
        } else {
            says.append("; leaves the room");
        }
        return says.append(level == 0 ? "; dark." : "; " + Math.round(100 * level) + " %.").toString();
    }

    private static String metres(double value) {
        return Figures.of(Math.round(100 * value) / 100.0) + " m";
    }
}
