package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.List;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.curve.OwnPoints;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.PhysicalUnit;

/** Lumbrook Candle, a dimmer lamp that glows late: nothing is seen below a tenth. */
final class Candle {
    private static final String CURVE = "Glows late";
    private static final List<Knot> FIRST = List.of(new Knot(0, 0), new Knot(0.1, 0), new Knot(0.25, 0.04), new Knot(0.5, 0.22),
            new Knot(0.75, 0.56), new Knot(1, 1));
    private static final List<Knot> AGAIN = List.of(new Knot(0, 0), new Knot(0.06, 0), new Knot(0.25, 0.07), new Knot(0.5, 0.27),
            new Knot(0.75, 0.6), new Knot(1, 1));

    private Candle() {}

    static FixtureType profile() {
        return revision(FIRST, false, "Measured in the saloon", "2026-05-20T20:45:00");
    }

    /** {@return the second and the third revision, which came once rigs stood: another curve, then a relay behind the dimmer} */
    static List<FixtureType> later() {
        return List.of(revision(AGAIN, false, "Measured again, with the new filament", "2026-07-02T11:10:00"),
                revision(AGAIN, true, "The packs have relays now", "2026-07-19T16:30:00"));
    }

    private static FixtureType revision(List<Knot> curve, boolean relay, String says, String at) {
        return Bodies.lit(Bodies.shaped(ProfileBuilder.profile("Lumbrook", "Candle")
            .shortName("Candle")
            .description("Filament fixture for the saloon, on a dimmer.")
            .id("0E6F2B88-1C95-47AA-B3D4-64C9F0E5C004")
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("LampControl", "Lamp Control", "Control.Control", "", PhysicalUnit.None)
            .curve(CURVE, OwnPoints.pieces(curve, OwnPoints.Run.SMOOTH))
            .body(part(Kind.Beam, "Bulb"))
            .mode("Dimmer", "Bulb",
                    mode -> {
                        mode.description(relay ? "Dimmer and relay" : "One channel")
                            .channel("Dimmer", "Bulb", at(1), c -> c.grandMaster()
                                .highlight(255)
                                .function("Dimmer", 0, f -> f.physical(0, 900).curve(CURVE)));
                        if (relay) {
                            mode.channel("LampControl", "Bulb", at(2),
                                    c -> c.snap().function("Relay", 0, f -> f.start(255).range("Off", 0).range("On", 128)));
                        }
                    })
            .mode("Fine", "Bulb",
                    mode -> mode.description("In two bytes")
                        .channel("Dimmer", "Bulb", at(1, 2), c -> c.grandMaster()
                            .highlight(65535)
                            .function("Dimmer", 0, f -> f.physical(0, 900).curve(CURVE))))
            .revision(says, at, "Teun")
            .build(), "Bulb", Model.Primitive.Sphere, 0.09, 0.16), new Bodies.Lens("Glow", 900, 2_200, 60, 300, 360));
    }
}
