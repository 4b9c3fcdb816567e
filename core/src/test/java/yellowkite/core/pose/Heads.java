package yellowkite.core.pose;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.Map;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Probe;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.LayBody;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Moving heads for tests: a value v of pan and tilt is v - 128 degrees. */
final class Heads {
    private Heads() {}

    static FixtureType head() {
        var plain = ProfileBuilder.profile("Testers", "Head")
            .id("00000000-0000-0000-0000-0000000000A1")
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Tilt", "Tilt", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .attribute("Iris", "Iris", "Beam.Beam", "", PhysicalUnit.Percent)
            .body(part(Kind.Geometry, "Base", part(Kind.Axis, "Yoke", part(Kind.Axis, "Head", part(Kind.Beam, "Lens")))))
            .mode("Main", "Base", mode -> mode
                .channel("Pan", "Yoke", at(1), c -> c.function("Pan", 0, f -> f.physical(-128, 127).start(128)))
                .channel("Tilt", "Head", at(2), c -> c.function("Tilt", 0, f -> f.physical(-128, 127).start(128)))
                .channel("Dimmer", "Head", at(3), c -> c.highlight(255).function("Dimmer", 0, f -> f.physical(0, 1)))
                .channel("Zoom", "Head", at(4), c -> c.function("Zoom", 0, f -> f.physical(10, 61)))
                .channel("Iris", "Head", at(5), c -> c.function("Iris", 0, f -> f.physical(0, 100).start(255))))
            .build();
        return after(plain, new LayBody(BodyTemplate.MOVING_HEAD, "", 0.4, 0.4, 1, 1, 1, 1));
    }

    static FixtureType after(FixtureType type, Edit... edits) {
        var so = type;
        for (var edit : edits) {
            so = ((Outcome.Applied<FixtureType>) edit.acceptedOn(so)).after();
        }
        return so;
    }

    static CompiledMode compiled(FixtureType type) {
        return CompiledMode.of(type, type.modes().getFirst());
    }

    /** The body with values on some channels, by attribute. */
    static Pose pose(FixtureType type, Room room, Map<String, Long> values) {
        var mode = compiled(type);
        var byId = new java.util.HashMap<Integer, Long>();
        values.forEach((attribute, value) -> byId.put(type.modes()
            .getFirst()
            .channels()
            .stream()
            .filter(each -> each.attribute().equals(attribute))
            .findFirst()
            .orElseThrow()
            .id(), value));
        return Pose.of(mode, Probe.atStart(mode).with(byId).meanings(), room);
    }
}
