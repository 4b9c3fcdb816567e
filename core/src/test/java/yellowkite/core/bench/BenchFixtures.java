package yellowkite.core.bench;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Fixtures that a walk has something to try on. */
final class BenchFixtures {
    private BenchFixtures() {}

    /** 16-bit pan and tilt, a dimmer, a wheel of four slots, a zoom, and a fan that no instrument sees; a smaller mode beside. */
    static FixtureType head() {
        return head(44);
    }

    /** @param widest of its zoom, degrees */
    static FixtureType head(double widest) {
        return ProfileBuilder.profile("Testers", "Head")
            .id("00000000-0000-0000-0000-0000000000b1")
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Tilt", "Tilt", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("Gobo1", "G1", "Gobo.Gobo", "Gobo1", PhysicalUnit.None)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .attribute("Fan1", "Fan", "Control.Control", "", PhysicalUnit.None)
            .wheel("Reeds", wheel -> wheel.open("Open").gobo("Reeds", "reeds").gobo("Ripples", "ripples").gobo("Gate", "gate"))
            .body(part(Kind.Geometry, "Base", part(Kind.Axis, "Yoke", part(Kind.Axis, "Head", part(Kind.Beam, "Lens")))))
            .mode("Wide", "Base", mode -> mode
                .channel("Pan", "Yoke", at(1, 2), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(32768)))
                .channel("Tilt", "Head", at(3, 4), c -> c.function("Tilt", 0, f -> f.physical(-130, 130).start(32768)))
                .channel("Dimmer", "Lens", at(5), c -> c.highlight(255).function("Dimmer", 0, f -> f.physical(0, 1)))
                .channel("Gobo1", "Lens", at(6), c -> c.function("Gobo", 0,
                        f -> f.wheel("Reeds").range("Open", 0, 1).range("Reeds", 20, 2).range("Ripples", 40, 3).range("Gate", 60, 4)))
                .channel("Zoom", "Lens", at(7), c -> c.function("Zoom", 0, f -> f.physical(8, widest)))
                .channel("Fan1", "Base", at(8), c -> c.function("Fan", 0, f -> f.physical(0, 1))))
            .mode("Narrow", "Base", mode -> mode
                .channel("Dimmer", "Lens", at(1), c -> c.highlight(255).function("Dimmer", 0, f -> f.physical(0, 1)))
                .channel("Pan", "Yoke", at(2), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(128)))
                .channel("Tilt", "Head", at(3), c -> c.function("Tilt", 0, f -> f.physical(-130, 130).start(128))))
            .build();
    }

    /** Four cells, each with red and white of its own, behind one dimmer. */
    static FixtureType batten() {
        return ProfileBuilder.profile("Testers", "Batten")
            .id("00000000-0000-0000-0000-0000000000b2")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("ColorAdd_R", "R", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_W", "W", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .body(part(Kind.Geometry, "Base", reference("Cell 1", "Cell", 2), reference("Cell 2", "Cell", 4),
                    reference("Cell 3", "Cell", 6),
                    reference("Cell 4", "Cell", 8)))
            .body(part(Kind.Beam, "Cell"))
            .mode("Cells", "Base", mode -> mode
                .channel("Dimmer", "Base", at(1), c -> c.highlight(255).function("Dimmer", 0, f -> f.physical(0, 1)))
                .channel("ColorAdd_R", "Cell", at(1), c -> c.highlight(255).function("Red", 0, f -> f.physical(0, 1)))
                .channel("ColorAdd_W", "Cell", at(2), c -> c.highlight(255).function("White", 0, f -> f.physical(0, 1))))
            .build();
    }

    static CompiledMode first(FixtureType type) {
        return CompiledMode.of(type, type.modes().getFirst());
    }

    /** A fixture that differs so, on the table: what is sent to it is seen at once. */
    static Proof.AtHand differing(CompiledMode mode, String... flaws) {
        var fixture = Obeying.of(mode, Arrays.stream(flaws).map(each -> Flaw.parse(each).orElseThrow()).toList());
        return new Proof.AtHand() {
            @Override
            public Optional<Seen> look() {
                return Optional.of(fixture.atFirst());
            }

            @Override
            public Optional<Seen> send(byte[] slots, Proof.Hoped hoped, double patience) {
                return Optional.of(fixture.at(slots));
            }

            @Override
            public Optional<Integer> footprint() {
                return Optional.of(fixture.footprint());
            }
        };
    }

    static List<String> causes(CompiledMode mode, String... flaws) throws Proof.Gone {
        return Proof.of(Walk.of(mode, false), differing(mode, flaws), done -> {})
            .causes()
            .stream()
            .map(each -> each.flaw().toString())
            .sorted()
            .toList();
    }
}
