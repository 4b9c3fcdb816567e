package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;

class ResolverTest {
    private final FixtureType spot = Fixtures.spot();
    private final Resolver resolver = Resolver.of(spot, Fixtures.mode(spot));

    /** The channels of the spot in order: pan, gobo, shutter, strobe mode. */
    private Meaning resolved(int channel, long... raws) {
        return resolver.resolve(raws).get(channel);
    }

    @Test
    void startsWhereTheInitialFunctionsSay() {
        assertThat(resolver.startValues()).containsExactly(32768, 0, 0, 0);
    }

    @ParameterizedTest
    @CsvSource({"0, -270", "65535, 270", "32768, 0.00411993591211", "32767, -0.00411993591211"})
    void panRunsAlongALineOverAllSixteenBits(long raw, double degrees) {
        var meaning = resolved(0, raw, 0, 0, 0);

        assertThat(meaning.physical()).isCloseTo(degrees, within(1e-9));
        assertThat(meaning.unit().symbol()).isEqualTo("°");
    }

    @ParameterizedTest
    @CsvSource({
            "0, Still, Open, Open, 0", "19, Still, Open, Open, 0.19191919191919", "20, Still, Dots, Dots, 0.2020202020202",
            "99, Still, Bars, Bars, 1",
            // a range with physical ends of its own: 0.5 to 6 over 100..179
            "100, Shake, Dots shaking, Dots, 0.5", "179, Shake, Dots shaking, Dots, 6", "139, Shake, Dots shaking, Dots, 3.21518987341772",
            // a range without follows the function's line: 1 to 5 over 100..255
            "180, Shake, Bars shaking, Bars, 3.06451612903226", "255, Shake, Bars shaking, Bars, 5"
    })
    void goboRangesBringInSlotsAndShake(long raw, String function, String range, String slot, double physical) {
        var meaning = resolved(1, 0, raw, 0, 0);

        assertThat(meaning.function().name()).isEqualTo(function);
        assertThat(meaning.range().range().name()).isEqualTo(range);
        assertThat(meaning.slot().name()).isEqualTo(slot);
        assertThat(meaning.physical()).isCloseTo(physical, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"63, 255, Closed", "64, 0, Open", "64, 127, Open", "64, 128, Strobe", "255, 255, Strobe"})
    void aFunctionWithAMasterWinsWhileTheMasterIsInItsRange(long raw, long master, String function) {
        assertThat(resolved(2, 0, 0, raw, master).function().name()).isEqualTo(function);
    }

    @Test
    void functionsOfDifferentSituationsDoNotEndEachOther() {
        var spans = Spans.of(Fixtures.channel(spot, "Shutter1"));

        assertThat(spans).extracting(span -> span.name() + " " + span.from() + ".." + span.to())
            .containsExactly("Closed 0..63", "Open 64..255", "Strobe 64..255");
    }

    @Test
    void aCircleOfMastersHoldsForNone() {
        var all = new DmxValue(255, 1);
        var type = ProfileBuilder.profile("Testers", "Circle")
            .body(part(Kind.Geometry, "B"))
            .mode("M", "B", m -> m
                .channel("Control1", "B", at(1), c -> c.function("A", 0, f -> f.when("B_Control2.Control2.B", DmxValue.ZERO, all)))
                .channel("Control2", "B", at(2), c -> c.function("B", 0, f -> f.when("B_Control1.Control1.A", DmxValue.ZERO, all))))
            .build();

        assertThat(Resolver.of(type, type.modes().getFirst()).resolve(new long[]{0, 0})).extracting(Meaning::function).containsOnlyNulls();
    }

    @Test
    void aMasterThatIsAFunctionMustItselfBeActive() {
        var type = ProfileBuilder.profile("Testers", "Chain")
            .body(part(Kind.Geometry, "B"))
            .mode("M", "B", m -> m
                .channel("Control1", "B", at(1), c -> c.function("Off", 0, f -> {}).function("On", 128, f -> {}))
                .channel("Control2", "B", at(2), c -> c.function("Plain", 0, f -> {})
                    .function("Special", 0, f -> f.when("B_Control1.Control1.On", DmxValue.ZERO, new DmxValue(255, 1)))))
            .build();
        var chain = Resolver.of(type, type.modes().getFirst());

        assertThat(chain.resolve(new long[]{127, 5}).get(1).function().name()).isEqualTo("Plain");
        assertThat(chain.resolve(new long[]{128, 5}).get(1).function().name()).isEqualTo("Special");
    }

    @Test
    void physicalStaysWithinMinAndMax() {
        var clamped = spot.mapChannel(Fixtures.channel(spot, "Pan").id(), c -> c.mapFunctions(each -> each.with(f -> {
            f.min = -90.0;
            f.max = 180.0;
        })));
        var limited = Resolver.of(clamped, Fixtures.mode(clamped));

        assertThat(limited.resolve(new long[]{0, 0, 0, 0}).getFirst().physical()).isEqualTo(-90);
        assertThat(limited.resolve(new long[]{65535, 0, 0, 0}).getFirst().physical()).isEqualTo(180);
    }

    @Test
    void reversedEndsMeanInverted() {
        var inverted = spot.mapChannel(Fixtures.channel(spot, "Pan").id(), c -> c.mapFunctions(each -> each.with(f -> {
            f.physicalFrom = 270;
            f.physicalTo = -270;
        })));

        assertThat(Resolver.of(inverted, Fixtures.mode(inverted)).resolve(new long[]{0, 0, 0, 0}).getFirst().physical()).isEqualTo(270);
    }

    @Test
    void bundlesCellsOnceWithTheirCount() {
        var cells = Fixtures.nestedCells();

        assertThat(Tail.of(cells, Fixtures.mode(cells)))
            .extracting(bundle -> bundle.times() + "x" + bundle.pennants().size() + " " + bundle.pennants().getFirst().featureGroup())
            .containsExactly("1x1 Dimmer", "4x1 Color");
    }
}
