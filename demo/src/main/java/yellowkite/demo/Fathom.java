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

/** Hollin Optical Fathom, a colour scroller: a string of sixteen frames, wound from roll to roll. */
final class Fathom {
    private static final String[] NAMES = {"Straw", "Marigold", "Apricot", "Brick", "Rust", "Foxglove", "Heather", "Dusk",
            "Deep lock", "Canal", "Kingfisher", "Duckweed", "Reed", "Willow", "Mist"};
    /** x, y, and how much passes in percent. */
    private static final double[][] COLOURS = {{0.375, 0.385, 82}, {0.533, 0.435, 48}, {0.470, 0.410, 55}, {0.650, 0.320, 15},
            {0.600, 0.375, 22},
            {0.420, 0.240, 20}, {0.310, 0.230, 24}, {0.240, 0.180, 14}, {0.162, 0.110, 8}, {0.170, 0.170, 12}, {0.180, 0.270, 24},
            {0.310, 0.560, 40},
            {0.370, 0.500, 58}, {0.345, 0.420, 70}, {0.295, 0.315, 78}};
    private static final int PART = 16;

    private Fathom() {}

    static FixtureType profile() {
        return Bodies.lit(Bodies.built(driven(), BodyTemplate.STRIP_LIGHT, 0.3, 0.3, 0.08),
                new Bodies.Lens("PC", 13_500, 3_050, 40, 14, 30));
    }

    private static FixtureType driven() {
        return ProfileBuilder.profile("Hollin Optical", "Fathom")
            .shortName("Fathom")
            .description("Colour scroller in front of the old lanterns.")
            .id("A7D0C1E4-52B8-4F3E-8D16-0B94E2F7D005")
            .attribute("Color1", "Scroll", "Color.Color", "Color1", PhysicalUnit.None)
            .attribute("Fan1", "Fan", "Control.Control", "", PhysicalUnit.Percent)
            .wheel("String", wheel -> {
                wheel.open("Clear");
                for (int i = 0; i < NAMES.length; i++) {
                    wheel.color(NAMES[i], new ColorCie(COLOURS[i][0], COLOURS[i][1], COLOURS[i][2]));
                }
            })
            .body(part(Kind.Geometry, "Frame", part(Kind.Beam, "Gel")))
            .mode("Scroll and fan", "Frame", mode -> {
                scroll(mode);
                mode.channel("Fan1", "Frame", at(2), c -> c.function("Fan", 0, f -> f.physical(20, 100)));
            })
            .mode("Scroll", "Frame", Fathom::scroll)
            .revision("Counted on the string", "2026-05-23T10:00:00", "Ines")
            .build();
    }

    private static void scroll(ModeBuilder mode) {
        mode.channel("Color1", "Gel", at(1), c -> c.function("Frames", 0, f -> {
            f.wheel("String").range("Clear", 0, 1);
            for (int i = 0; i < NAMES.length; i++) {
                f.range(NAMES[i], (long) PART * (i + 1), i + 2);
            }
        }));
    }
}
