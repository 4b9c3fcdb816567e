package yellowkite.demo;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Hollin Optical Sluice, a gobo rotator: one or two gobos that turn against each other in the gate of a lantern. */
final class Sluice {
    private Sluice() {}

    static FixtureType profile() {
        return Bodies.built(driven(), BodyTemplate.MACHINE, 0.16, 0.1, 0.12);
    }

    private static FixtureType driven() {
        return ProfileBuilder.profile("Hollin Optical", "Sluice")
            .shortName("Sluice")
            .description("Gobo rotator, runs both ways; the gobos are put in by hand.")
            .id("A7D0C1E4-52B8-4F3E-8D16-0B94E2F7D006")
            .attribute("Gobo1Pos", "Gobo 1 position", "Gobo.Gobo", "Gobo1Pos", PhysicalUnit.Angle)
            .attribute("Gobo1PosRotate", "Gobo 1 turn", "Gobo.Gobo", "Gobo1Pos", PhysicalUnit.AngularSpeed)
            .attribute("Gobo2Pos", "Gobo 2 position", "Gobo.Gobo", "Gobo2Pos", PhysicalUnit.Angle)
            .attribute("Gobo2PosRotate", "Gobo 2 turn", "Gobo.Gobo", "Gobo2Pos", PhysicalUnit.AngularSpeed)
            .body(part(Kind.Geometry, "Slide", part(Kind.FilterGobo, "Front disc"), part(Kind.FilterGobo, "Back disc")))
            .mode("Two discs", "Slide", mode -> {
                disc(mode, 1, "Front disc", 1);
                disc(mode, 2, "Back disc", 3);
            })
            .mode("One disc", "Slide", mode -> disc(mode, 1, "Front disc", 1))
            .revision("From the leaflet in the box", "2026-05-24T15:30:00", "Teun")
            .build();
    }

    private static void disc(ModeBuilder mode, int number, String part, int address) {
        mode.channel("Gobo" + number + "Pos", part, at(address, address + 1), c -> c
            .function("Index", 0, f -> f.physical(0, 360))
            .function("Turn", "Gobo" + number + "PosRotate", 32768, f -> f.physical(-90, 90)
                .range("Fast to slow, left", 32768)
                .range("Stands still", 48896)
                .range("Slow to fast, right", 49408)));
    }
}
