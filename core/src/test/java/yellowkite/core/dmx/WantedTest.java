package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.xml.Source;

class WantedTest {
    private final FixtureType spot = Fixtures.spot();

    private static Wanted.Result.Found found(FixtureType type, Map<String, Double> wanted) {
        return switch (Wanted.find(Probe.atStart(CompiledMode.of(type, Fixtures.mode(type))), wanted)) {
            case Wanted.Result.Found found -> found;
            case Wanted.Result.OutOfReach out -> throw new AssertionError(out.reason());
        };
    }

    @ParameterizedTest
    @CsvSource({
            // (90 + 270) / 540 of 65535 = 43690 = 0xAAAA
            "90, 170, 170", "-270, 0, 0", "270, 255, 255",
            // 0 lies between 32767 and 32768, equally near: half up
            "0, 128, 0"
    })
    void panIsRoundedHalfUpToItsSixteenBits(double degrees, int coarse, int fine) {
        assertThat(found(spot, Map.of("Pan", degrees)).dmx()).isEqualTo(Map.of(1, Map.of(1, coarse, 2, fine)));
    }

    @Test
    void setsTheModeMasterFirst() {
        // strobe 1..11 Hz over 64..255: (6 - 1) / 10 of 191 = 95.5, so 159 or 160 in equal distance
        var answer = found(spot, Map.of("Shutter1Strobe", 6.0));

        assertThat(answer.dmx()).isEqualTo(Map.of(1, Map.of(4, 160, 5, 128)));
        assertThat(answer.reached().getFirst().got()).isCloseTo(1 + 96.0 / 191 * 10, within(1e-12));
    }

    @Test
    void leadsAMasterAwayFromARivalThatWouldWin() {
        var always = spot.mapChannel(Fixtures.channel(spot, "StrobeMode").id(),
                c -> c.mapFunctions(f -> f.with(x -> x.defaultValue = new yellowkite.core.profile.DmxValue(200, 1))));

        // 1 is reached by Open (64..255), where the strobe counts while its master is at 128..255
        assertThat(found(always, Map.of("Shutter1", 1.0)).dmx()).isEqualTo(Map.of(1, Map.of(4, 64, 5, 127)));
    }

    @Test
    void prefersANamedRangeOfItsOwnWhereItIsNearer() {
        // 'Dots shaking' runs 0.5 to 6 over 100..179 by itself; 6 is beyond the function's own 5
        assertThat(found(spot, Map.of("Gobo1SelectShake", 6.0)).dmx()).isEqualTo(Map.of(1, Map.of(3, 179)));
    }

    @Test
    void saysWhatCanBeReached() {
        assertThat(Wanted.find(Probe.atStart(CompiledMode.of(spot, Fixtures.mode(spot))), Map.of("Pan", 271.0)))
            .isEqualTo(new Wanted.Result.OutOfReach(
                    "'Yoke_Pan' reaches Pan from -270.0 to 270.0; 271.0 is out of reach."));
        assertThat(Wanted.find(Probe.atStart(CompiledMode.of(spot, Fixtures.mode(spot))), Map.of("Zoom", 1.0)))
            .isEqualTo(new Wanted.Result.OutOfReach(
                    "No channel of mode 'Main' carries the attribute 'Zoom'."));
    }

    @Test
    void goesBackThroughACurve() {
        var squared = spot
            .with(f -> f.physicalDescriptions = PhysicalDescriptions.EMPTY
                .withDmxProfiles(List.of(new DmxProfile("Square", List.of(new DmxProfile.Point(0, 0, 0, 1, 0, Source.NONE)), Source.NONE))))
            .mapChannel(Fixtures.channel(spot, "Pan").id(), c -> c.mapFunctions(f -> f.with(x -> {
                x.dmxProfile = "Square";
                x.physicalFrom = 0;
                x.physicalTo = 100;
            })));

        // 25 % comes at half the input, 32767.5; squared, the step below is nearer (d - d2 against d + d2)
        assertThat(found(squared, Map.of("Pan", 25.0)).dmx()).isEqualTo(Map.of(1, Map.of(1, 127, 2, 255)));
    }

    @Test
    void resolvingWhatWasFoundIsWithinOneStep() {
        long seed = 4_711;
        var random = new Random(seed);
        for (int i = 0; i < 300; i++) {
            double asked = -270 + 540 * random.nextDouble();
            var bytes = found(spot, Map.of("Pan", asked)).dmx().get(1);
            long raw = bytes.get(1) << 8 | bytes.get(2);
            var got = Resolver.of(spot, Fixtures.mode(spot)).resolve(new long[]{raw, 0, 0, 0}).getFirst().physical();

            assertThat(got).as("seed %d, asked %s", seed, asked).isCloseTo(asked, within(540.0 / 65535));
        }
    }

    @Test
    void relationsScaleAndOverride() {
        var type = ProfileBuilder.profile("Testers", "No dimmer")
            .body(part(Kind.Geometry, "B"))
            .mode("M", "B", m -> m
                .channel("Dimmer", "B", at(), c -> c.function("Dimmer", 0, f -> {}))
                .channel("ColorAdd_R", "B", at(1, 2), c -> c.function("Red", 0, f -> {}))
                .channel("ColorAdd_G", "B", at(3, 4), c -> c.function("Green", 0, f -> {}))
                .multiply("Red follows", "B_Dimmer", "B_ColorAdd_R.ColorAdd_R.Red"))
            .build();
        var overriding = type.mapModes(mode -> mode.withRelations(List.of(mode.relations().getFirst(), new yellowkite.core.profile.Relation(
                "Green is the dimmer", "B_Dimmer", "B_ColorAdd_G.ColorAdd_G.Green", yellowkite.core.profile.Relation.Type.OVERRIDE,
                Source.NONE))));

        var meanings = Resolver.of(overriding, overriding.modes().getFirst()).resolve(new long[]{51, 65535, 7});

        assertThat(meanings.get(1).scale()).isEqualTo(0.2);
        assertThat(meanings.get(1).physical()).isEqualTo(1.0);
        assertThat(meanings.get(2).scale()).isEqualTo(1.0);
        assertThat(meanings.get(2).raw()).isEqualTo(0x3333); // 51 = 0x33, mirrored
    }
}
