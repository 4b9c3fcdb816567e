package yellowkite.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.colour.Xyz;
import yellowkite.core.colour.Additive.Choice;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.RgbSpace;
import yellowkite.core.colour.Temperature;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Probe;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Measurement;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.xml.Source;

/** What fixtures look like at given values, and which values make a wanted colour. */
class LightTest {
    private static final Chromaticity SIX_THOUSAND = new Temperature(6_000, 0).chromaticity();

    private static ProfileBuilder fixture() {
        return ProfileBuilder.profile("Testers", "Colours")
            .id("00000000-0000-0000-0000-00000000000C")
            .attribute("CTC", "CTC", "Color.Color", "", PhysicalUnit.Temperature)
            .attribute("HSB_Hue", "Hue", "Color.Color", "", PhysicalUnit.Angle)
            .body(part(Kind.Beam, "Lens"));
    }

    private static FixtureType fixture(ProfileBuilder profile, Consumer<ModeBuilder> channels) {
        return profile.mode("Main", "Lens", channels).build();
    }

    private static Light light(FixtureType type, long... raws) {
        var mode = CompiledMode.of(type, type.modes().getFirst());
        return Light.of(mode, mode.resolve(raws));
    }

    private static WantedColour.Result.Found find(FixtureType type, Chromaticity wanted, Choice choice) {
        return switch (WantedColour.of(start(type)).find(wanted, choice, 1)) {
            case WantedColour.Result.Found found -> found;
            case WantedColour.Result.Impossible why -> throw new AssertionError(why.reason());
        };
    }

    private static Probe start(FixtureType type) {
        return Probe.atStart(CompiledMode.of(type, type.modes().getFirst()));
    }

    private static void isAt(Chromaticity actual, Chromaticity expected) {
        assertThat(actual.distanceTo(expected)).as("%s beside %s", actual, expected).isLessThan(1e-4);
    }

    private static Consumer<ModeBuilder> of(String... attributes) {
        return mode -> {
            for (int i = 0; i < attributes.length; i++) {
                mode.channel(attributes[i], "Lens", at(i + 1), c -> c.function("", 0, f -> f.physical(0, 1)));
            }
        };
    }

    @Nested
    class Lights {
        @Test
        void withoutEmittersAreThoseOfTheScreen() {
            var type = fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B"));

            isAt(light(type, 255, 255, 255).color().chromaticity(), Chromaticity.WHITE);
            isAt(light(type, 255, 0, 0).color().chromaticity(), new Chromaticity(0.64, 0.33));
            assertThat(light(type, 0, 0, 0).level()).isZero();
        }

        /**
         * By hand: red of Y 20 at (0.70, 0.30) and green of Y 60 at (0.20, 0.70): X = 46.6667 + 17.1429, Y = 80, Z = 0 + 8.5714; x =
         * 63.8095 / 152.381, y = 80 / 152.381.
         */
        @Test
        void addUpByTheLuminanceOfTheirEmitters() {
            var type = fixture(
                    fixture().emitter("Ruby", new ColorCie(0.70, 0.30, 20), 630.0).emitter("Moss", new ColorCie(0.20, 0.70, 60), 525.0),
                    mode -> mode
                        .channel("ColorAdd_R", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Ruby")))
                        .channel("ColorAdd_G", "Lens", at(2), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Moss"))));

            var seen = light(type, 255, 255).color().chromaticity();

            assertThat(seen.x()).isCloseTo(0.41875, within(0.0001));
            assertThat(seen.y()).isCloseTo(0.52500, within(0.0001));
        }

        /** A single wavelength lies on the edge of the diagram: 520 nm at (0.0743, 0.8338) in the table of CIE 15. */
        @Test
        void areSeenByTheirMeasuredSpectrum() {
            var line = new Measurement(100, null, null, Measurement.Interpolation.Linear,
                    List.of(new Measurement.Point(519, 0, Source.NONE), new Measurement.Point(520, 1, Source.NONE),
                            new Measurement.Point(521, 0, Source.NONE)),
                    Source.NONE);
            var type = fixture(fixture().emitter("Line", new ColorCie(0.3, 0.6, 50), null, line), mode -> mode
                .channel("ColorAdd_G", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Line"))));

            isAt(light(type, 128).color().chromaticity(), new Chromaticity(0.0743, 0.8338));
        }

        /** 100 cd and 300 cd of the same two colours weigh 1 to 3, whatever luminance their colours name. */
        @Test
        void weighByCandelaWhereAllWereMeasured() {
            var type = fixture(
                    fixture().emitter("A", new ColorCie(0.70, 0.30, 100), null, candela(100))
                        .emitter("B", new ColorCie(0.20, 0.70, 100), null, candela(300)),
                    mode -> mode
                        .channel("ColorAdd_R", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).emitter("A")))
                        .channel("ColorAdd_G", "Lens", at(2), c -> c.function("", 0, f -> f.physical(0, 1).emitter("B"))));

            assertThat(light(type, 255, 255).color().chromaticity().x()).isCloseTo(0.41875, within(0.0001));
        }

        private static Measurement candela(double most) {
            return new Measurement(100, most, null, Measurement.Interpolation.Linear, List.of(), Source.NONE);
        }

        @Test
        void levelsFollowTheMeasurementsBetween() {
            var dim = new Measurement(50, 10.0, null, Measurement.Interpolation.Step, List.of(), Source.NONE);
            var type = fixture(fixture().emitter("Stepped", new ColorCie(0.70, 0.30, 100), null, dim, candela(100)), mode -> mode
                .channel("ColorAdd_R", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Stepped"))));

            assertThat(light(type, 200).color().y()).isCloseTo(0.1, within(1e-7));
            assertThat(light(type, 255).color().y()).isCloseTo(1, within(1e-7));
            assertThat(light(type, 51).color().y()).isCloseTo(0.04, within(1e-7)); // 20 of 50 %, straight from nothing
        }
    }

    @Nested
    class WhiteFixtures {
        @Test
        void haveTheTemperatureOfTheirBeam() {
            isAt(light(fixture(fixture(), of("Dimmer")), 255).color().chromaticity(), SIX_THOUSAND);
        }

        @Test
        void runThroughTheirFlags() {
            var type = fixture(fixture().filter("Rust", new ColorCie(0.6, 0.38, 20)), mode -> mode
                .channel("ColorSub_Y", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).filter("Rust"))));

            isAt(light(type, 0).color().chromaticity(), SIX_THOUSAND);
            assertThat(light(type, 255).color().chromaticity().distanceTo(new Chromaticity(0.6, 0.38))).isLessThan(0.02); // 6000 K is not D65
        }

        /** A glass that passes only 600 nm and more turns whatever fixture into its red end. */
        @Test
        void runThroughAMeasuredGlass() {
            var edge = new Measurement(100, null, null, Measurement.Interpolation.Linear,
                    List.of(new Measurement.Point(599.9, 0, Source.NONE), new Measurement.Point(600, 1, Source.NONE),
                            new Measurement.Point(780, 1, Source.NONE)),
                    Source.NONE);
            var type = fixture(fixture().filter("Edge", null, edge), mode -> mode
                .channel("ColorSub_R", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).filter("Edge"))));

            var seen = light(type, 255).color().chromaticity();

            assertThat(seen.x() + seen.y()).isGreaterThan(0.998); // on the red edge nothing is left of z
        }

        @Test
        void takeTheColourOfTheirSlot() {
            var type = fixture(fixture().wheel("Glass", wheel -> wheel.open("Open").color("Leaf", new ColorCie(0.31, 0.56, 40))),
                    mode -> mode
                        .channel("Color1", "Lens", at(1),
                                c -> c.function("", 0, f -> f.wheel("Glass").range("Open", 0, 1).range("Leaf", 128, 2))));

            isAt(light(type, 0).color().chromaticity(), SIX_THOUSAND);
            assertThat(light(type, 200).color().chromaticity().distanceTo(new Chromaticity(0.31, 0.56))).isLessThan(0.01);
        }

        @Test
        void areCorrectedToTheKelvinThatAChannelNames() {
            var type = fixture(fixture(),
                    mode -> mode.channel("CTC", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(2_700, 6_500))));

            var seen = Temperature.of(light(type, 65535).color().chromaticity()).orElseThrow();

            assertThat(seen.kelvin()).isCloseTo(6_500, within(10.0));
            assertThat(Temperature.of(light(type, 0).color().chromaticity()).orElseThrow().kelvin()).isCloseTo(2_700, within(10.0));
        }
    }

    @Nested
    class Coordinates {
        @Test
        void areTakenAsTheyStand() {
            var type = fixture(fixture(), of("CIE_X", "CIE_Y"));

            isAt(light(type, 51, 102).color().chromaticity(), new Chromaticity(0.2, 0.4));
        }

        /** By hand: X 0.2, Y 0.4, Z 0.6 lie at x = 0.2 / 1.2, y = 0.4 / 1.2, and Y is the light. */
        @Test
        void ofThreeTristimulusValuesAreTheirShares() {
            var seen = light(fixture(fixture(), of("CIE_X", "CIE_Y", "CIE_Z")), 51, 102, 153);

            isAt(seen.color().chromaticity(), new Chromaticity(1.0 / 6, 1.0 / 3));
            assertThat(seen.level()).isCloseTo(0.4, within(1e-12));
            assertThat(light(fixture(fixture(), of("CIE_X", "CIE_Y", "CIE_Z")), 51, 0, 153).level()).isZero();
        }

        @Test
        void ofHueAndSaturationTurnTheScreensPrimaries() {
            var type = fixture(fixture(), mode -> mode
                .channel("HSB_Hue", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(0, 360)))
                .channel("HSB_Saturation", "Lens", at(3), c -> c.function("", 0, f -> f.physical(0, 1))));

            isAt(light(type, 21_845, 255).color().chromaticity(), new Chromaticity(0.30, 0.60));
            isAt(light(type, 21_845, 0).color().chromaticity(), Chromaticity.WHITE);
        }

        @Test
        void ofRedGreenAndBlueOrTheirOpposites() {
            assertThat(light(fixture(fixture(), of("ColorRGB_Red", "ColorRGB_Green", "ColorRGB_Blue")), 0, 0, 255).color()
                .chromaticity()
                .distanceTo(RgbSpace.SRGB.blue().chromaticity())).isLessThan(1e-6);
            assertThat(light(fixture(fixture(), of("ColorRGB_Cyan", "ColorRGB_Magenta", "ColorRGB_Yellow")), 255, 255, 0).color()
                .chromaticity()
                .distanceTo(RgbSpace.SRGB.blue().chromaticity())).isLessThan(1e-6);
        }
    }

    @Nested
    class TheWayBack {
        private final Chromaticity warm = new Temperature(3_000, 0).chromaticity();

        private void reaches(FixtureType type, Chromaticity wanted, double within) {
            var found = find(type, wanted, Choice.BRIGHTEST);
            var mode = type.modes().getFirst();
            var raws = mode.channels().stream().mapToLong(channel -> found.values().getOrDefault(channel.id(), 0L)).toArray();

            assertThat(found.inGamut()).isTrue();
            assertThat(found.distance()).as("%s", Arrays.toString(raws)).isLessThan(within);
            assertThat(light(type, raws).color().chromaticity().distanceTo(wanted)).isLessThan(within);
        }

        @Test
        void findsLevelsOfLightsWithinAStep() {
            reaches(fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B")), warm, 0.002);
            reaches(fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_W")), warm, 0.002);
            reaches(fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_RY", "ColorAdd_GY", "ColorAdd_UV")), warm,
                    0.002);
            reaches(fixture(fixture(), of("ColorAdd_WW", "ColorAdd_CW")),
                    new Temperature(2_800, 0).chromaticity().at(1).plus(new Temperature(6_500, 0).chromaticity().at(1)).chromaticity(),
                    0.001);
        }

        @Test
        void findsHowFarFlagsGoIn() {
            reaches(fixture(fixture(), of("ColorSub_C", "ColorSub_M", "ColorSub_Y")), new Chromaticity(0.40, 0.40), 0.003);
        }

        @Test
        void findsCoordinatesHueAndKelvin() {
            reaches(fixture(fixture(), mode -> mode.channel("CIE_X", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(0, 1)))
                .channel("CIE_Y", "Lens", at(3, 4), c -> c.function("", 0, f -> f.physical(0, 1)))), warm, 0.0001);
            reaches(fixture(fixture(), mode -> mode.channel("HSB_Hue", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(0, 360)))
                .channel("HSB_Saturation", "Lens", at(3, 4), c -> c.function("", 0, f -> f.physical(0, 1)))), warm, 0.001);
            reaches(fixture(fixture(), of("ColorRGB_Red", "ColorRGB_Green", "ColorRGB_Blue")), warm, 0.003);
            reaches(fixture(fixture(),
                    mode -> mode.channel("CTC", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(2_700, 6_500)))), warm, 0.001);
        }

        /**
         * By hand: white at 0.3127, 0.3290 has X : Y : Z = 0.9505 : 1 : 1.0891, so Z is full at 65535, and Y stands at 65535 / 1.0891 =
         * 60175.
         */
        @Test
        void findsTristimulusValuesAsLargeAsTheChannelsAllow() {
            var type = fixture(fixture(), mode -> mode.channel("CIE_X", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(0, 1)))
                .channel("CIE_Y", "Lens", at(3, 4), c -> c.function("", 0, f -> f.physical(0, 1)))
                .channel("CIE_Z", "Lens", at(5, 6), c -> c.function("", 0, f -> f.physical(0, 1))));
            var channels = type.modes().getFirst().channels();

            var found = find(type, Chromaticity.WHITE, Choice.BRIGHTEST);

            assertThat(found.values()).containsEntry(channels.get(2).id(), 65_535L);
            assertThat(found.values().get(channels.get(1).id())).isBetween(60_170L, 60_180L);
            assertThat(found.distance()).isLessThan(1e-4);
        }

        @Test
        void putsUltravioletOut() {
            var found = find(fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_UV")), warm, Choice.BRIGHTEST);

            assertThat(found.levels()).extracting(WantedColour.Level::attribute).containsExactly("ColorAdd_R", "ColorAdd_G", "ColorAdd_B");
            assertThat(found.values()).hasSize(4).containsValue(0L);
        }

        @Test
        void saysWhatIsOutOfTheGamut() {
            var found = find(fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B")), new Chromaticity(0.19, 0.72),
                    Choice.BRIGHTEST);

            assertThat(found.inGamut()).isFalse();
            assertThat(found.distance()).isGreaterThan(0.01);
        }

        @Test
        void saysWhenAModeMixesNothing() {
            var type = fixture(fixture(), of("Dimmer"));

            var answer = WantedColour.of(start(type)).find(warm, Choice.BRIGHTEST, 1);

            assertThat(answer).isEqualTo(new WantedColour.Result.Impossible("Mode 'Main' has no channels that mix a colour."));
        }

        @Test
        void looksThroughWhatStandsOnTop() {
            var type = fixture(fixture(), mode -> {
                of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B").accept(mode);
                mode.channel("CTC", "Lens", at(4), c -> c.function("", 0, f -> f.physical(2_700, 6_500)));
            });
            var raws = new long[]{0, 0, 0, 0};
            var mode = type.modes().getFirst();

            var answer = (WantedColour.Result.Found) WantedColour.of(new Probe(CompiledMode.of(type, mode), raws))
                .find(warm, Choice.BRIGHTEST, 1);

            assertThat(answer.distance()).isLessThan(0.002);
            assertThat(answer.values()).doesNotContainKey(mode.channels().getLast().id());
        }
    }

    /** Each place that light leaves by has its own dimmer, colour and shutter; what is shared acts on all of them. */
    @Nested
    class Places {
        private FixtureType batten(Consumer<ModeBuilder> shared) {
            return ProfileBuilder.profile("Testers", "Batten")
                .id("00000000-0000-0000-0000-00000000000D")
                .body(part(Kind.Geometry, "Rail", reference("Cell 1", "Cell", 10), reference("Cell 2", "Cell", 14),
                        reference("Cell 3", "Cell", 18)))
                .body(part(Kind.Beam, "Cell"))
                .mode("Main", "Rail", mode -> {
                    mode.channel("Dimmer", "Cell", at(1), c -> c.function("", 0, f -> f.physical(0, 1)))
                        .channel("ColorAdd_R", "Cell", at(2), c -> c.function("", 0, f -> f.physical(0, 1)))
                        .channel("ColorAdd_G", "Cell", at(3), c -> c.function("", 0, f -> f.physical(0, 1)));
                    shared.accept(mode);
                })
                .build();
        }

        @Test
        void doNotDimEachOther() {
            var type = batten(mode -> {});

            var light = light(type, 51, 51, 51, 255, 255, 255, 0, 0, 0); // three dimmers, three reds, three greens

            assertThat(light.level()).isCloseTo(0.2, within(1e-12));
            assertThat(light.places()).extracting(Light.Place::name).containsExactly("Cell 1", "Cell 2", "Cell 3");
            isAt(light.color().chromaticity(), new Chromaticity(0.64, 0.33));
        }

        @Test
        void haveLevelsAndColoursOfTheirOwn() {
            var light = light(batten(mode -> {}), 255, 0, 128, 255, 255, 0, 0, 255, 255);

            assertThat(light.places()).extracting(Light.Place::level)
                .satisfiesExactly(
                        first -> assertThat(first).isEqualTo(1), second -> assertThat(second).isZero(),
                        third -> assertThat(third).isCloseTo(128 / 255.0, within(1e-12)));
            isAt(light.places().get(0).color().chromaticity(), new Chromaticity(0.64, 0.33));
            isAt(light.places().get(2).color().chromaticity(), new Chromaticity(0.30, 0.60));
            assertThat(light.level()).isEqualTo(1);
        }

        @Test
        void shareWhatStandsOnThePartThatTheyAreIn() {
            var type = batten(mode -> mode.channel("Dimmer", "Rail", at(1), c -> c.function("", 0, f -> f.physical(0, 1)))
                .channel("Shutter1", "Rail", at(2),
                        c -> c.function("", 0, f -> f.physical(0, 0)).function("", 128, f -> f.physical(1, 1))));

            assertThat(light(type, 255, 255, 255, 255, 255, 255, 0, 0, 0, 51, 255).level()).isCloseTo(0.2, within(1e-12));
            assertThat(light(type, 255, 255, 255, 255, 255, 255, 0, 0, 0, 255, 0).level()).isZero();
        }

        @Test
        void ofAnAuraDoNotDarkenTheMainBeam() {
            var type = fixture(
                    ProfileBuilder.profile("Testers", "Glow")
                        .id("00000000-0000-0000-0000-00000000000E")
                        .body(part(Kind.Geometry, "Lens", part(Kind.Beam, "Main"), part(Kind.Beam, "Ring"))),
                    mode -> mode
                        .channel("Dimmer", "Main", at(1), c -> c.function("", 0, f -> f.physical(0, 1)))
                        .channel("Dimmer", "Ring", at(2), c -> c.function("", 0, f -> f.physical(0, 1))));

            assertThat(light(type, 255, 0).level()).isEqualTo(1);
            assertThat(light(type, 0, 0).level()).isZero();
        }

        @Test
        void ofFourHeadsWithFlagsMixOneHeadsColourOnly() {
            var type = ProfileBuilder.profile("Testers", "Heads")
                .id("00000000-0000-0000-0000-00000000000F")
                .body(part(Kind.Geometry, "Bar", reference("Head 1", "Head", 1), reference("Head 2", "Head", 3),
                        reference("Head 3", "Head", 5), reference("Head 4", "Head", 7)))
                .body(part(Kind.Beam, "Head"))
                .mode("Main", "Bar",
                        mode -> mode.channel("ColorSub_C", "Head", at(1), c -> c.function("", 0, f -> f.physical(0, 1)))
                            .channel("ColorSub_M", "Head", at(2), c -> c.function("", 0, f -> f.physical(0, 1))))
                .build();
            var one = fixture(fixture(), of("ColorSub_C", "ColorSub_M"));

            var four = light(type, 128, 128, 128, 128, 64, 64, 64, 64);

            isAt(four.color().chromaticity(), light(one, 128, 64).color().chromaticity());
        }

        /** A virtual dimmer acts by its relation upon the colours, once. */
        @Test
        void countRelationsAndNotTheirMasterTwice() {
            var type = fixture(fixture(), mode -> mode
                .channel("ColorAdd_R", "Lens", at(1), c -> c.function("Red", 0, f -> f.physical(0, 1)))
                .channel("Dimmer", "Lens", List.of(), c -> c.function("Dimmer", 0, f -> f.physical(0, 1)))
                .multiply("Virtual", "Lens_Dimmer", "Lens_ColorAdd_R.ColorAdd_R.Red"));

            var light = light(type, 255, 51);

            assertThat(light.level()).isEqualTo(1);
            assertThat(light.color().y()).isCloseTo(0.2 * 0.2126, within(1e-4));
        }

        @Test
        void withoutABeamAreTheCells() {
            var type = ProfileBuilder.profile("Testers", "Dots")
                .id("00000000-0000-0000-0000-000000000010")
                .body(part(Kind.Geometry, "Panel", reference("Dot 1", "Dot", 1), reference("Dot 2", "Dot", 2)))
                .body(part(Kind.Geometry, "Dot"))
                .mode("Main", "Panel", mode -> mode.channel("Dimmer", "Dot", at(1), c -> c.function("", 0, f -> f.physical(0, 1))))
                .build();

            assertThat(light(type, 255, 0).level()).isEqualTo(1);
            assertThat(light(type, 255, 0).places()).extracting(Light.Place::name).containsExactly("Dot 1", "Dot 2");
        }
    }

    @Nested
    class Corrections {
        private FixtureType both(boolean orangeFirst) {
            return fixture(fixture().attribute("CTO", "CTO", "Color.Color", "", PhysicalUnit.Temperature)
                .attribute("CTB", "CTB", "Color.Color", "", PhysicalUnit.Temperature), mode -> {
                    mode.channel(orangeFirst ? "CTO" : "CTB", "Lens", at(1),
                            c -> c.function("", 0, f -> f.physical(6_500, orangeFirst ? 2_700 : 10_000)));
                    mode.channel(orangeFirst ? "CTB" : "CTO", "Lens", at(2),
                            c -> c.function("", 0, f -> f.physical(6_500, orangeFirst ? 10_000 : 2_700)));
                });
        }

        @Test
        void thatAreOutDoNotUndoThoseThatAreIn() {
            assertThat(Temperature.of(light(both(true), 255, 0).color().chromaticity()).orElseThrow().kelvin()).isCloseTo(2_700,
                    within(10.0));
            assertThat(Temperature.of(light(both(false), 0, 255).color().chromaticity()).orElseThrow().kelvin()).isCloseTo(2_700,
                    within(10.0));
        }
    }

    /** What a file says in part. */
    @Nested
    class HalfMeasured {
        private final Measurement strength = new Measurement(50, 20.0, null, Measurement.Interpolation.Linear, List.of(), Source.NONE);
        private final Measurement whole = new Measurement(100, 100.0, null, Measurement.Interpolation.Linear,
                List.of(new Measurement.Point(600, 0, Source.NONE), new Measurement.Point(620, 1, Source.NONE),
                        new Measurement.Point(640, 0, Source.NONE)),
                Source.NONE);

        @Test
        void emittersTakeTheSpectrumOfTheNearestMeasurement() {
            var type = fixture(fixture().emitter("Half", null, null, strength, whole),
                    mode -> mode.channel("ColorAdd_R", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Half"))));

            isAt(light(type, 128).color().chromaticity(), light(type, 255).color().chromaticity());
            assertThat(light(type, 255).color().y() / light(type, 128).color().y()).isBetween(4.5, 5.0); // 100 to 20 of 100, at 50.2 %
        }

        @Test
        void filtersDoToo() {
            var half = new Measurement(50, null, 40.0, Measurement.Interpolation.Linear, List.of(), Source.NONE);
            var full = new Measurement(100, null, 10.0, Measurement.Interpolation.Linear,
                    List.of(new Measurement.Point(600, 0, Source.NONE), new Measurement.Point(620, 1, Source.NONE),
                            new Measurement.Point(780, 1, Source.NONE)),
                    Source.NONE);
            var type = fixture(fixture().filter("Half", null, half, full),
                    mode -> mode.channel("ColorSub_R", "Lens", at(1), c -> c.function("", 0, f -> f.physical(0, 1).filter("Half"))));

            assertThat(light(type, 255).color().y()).isCloseTo(0.1, within(1e-6));
            assertThat(light(type, 128).color().y()).isBetween(0.39, 0.41);
        }

        @Test
        void aSlotWhoseColourHasNoLightSaysNothing() {
            for (var colour : List.of(new ColorCie(0, 0, 0), new ColorCie(0.3127, 0.3290, 0))) {
                var type = fixture(fixture().wheel("Glass", wheel -> wheel.color("Unsaid", colour)),
                        mode -> mode.channel("Color1", "Lens", at(1), c -> c.function("", 0, f -> f.wheel("Glass").range("Unsaid", 0, 1))));

                assertThat(light(type, 0).level()).isEqualTo(1);
                isAt(light(type, 0).color().chromaticity(), SIX_THOUSAND);
            }
        }
    }

    @Nested
    class TheWayBackThroughMeasurements {
        /** Red gives a tenth of its light at half of its travel: the level of light is not the travel. */
        @Test
        void turnsLightIntoTravel() {
            var bent = new Measurement[]{candela(50, 10), candela(100, 100)};
            var type = fixture(
                    fixture().emitter("Bent", new ColorCie(0.64, 0.33, 21.26), null, bent)
                        .emitter("Green", new ColorCie(0.30, 0.60, 71.52), null, candela(100, 336))
                        .emitter("Blue", new ColorCie(0.15, 0.06, 7.22), null, candela(100, 34)),
                    mode -> mode
                        .channel("ColorAdd_R", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Bent")))
                        .channel("ColorAdd_G", "Lens", at(3, 4), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Green")))
                        .channel("ColorAdd_B", "Lens", at(5, 6), c -> c.function("", 0, f -> f.physical(0, 1).emitter("Blue"))));

            var found = find(type, new Chromaticity(0.25, 0.30), Choice.BRIGHTEST);

            assertThat(found.inGamut()).isTrue();
            assertThat(found.distance()).isLessThan(1e-4);
        }

        private Measurement candela(double at, double candela) {
            return new Measurement(at, candela, null, Measurement.Interpolation.Linear, List.of(), Source.NONE);
        }

        @Test
        void searchesFlagsWhereTheyWereMeasured() {
            var type = fixture(flag(flag(flag(fixture(), "Cyan", 574, -1), "Magenta", 490, 600), "Yellow", -1, 500), mode -> mode
                .channel("ColorSub_C", "Lens", at(1, 2), c -> c.function("", 0, f -> f.physical(0, 1).filter("Cyan")))
                .channel("ColorSub_M", "Lens", at(3, 4), c -> c.function("", 0, f -> f.physical(0, 1).filter("Magenta")))
                .channel("ColorSub_Y", "Lens", at(5, 6), c -> c.function("", 0, f -> f.physical(0, 1).filter("Yellow"))));

            for (var wanted : List.of(new Chromaticity(0.36, 0.40), new Chromaticity(0.28, 0.25), new Chromaticity(0.42, 0.36))) {
                assertThat(find(type, wanted, Choice.BRIGHTEST).distance()).isLessThan(3e-4);
            }
        }

        /**
         * A dichroic edge that does a fifth at half of its travel. @param from nm where it holds back, -1 = from the shortest; {@code to}
         * likewise
         */
        private static ProfileBuilder flag(ProfileBuilder profile, String name, double from, double to) {
            return profile.filter(name, null, edge(50, from, to, 0.8), edge(100, from, to, 0));
        }

        private static Measurement edge(double at, double from, double to, double least) {
            var points = new java.util.ArrayList<Measurement.Point>();
            for (double wave = 380; wave <= 780; wave += 5) {
                boolean held = (from < 0 || wave >= from) && (to < 0 || wave <= to);
                points.add(new Measurement.Point(wave, held ? least : 1, Source.NONE));
            }
            return new Measurement(at, null, null, Measurement.Interpolation.Linear, points, Source.NONE);
        }

        /** Five lights of a byte each at 5 % stand on a dozen steps; rounded together they come nearer than one by one. */
        @Test
        void roundsLightsTogether() {
            var type = fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_RY", "ColorAdd_GY"));
            var random = new java.util.Random(17);
            var far = new double[200];
            for (int i = 0; i < far.length; i++) {
                var wanted = RgbSpace.SRGB.mix(0.2 + random.nextDouble(), 0.2 + random.nextDouble(), 0.2 + random.nextDouble())
                    .chromaticity();
                far[i] = ((WantedColour.Result.Found) WantedColour.of(start(type)).find(wanted, Choice.EVENEST, 0.05)).distance();
            }
            Arrays.sort(far);

            assertThat(far[100]).isLessThan(0.0013); // one by one 0.0017
            assertThat(far[190]).isLessThan(0.0035); // one by one 0.0040
        }
    }

    /** A wish for half of the light is kept, or said. */
    @Nested
    class Brightness {
        private WantedColour.Result.Found half(FixtureType type) {
            return (WantedColour.Result.Found) WantedColour.of(start(type)).find(new Chromaticity(0.40, 0.40), Choice.BRIGHTEST, 0.5);
        }

        private static long value(FixtureType type, WantedColour.Result.Found found, String attribute) {
            return found.values()
                .get(type.modes()
                    .getFirst()
                    .channels()
                    .stream()
                    .filter(each -> each.attribute().equals(attribute))
                    .findFirst()
                    .orElseThrow()
                    .id());
        }

        @Test
        void isTheDimmersWhereFlagsMix() {
            var type = fixture(fixture(), of("ColorSub_C", "ColorSub_M", "ColorSub_Y", "Dimmer"));

            assertThat(value(type, half(type), "Dimmer")).isEqualTo(128);
            assertThat(half(type).dimmed()).isTrue();
        }

        @Test
        void isTheMixingEnginesOwn() {
            var hue = fixture(fixture(), of("HSB_Hue", "HSB_Saturation", "HSB_Brightness"));
            var coordinates = fixture(fixture(), of("CIE_X", "CIE_Y", "CIE_Brightness"));

            assertThat(value(hue, half(hue), "HSB_Brightness")).isEqualTo(128);
            assertThat(value(coordinates, half(coordinates), "CIE_Brightness")).isEqualTo(128);
        }

        @Test
        void scalesRedGreenAndBlue() {
            var type = fixture(fixture(), of("ColorRGB_Red", "ColorRGB_Green", "ColorRGB_Blue"));
            var full = (WantedColour.Result.Found) WantedColour.of(start(type)).find(new Chromaticity(0.40, 0.40), Choice.BRIGHTEST, 1);

            assertThat(value(type, full, "ColorRGB_Red")).isEqualTo(255);
            assertThat(value(type, half(type), "ColorRGB_Red")).isEqualTo(128);
        }

        @Test
        void isSaidWhereNothingDims() {
            var type = fixture(fixture(), of("ColorSub_C", "ColorSub_M", "ColorSub_Y"));

            assertThat(half(type).dimmed()).isFalse();
            assertThat(half(type).says()).endsWith("The brightness stays: this mode has no dimmer.");
            assertThat(WantedColour.of(start(type)).canDim()).isFalse();
        }
    }

    @Test
    void theBrightnessIsAShareOfTheBrightest() {
        var type = fixture(fixture(), of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B"));
        var mode = type.modes().getFirst();

        var part = (WantedColour.Result.Found) WantedColour.of(start(type)).find(Chromaticity.WHITE, Choice.BRIGHTEST, 0.4);

        assertThat(part.values())
            .isEqualTo(Map.of(mode.channels().get(0).id(), 102L, mode.channels().get(1).id(), 102L, mode.channels().get(2).id(), 102L));
    }

    @Test
    void lightIsSaidInShortWords() {
        assertThat(new Light(0.25, Xyz.BLACK, null, -12.5, null, 4.13333, List.of()).says()).containsExactly("25 %", "pan -12.5\u00b0",
                "4.1 Hz");
        assertThat(new Light(0, Xyz.BLACK, null, null, null, null, List.of()).says()).containsExactly("dark");
        assertThat(new Light(0.25, Xyz.BLACK, null, null, null, null, List.of()).looks()).isEqualTo(0.5);
    }
}
