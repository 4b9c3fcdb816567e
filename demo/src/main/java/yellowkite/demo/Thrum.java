package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Cobbler's Row Thrum, a strobe. */
final class Thrum {
    private Thrum() {}

    static FixtureType profile() {
        return Bodies.lit(Bodies.built(driven(), BodyTemplate.STRIP_LIGHT, 0.46, 0.22, 0.2),
                new Bodies.Lens("Rectangle", 42_000, 6_000, 900, 90, 120));
    }

    private static FixtureType driven() {
        return Attributes.dimmerAndShutter(ProfileBuilder.profile("Cobbler's Row", "Thrum"))
            .shortName("Thrum")
            .description("Strobe in the tower; thunder in act two.")
            .id("F1E8D2C3-7A94-45B6-9C0D-5E6F7A8B9008")
            .attribute("StrobeDuration", "Flash length", "Beam.Beam", "Shutter", PhysicalUnit.Time)
            .body(part(Kind.Geometry, "Housing", part(Kind.Beam, "Tube")))
            .mode("Four", "Housing", mode -> mode
                .channel("Dimmer", "Tube", at(1), c -> c.grandMaster().highlight(255).function("Brightness", 0, f -> f.physical(0, 60_000)))
                .channel("StrobeDuration", "Tube", at(2), c -> c.function("Flash length", 0, f -> f.physical(0.001, 0.2)))
                .channel("Shutter1", "Tube", at(3), c -> c.snap()
                    .highlight(0)
                    .function("Open", 0, f -> f.physical(1, 1).range("Open", 0))
                    .function("Strobe", "Shutter1Strobe", 6, f -> f.physical(0.5, 25)))
                .channel("Shutter1StrobeRandom", "Tube", at(4), c -> c.snap()
                    .function("No thunder", "Shutter1", 0, f -> f.physical(1, 1).range("Off", 0))
                    .function("Thunder", 6, f -> f.physical(0.2, 12))))
            .mode("Two", "Housing", mode -> mode
                .channel("Dimmer", "Tube", at(1), c -> c.grandMaster().highlight(255).function("Brightness", 0, f -> f.physical(0, 60_000)))
                .channel("Shutter1", "Tube", at(2), c -> c.snap()
                    .highlight(0)
                    .function("Open", 0, f -> f.physical(1, 1).range("Open", 0))
                    .function("Strobe", "Shutter1Strobe", 6, f -> f.physical(0.5, 25))))
            .revision("From the manufacturer's chart", "2026-05-25T11:40:00", "Ines")
            .build();
    }
}
