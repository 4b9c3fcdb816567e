package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.List;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.curve.OwnPoints;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Lumbrook Candle, a dimmer lamp that glows late: nothing is seen below a tenth. */
final class Candle {
    private static final String CURVE = "Glows late";

    private Candle() {}

    static FixtureType profile() {
        return ProfileBuilder.profile("Lumbrook", "Candle")
            .shortName("Candle")
            .description("Filament fixture for the saloon, on a dimmer.")
            .id("0E6F2B88-1C95-47AA-B3D4-64C9F0E5C004")
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .curve(CURVE,
                    OwnPoints.pieces(List.of(new Knot(0, 0), new Knot(0.1, 0), new Knot(0.25, 0.04), new Knot(0.5, 0.22),
                            new Knot(0.75, 0.56), new Knot(1, 1)), OwnPoints.Run.SMOOTH))
            .body(part(Kind.Beam, "Bulb"))
            .mode("Dimmer", "Bulb",
                    mode -> mode.description("One channel")
                        .channel("Dimmer", "Bulb", at(1), c -> c.grandMaster()
                            .highlight(255)
                            .function("Dimmer", 0, f -> f.physical(0, 900).curve(CURVE))))
            .mode("Fine", "Bulb",
                    mode -> mode.description("In two bytes")
                        .channel("Dimmer", "Bulb", at(1, 2), c -> c.grandMaster()
                            .highlight(65535)
                            .function("Dimmer", 0, f -> f.physical(0, 900).curve(CURVE))))
            .revision("Measured in the saloon", "2026-05-20T20:45:00", "Teun")
            .build();
    }
}
