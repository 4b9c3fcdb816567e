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

/** Lumbrook Moth: a par of six colours. */
final class Moth {
    private static final String[] NAMES = {"Red", "Green", "Blue", "Amber", "Lime", "Ultraviolet"};
    private static final String[] ATTRIBUTES = {"ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_RY", "ColorAdd_GY", "ColorAdd_UV"};

    /** x, y, luminance beside the brightest of them in percent, dominant wavelength in nm. */
    private static final double[][] LIGHTS = {{0.6980, 0.3016, 26, 626}, {0.1910, 0.7230, 62, 527}, {0.1420, 0.0480, 9, 462},
            {0.5700, 0.4270, 34, 590}, {0.4080, 0.5560, 100, 567}, {0.1733, 0.0048, 0.2, 402}};

    private Moth() {}

    static FixtureType profile() {
        return Bodies.lit(Bodies.built(driven(), BodyTemplate.STATIC, 0.24, 0.24, 0.3),
                new Bodies.Lens("Wash", 3_400, 6_500, 90, 22, 38));
    }

    private static FixtureType driven() {
        var profile = Attributes.additive(Attributes.dimmerAndShutter(ProfileBuilder.profile("Lumbrook", "Moth")))
            .shortName("Moth")
            .description("Par for the rigging and the quay.")
            .id("0E6F2B88-1C95-47AA-B3D4-64C9F0E5C003")
            .attribute("ColorAdd_RY", "Amber", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_GY", "Lime", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_UV", "UV", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("CTC", "White point", "Color.Color", "", PhysicalUnit.Temperature)
            .body(part(Kind.Geometry, "Can", part(Kind.Beam, "Face")));
        for (int i = 0; i < NAMES.length; i++) {
            profile.emitter(NAMES[i], new ColorCie(LIGHTS[i][0], LIGHTS[i][1], LIGHTS[i][2]), LIGHTS[i][3]);
        }
        return profile
            .mode("Nine", "Can", Moth::nine)
            .mode("Six", "Can", Moth::six)
            .revision("From the manufacturer's chart", "2026-05-11T11:00:00", "Ines")
            .build();
    }

    private static void nine(ModeBuilder mode) {
        mode.description("Dimmer, shutter, white point and the colours")
            .channel("Dimmer", "Face", at(1), c -> c.grandMaster().highlight(255).function("Dimmer", 0, f -> f.physical(0, 3_100)))
            .channel("Shutter1", "Face", at(2), c -> c.snap()
                .highlight(255)
                .startsIn("Open")
                .function("Closed", 0, f -> f.physical(0, 0).range("Closed", 0))
                .function("Strobe", "Shutter1Strobe", 8, f -> f.physical(0.5, 20))
                .function("Open", 248, f -> f.physical(1, 1).start(255).range("Open", 248)))
            .channel("CTC", "Face", at(3), c -> c.function("White point", 0, f -> f.physical(2700, 6500)
                .range("Off", 0, 0, 6500, 6500)
                .range("Warm to cold", 8, 0, 2700, 6500)));
        colours(mode, 4);
    }

    /** Without a dimmer of its own: a virtual one scales the colours. */
    private static void six(ModeBuilder mode) {
        mode.description("The colours alone")
            .channel("Dimmer", "Face", at(), c -> c.grandMaster().highlight(255).function("Dimmer", 0, f -> f.physical(0, 3_100)));
        colours(mode, 1);
        for (int i = 0; i < NAMES.length; i++) {
            mode.multiply(NAMES[i] + " follows the dimmer", "Face_Dimmer", "Face_" + ATTRIBUTES[i] + "." + ATTRIBUTES[i] + "." + NAMES[i]);
        }
    }

    private static void colours(ModeBuilder mode, int address) {
        for (int i = 0; i < NAMES.length; i++) {
            var name = NAMES[i];
            mode.channel(ATTRIBUTES[i], "Face", at(address + i),
                    c -> c.highlight(255).function(name, 0, f -> f.physical(0, 1).emitter(name)));
        }
    }
}
