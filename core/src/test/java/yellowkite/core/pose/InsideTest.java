package yellowkite.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Rotation;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.Source;

/** What stands in a beam. A channel of one byte: value v is a share of v / 255. */
class InsideTest {
    private static final List<String> PLAIN = List.of("Iris", "Frost1", "Focus1", "Blade1A", "Blade1B", "Blade2A", "Blade2B");

    private static final ColorCie RED = new ColorCie(0.64, 0.33, 20);

    private static Wheel.Facet facet(double x, double y, @Nullable ColorCie color) {
        return new Wheel.Facet(color, new Rotation(List.of(1.0, 0.0, x, 0.0, 1.0, y, 0.0, 0.0, 1.0)), Source.NONE);
    }

    private static FixtureType spot() {
        var profile = ProfileBuilder.profile("Testers", "Cutter")
            .id("00000000-0000-0000-0000-0000000000A3")
            .attribute("Prism1", "Prism", "Gobo.Prism", "", PhysicalUnit.None)
            .attribute("Prism1Pos", "Prism turned", "Gobo.Prism", "", PhysicalUnit.Angle)
            .attribute("Gobo1", "Gobo", "Gobo.Gobo", "", PhysicalUnit.None)
            .attribute("Gobo1Pos", "Gobo turned", "Gobo.Gobo", "", PhysicalUnit.Angle)
            .attribute("Shutter1Strobe", "Strobe", "Beam.Beam", "", PhysicalUnit.Frequency)
            .attribute("ShaperRot", "Shapers turned", "Shapers.Shapers", "", PhysicalUnit.Angle)
            .attribute("Blade2Rot", "Blade 2 turned", "Shapers.Shapers", "", PhysicalUnit.Angle);
        PLAIN.forEach(each -> profile.attribute(each, each, "Beam.Beam", "", PhysicalUnit.None));
        return profile
            .wheel("Gobos", wheel -> wheel.open("Open").gobo("Ring", "ring"))
            .wheel("Prisms", wheel -> wheel.open("Open").prism("Two", facet(0.5, 0, RED), facet(-0.5, 0, null)))
            .body(part(Kind.Geometry, "Base", part(Kind.Beam, "Lens")))
            .mode("Main", "Base", mode -> {
                int address = 1;
                for (var each : PLAIN) {
                    mode.channel(each, "Lens", at(address++),
                            c -> c.function(each, 0,
                                    f -> f.physical(0, 1).start(each.equals("Iris") ? 255 : each.equals("Focus1") ? 128 : 0)));
                }
                mode.channel("Prism1", "Lens", at(20),
                        c -> c.function("Prism1", 0, f -> f.wheel("Prisms").range("Open", 0, 1).range("Two", 128, 2)));
                mode.channel("Prism1Pos", "Lens", at(21), c -> c.function("Prism1Pos", 0, f -> f.physical(0, 255)));
                mode.channel("Gobo1", "Lens", at(22),
                        c -> c.function("Gobo1", 0, f -> f.wheel("Gobos").range("Open", 0, 1).range("Ring", 128, 2)));
                mode.channel("Gobo1Pos", "Lens", at(23), c -> c.function("Gobo1Pos", 0, f -> f.physical(0, 255)));
                mode.channel("Shutter1Strobe", "Lens", at(24), c -> c.function("Shutter1Strobe", 0, f -> f.physical(0, 25.5)));
                mode.channel("ShaperRot", "Lens", at(25), c -> c.function("ShaperRot", 0, f -> f.physical(0, 255)));
                mode.channel("Blade2Rot", "Lens", at(26), c -> c.function("Blade2Rot", 0, f -> f.physical(0, 255)));
            })
            .build();
    }

    private static Inside inside(Object... values) {
        Map<String, Long> all = new HashMap<>();
        for (int i = 0; i < values.length; i += 2) {
            all.put((String) values[i], ((Integer) values[i + 1]).longValue());
        }
        return Heads.pose(spot(), Room.USUAL, all).shines().getFirst().inside();
    }

    @Test
    void atItsStartNothingStandsInTheBeam() {
        var inside = inside();

        assertThat(inside.iris()).isEqualTo(1);
        assertThat(inside.gobos()).isEmpty();
        assertThat(inside.copies()).isEmpty();
        assertThat(inside.blades()).isEmpty();
        assertThat(inside.frost()).isZero();
    }

    @Test
    void aGoboStandsAsItIsTurned() {
        assertThat(inside("Gobo1", 200, "Gobo1Pos", 90).gobos()).singleElement().satisfies(each -> {
            assertThat(each.slot().name()).isEqualTo("Ring");
            assertThat(each.degrees()).isCloseTo(90, within(1e-9));
            assertThat(each.speed()).isZero();
            assertThat(each.size()).isEqualTo(1);
        });
    }

    @Test
    void aStrobeIsAFrequencyAndFrostIsAShare() {
        assertThat(inside("Shutter1Strobe", 100).strobeHz()).isCloseTo(10, within(1e-9));
        assertThat(inside("Frost1", 51).frost()).isCloseTo(0.2, within(1e-9));
    }

    /** Sharpest in the middle of its travel, 127.5: at the ends all is blurred. */
    @Test
    void focusBlursTowardsItsEnds() {
        assertThat(inside("Focus1", 0).blur()).isCloseTo(1, within(1e-9));
        assertThat(inside("Focus1", 255).blur()).isCloseTo(1, within(1e-9));
        assertThat(inside("Focus1", 191).blur()).isCloseTo(2 * 191.0 / 255 - 1, within(1e-9));
    }

    /** A quarter of a turn, counter-clockwise, takes what lay to the right up. */
    @Test
    void aPrismThrowsItsFacetsTurned() {
        assertThat(inside("Prism1", 200).copies()).containsExactly(new Inside.Copy(0.5, 0, RED), new Inside.Copy(-0.5, 0, null));
        assertThat(inside("Prism1", 200, "Prism1Pos", 90).copies()).first().satisfies(each -> {
            assertThat(each.x()).isCloseTo(0, within(1e-9));
            assertThat(each.y()).isCloseTo(0.5, within(1e-9));
        });
    }

    @Test
    void bladesComeFromTheirSides() {
        assertThat(inside("Blade1A", 51, "Blade2B", 102, "Blade2Rot", 10, "ShaperRot", 20).blades())
            .containsExactly(new Inside.Blade(20, 0.2, 0), new Inside.Blade(20 + 10 + 90, 0, 0.4));
    }

    /**
     * The iris takes from the width of the beam, not from that of what stands in it: at 0.4 of the width a gobo is 2.5 times as wide as the
     * beam, and a facet that lay at half of the radius lies at 1.25 radii.
     */
    @Test
    void anIrisShowsTheMiddleOfWhatStandsInTheBeam() {
        var inside = inside("Iris", 102, "Gobo1", 200, "Prism1", 200);

        assertThat(inside.iris()).isCloseTo(0.4, within(1e-9));
        assertThat(inside.gobos().getFirst().size()).isCloseTo(2.5, within(1e-9));
        assertThat(inside.copies().getFirst().x()).isCloseTo(1.25, within(1e-9));
    }

    /**
     * The edge of a blade that covers 0.4 lies 0.2 radii below the middle: in a beam of 0.4 of the width that is half a radius, so it
     * covers a quarter. One that covers 0.2 lies 0.6 below and does not reach in. A slanted one, 0.2 to 0.6, is at 0.32 and 0.48 where the
     * narrow beam begins and ends: 0.36 below the middle and 0.04, so -0.9 and -0.1 radii, of which 0.05 and 0.45 are covered.
     */
    @Test
    void anIrisLeavesBladesWhereTheyAre() {
        assertThat(inside("Iris", 102, "Blade1A", 102, "Blade1B", 102).blades()).singleElement().satisfies(each -> {
            assertThat(each.a()).isCloseTo(0.25, within(1e-9));
            assertThat(each.b()).isCloseTo(0.25, within(1e-9));
        });
        assertThat(inside("Iris", 102, "Blade1A", 51, "Blade1B", 51).blades()).isEmpty();
        assertThat(inside("Iris", 102, "Blade1A", 51, "Blade1B", 153).blades()).singleElement().satisfies(each -> {
            assertThat(each.a()).isCloseTo(0.05, within(1e-9));
            assertThat(each.b()).isCloseTo(0.45, within(1e-9));
        });
    }
}
