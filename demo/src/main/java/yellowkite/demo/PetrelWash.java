package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Tidewick Petrel Wash, a moving wash whose flags were measured: its light is mixed through them, fine. */
final class PetrelWash {
    private PetrelWash() {}

    static FixtureType profile() {
        return Bodies.lit(Bodies.built(driven(), BodyTemplate.MOVING_HEAD, 0.34, 0.3, 0.52),
                new Bodies.Lens("Wash", 9_500, 6_500, 350, 28, 46));
    }

    private static FixtureType driven() {
        return Attributes.subtractive(Attributes.head(Attributes.dimmerAndShutter(ProfileBuilder.profile("Tidewick", "Petrel Wash"))))
            .shortName("PetrelW")
            .description("Moving wash, six along the gunwales.")
            .id("5B1C7A52-3E60-4D0B-9C41-7A1D52E0A002")
            .attribute("CTO", "Warm white", "Color.Color", "", PhysicalUnit.Temperature)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .filter("Cyan flag", new ColorCie(0.1710, 0.2320, 31))
            .filter("Magenta flag", new ColorCie(0.3380, 0.1460, 18))
            .filter("Yellow flag", new ColorCie(0.4560, 0.4980, 84))
            .body(part(Kind.Geometry, "Base", part(Kind.Axis, "Yoke", part(Kind.Axis, "Head", part(Kind.Beam, "Lens")))))
            .mode("Extended", "Base", PetrelWash::extended)
            .mode("Basic", "Base", PetrelWash::basic)
            .revision("From the manufacturer's chart", "2026-04-20T08:10:00", "Ines")
            .build();
    }

    private static void extended(ModeBuilder mode) {
        mode.description("Everything, fine where it matters")
            .channel("Pan", "Yoke", at(1, 2), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(32768)))
            .channel("Tilt", "Head", at(3, 4), c -> c.function("Tilt", 0, f -> f.physical(-120, 120).start(32768)))
            .channel("Dimmer", "Head", at(5, 6),
                    c -> c.grandMaster().highlight(65535).function("Dimmer", 0, f -> f.physical(0, 14_500).start(0)));
        shutter(mode, 7);
        mode.channel("ColorSub_C", "Head", at(8, 9), c -> c.function("Cyan", 0, f -> f.physical(0, 1).filter("Cyan flag")))
            .channel("ColorSub_M", "Head", at(10, 11), c -> c.function("Magenta", 0, f -> f.physical(0, 1).filter("Magenta flag")))
            .channel("ColorSub_Y", "Head", at(12, 13), c -> c.function("Yellow", 0, f -> f.physical(0, 1).filter("Yellow flag")))
            .channel("CTO", "Head", at(14), c -> c.function("Warm white", 0, f -> f.physical(6_000, 2_700)))
            .channel("Zoom", "Head", at(15, 16), c -> c.function("Zoom", 0, f -> f.physical(12, 58).start(32768)))
            .channel("Control1", "Base", at(17), c -> c.snap().function("Control", 0, f -> f.range("Idle", 0).range("Reset", 200)));
    }

    private static void basic(ModeBuilder mode) {
        mode.description("For the small console on the tender, hung the other way round")
            .channel("Pan", "Yoke", at(1), c -> c.function("Pan", 0, f -> f.physical(270, -270).start(128)))
            .channel("Tilt", "Head", at(2), c -> c.function("Tilt", 0, f -> f.physical(-120, 120).start(128)))
            .channel("Dimmer", "Head", at(3),
                    c -> c.grandMaster().highlight(255).function("Dimmer", 0, f -> f.physical(0, 14_500).start(0)));
        shutter(mode, 4);
        mode.channel("ColorSub_C", "Head", at(5), c -> c.function("Cyan", 0, f -> f.physical(0, 1).filter("Cyan flag")))
            .channel("ColorSub_M", "Head", at(6), c -> c.function("Magenta", 0, f -> f.physical(0, 1).filter("Magenta flag")))
            .channel("ColorSub_Y", "Head", at(7), c -> c.function("Yellow", 0, f -> f.physical(0, 1).filter("Yellow flag")))
            .channel("Zoom", "Head", at(8), c -> c.function("Zoom", 0, f -> f.physical(12, 58).start(128)));
    }

    private static void shutter(ModeBuilder mode, int address) {
        mode.channel("Shutter1", "Head", at(address), c -> c.snap()
            .highlight(255)
            .startsIn("Open")
            .function("Closed", 0, f -> f.physical(0, 0).range("Closed", 0))
            .function("Strobe", "Shutter1Strobe", 16, f -> f.physical(0.5, 16))
            .function("Open", 240, f -> f.physical(1, 1).start(255).range("Open", 240)));
    }
}
