package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/**
 * Tidewick Petrel Spot, a moving spot. Its shaken gobo ranges name the slot after the one they point at: a wheel off by one, waiting to be
 * found.
 */
final class PetrelSpot {
    static final String[] GOBOS = {"reeds", "ripples", "lock-gate", "kite"};
    private static final DmxValue RANDOM_FROM = new DmxValue(128, 1);

    private PetrelSpot() {}

    static FixtureType profile() {
        return Bodies.lit(Bodies.built(driven(), BodyTemplate.MOVING_HEAD, 0.38, 0.32, 0.66),
                new Bodies.Lens("Spot", 18_000, 6_500, 470, 20, 24));
    }

    private static FixtureType driven() {
        var profile = Attributes
            .subtractive(Attributes.head(Attributes.dimmerAndShutter(ProfileBuilder.profile("Tidewick", "Petrel Spot"))))
            .shortName("PetrelS")
            .description("Moving spot of the lamp store, four on the foredeck and two in the tower.")
            .id("5B1C7A52-3E60-4D0B-9C41-7A1D52E0A001")
            .attribute("PositionMSpeed", "Position speed", "Control.Control", "", PhysicalUnit.Speed)
            .attribute("StrobeMode", "Strobe rhythm", "Control.Control", "", PhysicalUnit.None)
            .attribute("Color1", "Colour wheel", "Color.Color", "Color1", PhysicalUnit.None)
            .attribute("Gobo1", "Gobo 1", "Gobo.Gobo", "Gobo1", PhysicalUnit.None)
            .attribute("Gobo1SelectShake", "Gobo 1 shake", "Gobo.Gobo", "Gobo1", PhysicalUnit.Frequency)
            .attribute("Gobo1WheelSpin", "Gobo 1 wheel spin", "Gobo.Gobo", "Gobo1", PhysicalUnit.AngularSpeed)
            .attribute("Gobo1Pos", "Gobo 1 position", "Gobo.Gobo", "Gobo1Pos", PhysicalUnit.Angle)
            .attribute("Gobo1PosRotate", "Gobo 1 turn", "Gobo.Gobo", "Gobo1Pos", PhysicalUnit.AngularSpeed)
            .attribute("Iris", "Iris", "Beam.Beam", "", PhysicalUnit.Percent)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .attribute("Focus1", "Focus", "Focus.Focus", "", PhysicalUnit.Length)
            .wheel("Gobos", wheel -> wheel.open("Open")
                .gobo("Reeds", "reeds")
                .gobo("Ripples", "ripples")
                .gobo("Lock gate", "lock-gate")
                .gobo("Kite", "kite"))
            .wheel("Colours", wheel -> wheel.open("Open")
                .color("Marigold", new ColorCie(0.5330, 0.4350, 48))
                .color("Duckweed", new ColorCie(0.3100, 0.5600, 40))
                .color("Deep lock", new ColorCie(0.1620, 0.1100, 8))
                .color("Brick", new ColorCie(0.6500, 0.3200, 15)))
            .body(part(Kind.Geometry, "Base", part(Kind.Axis, "Yoke", part(Kind.Axis, "Head", part(Kind.Beam, "Lens")))));
        return profile
            .mode("Extended", "Base", PetrelSpot::extended)
            .mode("Compact", "Base", PetrelSpot::compact)
            .revision("First chart from the manufacturer", "2026-04-18T09:30:00", "Ines")
            .build();
    }

    private static void extended(ModeBuilder mode) {
        mode.description("Everything, fine where it matters")
            .channel("Pan", "Yoke", at(1, 2), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(32768)))
            .channel("Tilt", "Head", at(3, 4), c -> c.function("Tilt", 0, f -> f.physical(-125, 125).start(32768)))
            .channel("PositionMSpeed", "Yoke", at(5), c -> c.snap()
                .function("Speed", 0, f -> f.physical(1, 0).range("Fast to slow", 0).range("As fast as it goes", 248)));
        dimmer(mode, 6, 7);
        shutter(mode, 8, 9);
        subtractive(mode, 10);
        colourWheel(mode, 13);
        gobo(mode, 14);
        mode.channel("Gobo1Pos", "Head", at(15, 16), c -> c
            .function("Index", 0, f -> f.physical(0, 360).start(0))
            .function("Turn", "Gobo1PosRotate", 32768, f -> f.physical(-180, 180)
                .range("Fast to slow, left", 32768)
                .range("Stands still", 49024)
                .range("Slow to fast, right", 49408)))
            .channel("Iris", "Head", at(17), c -> c.function("Iris", 0, f -> f.physical(100, 15)))
            .channel("Zoom", "Head", at(18, 19), c -> c.function("Zoom", 0, f -> f.physical(8, 42).start(32768)))
            .channel("Focus1", "Head", at(20, 21), c -> c.function("Focus", 0, f -> f.physical(2, 40).start(32768)));
        control(mode, 22);
    }

    private static void compact(ModeBuilder mode) {
        mode.description("For the small desk on the tender")
            .channel("Pan", "Yoke", at(1), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(128)))
            .channel("Tilt", "Head", at(2), c -> c.function("Tilt", 0, f -> f.physical(-125, 125).start(128)));
        dimmer(mode, 3);
        shutter(mode, 4, 5);
        subtractive(mode, 6);
        gobo(mode, 9);
        mode.channel("Gobo1Pos", "Head", at(10), c -> c
            .function("Index", 0, f -> f.physical(0, 360).start(0))
            .function("Turn", "Gobo1PosRotate", 128, f -> f.physical(-180, 180)))
            .channel("Zoom", "Head", at(11), c -> c.function("Zoom", 0, f -> f.physical(8, 42).start(128)))
            .channel("Focus1", "Head", at(12), c -> c.function("Focus", 0, f -> f.physical(2, 40).start(128)));
        control(mode, 13);
    }

    private static void dimmer(ModeBuilder mode, Integer... addresses) {
        long full = DmxValue.max(addresses.length);
        mode.channel("Dimmer", "Head", at(addresses), c -> c.grandMaster()
            .highlight(full)
            .function("Dimmer", 0, f -> f.physical(0, 18_000).start(0)));
    }

    /** The strobe runs evenly or at random, as the channel beside it says. */
    private static void shutter(ModeBuilder mode, int address, int modeAddress) {
        var master = "Head_StrobeMode";
        mode.channel("Shutter1", "Head", at(address), c -> c.snap()
            .highlight(48)
            .startsIn("Open")
            .function("Closed", 0, f -> f.physical(0, 0).range("Closed", 0))
            .function("Open", 32, f -> f.physical(1, 1).start(48).range("Open", 32))
            .function("Strobe", "Shutter1Strobe", 64, f -> f.physical(0.4, 18).when(master, DmxValue.ZERO, new DmxValue(127, 1)))
            .function("Random strobe", "Shutter1StrobeRandom", 64,
                    f -> f.physical(0.4, 12).when(master, RANDOM_FROM, new DmxValue(255, 1))))
            .channel("StrobeMode", "Head", at(modeAddress), c -> c.snap()
                .function("Rhythm", 0, f -> f.range("Even", 0).range("Random", 128)));
    }

    private static void subtractive(ModeBuilder mode, int address) {
        mode.channel("ColorSub_C", "Head", at(address), c -> c.function("Cyan", 0, f -> f.physical(0, 1)))
            .channel("ColorSub_M", "Head", at(address + 1), c -> c.function("Magenta", 0, f -> f.physical(0, 1)))
            .channel("ColorSub_Y", "Head", at(address + 2), c -> c.function("Yellow", 0, f -> f.physical(0, 1)));
    }

    private static void colourWheel(ModeBuilder mode, int address) {
        mode.channel("Color1", "Head", at(address), c -> c.snap()
            .function("Colour", 0, f -> f.wheel("Colours")
                .range("Open", 0, 1)
                .range("Marigold", 51, 2)
                .range("Duckweed", 102, 3)
                .range("Deep lock", 153, 4)
                .range("Brick", 204, 5)));
    }

    private static void gobo(ModeBuilder mode, int address) {
        mode.channel("Gobo1", "Head", at(address), c -> c.snap()
            .function("Still", 0, f -> f.wheel("Gobos")
                .range("Open", 0, 1)
                .range("Reeds", 8, 2)
                .range("Ripples", 16, 3)
                .range("Lock gate", 24, 4)
                .range("Kite", 32, 5))
            .function("Shake", "Gobo1SelectShake", 40, f -> f.wheel("Gobos")
                .physical(0.4, 6)
                .range("Reeds, shaking", 40, 1, 0.4, 6)
                .range("Ripples, shaking", 62, 2, 0.4, 6)
                .range("Lock gate, shaking", 84, 3, 0.4, 6)
                .range("Kite, shaking", 106, 4, 0.4, 6))
            .function("Wheel spins", "Gobo1WheelSpin", 128, f -> f.wheel("Gobos")
                .physical(-120, 120)
                .range("Fast to slow, left", 128)
                .range("Stands still", 190)
                .range("Slow to fast, right", 194)));
    }

    private static void control(ModeBuilder mode, int address) {
        mode.channel("Control1", "Base", at(address), c -> c.snap()
            .function("Control", 0, f -> f.range("Idle", 0)
                .range("Lamp on", 40)
                .range("Lamp off", 80)
                .range("Reset position", 120)
                .range("Reset all", 160)
                .range("Idle", 200)));
    }
}
