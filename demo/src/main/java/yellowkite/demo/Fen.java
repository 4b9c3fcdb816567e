package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Brinewell Fen, a haze machine. */
final class Fen {
    private Fen() {}

    static FixtureType profile() {
        return Bodies.built(driven(), BodyTemplate.MACHINE, 0.52, 0.34, 0.3);
    }

    private static FixtureType driven() {
        return ProfileBuilder.profile("Brinewell", "Fen")
            .shortName("Fen")
            .description("Haze from below the stage; warms up for four minutes.")
            .id("D3B5A9F0-6C27-4E81-B0F4-39A8C1D2E007")
            .attribute("Haze1", "Haze", "Beam.Beam", "", PhysicalUnit.Percent)
            .attribute("Fan1", "Fan", "Control.Control", "", PhysicalUnit.Percent)
            .body(part(Kind.Geometry, "Tank"))
            .mode("Haze and fan", "Tank", mode -> mode
                .channel("Haze1", "Tank", at(1),
                        c -> c.function("Haze", 0, f -> f.physical(0, 100).range("Off", 0).range("Little to much", 8)))
                .channel("Fan1", "Tank", at(2), c -> c.function("Fan", 0, f -> f.physical(10, 100))))
            .mode("Haze", "Tank",
                    mode -> mode.channel("Haze1", "Tank", at(1),
                            c -> c.function("Haze", 0, f -> f.physical(0, 100).range("Off", 0).range("Little to much", 8))))
            .revision("From the manufacturer's chart", "2026-05-25T09:15:00", "Ines")
            .build();
    }
}
