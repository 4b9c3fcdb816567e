package yellowkite.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import yellowkite.core.colour.Additive.Choice;

class MixingTest {
    private static final Xyz RED = RgbSpace.SRGB.red();
    private static final Xyz GREEN = RgbSpace.SRGB.green();
    private static final Xyz BLUE = RgbSpace.SRGB.blue();
    private static final Xyz WHITE = Chromaticity.WHITE.at(1);
    private static final Xyz AMBER = new Chromaticity(0.57, 0.427).at(0.34);
    private static final Xyz LIME = new Chromaticity(0.408, 0.556).at(1);
    private static final Spectrum D65 = Spectrum.of(WHITE);
    private static final List<Glasses.Travel> CMY = List.of(Glass.ofScreen(0, 1, 1)::covering, Glass.ofScreen(1, 0, 1)::covering,
            Glass.ofScreen(1, 1, 0)::covering);

    @Nested
    class LightsThatAddUp {
        @Test
        void makeTheirWhiteWithAllOfThemAtFull() {
            var mix = Additive.solve(List.of(RED, GREEN, BLUE), Chromaticity.WHITE, Choice.BRIGHTEST);

            assertThat(mix.levels()).allSatisfy(level -> assertThat(level).isCloseTo(1, within(1e-6)));
            assertThat(mix.inGamut()).isTrue();
        }

        @Test
        void makeYellowOfRedAndGreenAlone() {
            var yellow = RED.plus(GREEN).chromaticity();

            var mix = Additive.solve(List.of(RED, GREEN, BLUE), yellow, Choice.BRIGHTEST);

            assertThat(mix.levels().get(0)).isCloseTo(1, within(1e-4));
            assertThat(mix.levels().get(1)).isCloseTo(1, within(1e-4));
            assertThat(mix.levels().get(2)).isCloseTo(0, within(1e-4));
        }

        /** White at half of red's full share of blue: by hand, white = R + G + B, so a white light beside them doubles it. */
        @Test
        void areBrightestWithEveryLightThatHelps() {
            var mix = Additive.solve(List.of(RED, GREEN, BLUE, WHITE), Chromaticity.WHITE, Choice.BRIGHTEST);

            assertThat(mix.reached().y()).isCloseTo(2, within(1e-5));
        }

        /** By hand for lights e1, e2, e3 and e1+e2+e3: least squares give 1/4 to each of the three and 3/4 to the fourth. */
        @Test
        void areEvenestWithTheLeastSumOfSquares() {
            var lights = List.of(new Xyz(1, 0, 0), new Xyz(0, 1, 0), new Xyz(0, 0, 1), new Xyz(1, 1, 1));

            var mix = Additive.solve(lights.stream().map(each -> each.plus(new Xyz(0, 1e-9, 0))).toList(),
                    new Chromaticity(1.0 / 3, 1.0 / 3), Choice.EVENEST);

            assertThat(mix.levels().get(0) / mix.levels().get(3)).isCloseTo(1.0 / 3, within(1e-4));
            assertThat(mix.levels().get(3)).isCloseTo(1, within(1e-9));
        }

        @ParameterizedTest
        @EnumSource(Choice.class)
        void reachEveryColourInsideTheirGamut(Choice choice) {
            var lights = List.of(RED, GREEN, BLUE, AMBER, LIME, WHITE);
            var random = new Random(7);
            for (int i = 0; i < 500; i++) {
                var wanted = Additive.mixed(lights, DoubleStream.generate(random::nextDouble).limit(lights.size()).boxed().toList())
                    .chromaticity();

                var mix = Additive.solve(lights, wanted, choice);

                assertThat(mix.inGamut()).isTrue();
                assertThat(mix.reached().chromaticity().distanceTo(wanted)).as("seed 7, try %d", i).isLessThan(1e-5);
                assertThat(mix.levels()).allMatch(level -> level >= 0 && level <= 1 + 1e-12).anyMatch(level -> level > 1 - 1e-6);
            }
        }

        @Test
        void areNeverBrighterThanTheBrightest() {
            var lights = List.of(RED, GREEN, BLUE, AMBER, LIME);
            var random = new Random(11);
            for (int i = 0; i < 500; i++) {
                var levels = DoubleStream.generate(random::nextDouble).limit(lights.size()).boxed().toList();
                var any = Additive.mixed(lights, levels);

                var best = Additive.solve(lights, any.chromaticity(), Choice.BRIGHTEST);

                assertThat(best.reached().y()).as("seed 11, try %d", i).isGreaterThan(any.y() * (1 - 1e-6));
            }
        }

        /**
         * Saturation 60 % of red: screen parts 1, 0.4, 0.4. By hand, the least squares of R, G, B, W with W = R + G + B are w = 0.4, r =
         * 0.6; raised until red is full: 1, 0, 0, 2/3.
         */
        @Test
        void areEvenestByHandForRedGreenBlueAndWhite() {
            var lights = List.of(RED, GREEN, BLUE, RED.plus(GREEN).plus(BLUE));

            var mix = Additive.solve(lights, Wish.hue(0, 0.6), Choice.EVENEST);

            assertThat(mix.levels().get(0)).isCloseTo(1, within(1e-4));
            assertThat(mix.levels().get(1)).isCloseTo(0, within(1e-4));
            assertThat(mix.levels().get(2)).isCloseTo(0, within(1e-4));
            assertThat(mix.levels().get(3)).isCloseTo(2.0 / 3, within(1e-4));
        }

        @ParameterizedTest
        @EnumSource(Choice.class)
        void meetEveryAimOfTheirGamut(Choice choice) {
            var warm = new Temperature(2_800, 0).chromaticity().at(1);
            var cold = new Temperature(6_500, 0).chromaticity().at(1);
            for (var lights : List.of(List.of(RED, GREEN, BLUE, WHITE), List.of(RED, GREEN, BLUE, warm, cold),
                    List.of(RED, GREEN, BLUE, AMBER, WHITE), List.of(RED, GREEN, BLUE, WHITE, WHITE, WHITE))) {
                var gamut = Additive.gamut(lights);
                for (double u = 0.05; u < 0.6; u += 0.012) {
                    for (double v = 0.05; v < 0.6; v += 0.012) {
                        var wanted = Chromaticity.ofUv(u, v);
                        if (wanted.y() > 0 && gamut.contains(wanted)) {
                            assertThat(Additive.solve(lights, wanted, choice).reached().chromaticity().distanceTo(wanted))
                                .as("%s of %d lights at %f %f", choice, lights.size(), u, v)
                                .isLessThan(1e-5);
                        }
                    }
                }
            }
        }

        /**
         * The screen's red, green and blue with their sums of two: 0.8 R + 0.9 G + B. By hand k = 3: blue, cyan and magenta full give 1 R,
         * 1 G and 3 B; with yellow full, red at 0.4 and green at 0.7 that is 2.4 R, 2.7 G, 3 B, three times the wish. Y = 3 (0.8 x 0.2126 +
         * 0.9 x 0.7152 + 0.0722) = 2.6578.
         */
        @Test
        void areBrightestWhereManyLightsLieInOnePlane() {
            var lights = List.of(RED, GREEN, BLUE, GREEN.plus(BLUE), RED.plus(BLUE), RED.plus(GREEN));
            var wanted = RgbSpace.SRGB.mix(0.8, 0.9, 1);

            var mix = Additive.solve(lights, wanted.chromaticity(), Choice.BRIGHTEST);

            assertThat(mix.reached().y()).isCloseTo(2.6578, within(0.0005));
            assertThat(mix.reached().chromaticity().distanceTo(wanted.chromaticity())).isLessThan(1e-6);
        }

        /** Warm, cold and both together lie on one line; at the colour of both together all three are full: Y = 1 + 1 + 2. */
        @Test
        void onOneLineAllTakePart() {
            var warm = new Temperature(2_700, 0).chromaticity().at(1);
            var cold = new Temperature(6_500, 0).chromaticity().at(1);

            var mix = Additive.solve(List.of(warm, cold, warm.plus(cold)), warm.plus(cold).chromaticity(), Choice.BRIGHTEST);

            assertThat(mix.reached().y()).isCloseTo(4, within(1e-4));
        }

        /** Any mix of lights that lie in planes together is at most as bright as the brightest of its colour. */
        @Test
        void areNeverBrighterThanTheBrightestInPlanesEither() {
            var lights = List.of(RED, GREEN, BLUE, RED.times(0.3), GREEN.times(0.3), BLUE.times(0.3), RED.plus(GREEN), GREEN.plus(BLUE),
                    RED.plus(GREEN.times(0.5)), WHITE);
            var random = new Random(13);
            for (int i = 0; i < 500; i++) {
                var any = Additive.mixed(lights,
                        DoubleStream.generate(() -> random.nextInt(3) / 2.0).limit(lights.size()).boxed().toList());
                if (any.isBlack()) {
                    continue;
                }

                var best = Additive.solve(lights, any.chromaticity(), Choice.BRIGHTEST);

                assertThat(best.reached().y()).as("seed 13, try %d", i).isGreaterThan(any.y() * (1 - 1e-5));
                assertThat(best.reached().chromaticity().distanceTo(any.chromaticity())).isLessThan(1e-5);
            }
        }

        @Test
        void sayWhenAColourIsOutOfTheirGamutAndReachTheNearest() {
            var wanted = new Chromaticity(0.19, 0.72); // greener than the screen's green

            var mix = Additive.solve(List.of(RED, GREEN, BLUE), wanted, Choice.BRIGHTEST);

            assertThat(mix.inGamut()).isFalse();
            var nearest = Additive.gamut(List.of(RED, GREEN, BLUE)).nearest(wanted);
            assertThat(mix.reached().chromaticity().distanceTo(nearest)).isLessThan(1e-5);
        }

        @ParameterizedTest
        @EnumSource(Choice.class)
        void ofWarmAndColdWhiteMakeTheWhitesBetween(Choice choice) {
            var warm = new Temperature(2_700, 0).chromaticity().at(1);
            var cold = new Temperature(6_500, 0).chromaticity().at(1);
            var between = warm.plus(cold).chromaticity();

            var mix = Additive.solve(List.of(warm, cold), between, choice);

            assertThat(mix.levels().get(0)).isCloseTo(1, within(1e-5));
            assertThat(mix.levels().get(1)).isCloseTo(1, within(1e-5));
        }
    }

    @Nested
    class Flags {
        @Test
        void inFullGiveTheirColour() {
            assertThat(Subtractive.mixed(D65, CMY, List.of(1.0, 0.0, 0.0)).chromaticity().x())
                .isCloseTo(RgbSpace.SRGB.mix(0, 1, 1).chromaticity().x(), within(1e-5));
        }

        @Test
        void reachColoursThatTwoOfThemMake() {
            var random = new Random(3);
            for (int i = 0; i < 200; i++) {
                var levels = new ArrayList<>(List.of(random.nextDouble() * 0.95, random.nextDouble() * 0.95, random.nextDouble() * 0.95));
                levels.set(random.nextInt(3), 0.0);
                var wanted = Subtractive.mixed(D65, CMY, levels).chromaticity();

                var mix = Subtractive.solve(D65, CMY, wanted);

                assertThat(mix.reached().chromaticity().distanceTo(wanted)).as("seed 3, try %d", i).isLessThan(2e-4);
                assertThat(mix.inGamut()).isTrue();
            }
        }

        @Test
        void stayOutForTheFixturesOwnWhite() {
            var mix = Subtractive.solve(D65, CMY, Chromaticity.WHITE);

            assertThat(mix.levels()).allSatisfy(level -> assertThat(level).isLessThan(0.001));
        }

        /** Cyan and magenta make the screen's blue: it is in their gamut. */
        @Test
        void makeBlueOfCyanAndMagenta() {
            var mix = Subtractive.solve(D65, CMY, BLUE.chromaticity());

            assertThat(mix.inGamut()).isTrue();
            assertThat(mix.reached().chromaticity().distanceTo(BLUE.chromaticity())).isLessThan(2e-4);
        }

        @Test
        void cannotMakeAStrongColour() {
            assertThat(Subtractive.solve(D65, CMY, new Chromaticity(0.72, 0.27)).inGamut()).isFalse();
        }
    }
}
