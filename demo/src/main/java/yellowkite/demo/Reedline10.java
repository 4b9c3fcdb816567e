package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.stream.IntStream;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;

/** Osier &amp; Vane Reedline 10: a batten of ten cells behind a shared dimmer and shutter. */
final class Reedline10 {
    private static final int CELLS = 10;
    private static final int SHARED = 3;

    private Reedline10() {}

    static FixtureType profile() {
        return Bodies.lit(
                Bodies.builtAt(Bodies.builtAt(driven(), "Cell lit rail", BodyTemplate.BATTEN, 1, 0.11, 0.14, CELLS), "Plain rail",
                        BodyTemplate.STRIP_LIGHT, 1, 0.11, 0.14, 1),
                new Bodies.Lens("Wash", 700, 5_600, 22, 18, 30));
    }

    private static FixtureType driven() {
        var cells = IntStream.rangeClosed(1, CELLS)
            .mapToObj(i -> reference("Cell " + i, "Cell", SHARED + 1 + 4 * (i - 1)))
            .toArray(Geometry[]::new);
        return Attributes.additive(Attributes.dimmerAndShutter(ProfileBuilder.profile("Osier & Vane", "Reedline 10")))
            .shortName("Reed10")
            .description("Ten-cell batten for the gunwales.")
            .id("C0A4E3D1-90B7-4C58-8E2F-1D7B6A33B002")
            .body(part(Kind.Geometry, "Cell lit rail", cells))
            .body(part(Kind.Beam, "Cell"))
            .body(part(Kind.Geometry, "Plain rail", part(Kind.Beam, "Whole")))
            .mode("Cells", "Cell lit rail", mode -> {
                shared(mode.description("Each cell by itself"), "Cell lit rail");
                mix(mode, "Cell", 1);
            })
            .mode("One colour", "Plain rail", mode -> {
                shared(mode.description("The rail as one fixture"), "Plain rail");
                mix(mode, "Whole", SHARED + 1);
            })
            .revision("Measured on the bench", "2026-05-02T16:05:00", "Teun")
            .build();
    }

    private static void shared(ModeBuilder mode, String geometry) {
        mode.channel("Dimmer", geometry, at(1, 2), c -> c.grandMaster()
            .highlight(65535)
            .function("Dimmer", 0, f -> f.physical(0, 5_200)))
            .channel("Shutter1", geometry, at(3), c -> c.snap()
                .highlight(0)
                .function("Open", 0, f -> f.physical(1, 1).range("Open", 0))
                .function("Strobe", "Shutter1Strobe", 16, f -> f.physical(1, 25)));
    }

    private static void mix(ModeBuilder mode, String geometry, int address) {
        var names = new String[]{"Red", "Green", "Blue", "White"};
        var attributes = new String[]{"ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_W"};
        for (int i = 0; i < names.length; i++) {
            var name = names[i];
            mode.channel(attributes[i], geometry, at(address + i), c -> c.highlight(255)
                .function(name, 0, f -> f.physical(0, 1).start(255)));
        }
    }
}
