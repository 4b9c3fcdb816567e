package yellowkite.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.profile.Measurement;
import yellowkite.core.xml.Source;

/** Expected figures are published ones (CIE 15, CIE S 014-2), or integrals worked out apart from this project. */
class SpectrumTest {
    /** CIE standard illuminant D65, every 10 nm from 380 nm. */
    private static final double[] D65 = {49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923,
            108.811, 109.354, 107.802,
            104.790, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991, 87.6987, 83.2886, 83.6992, 80.0268,
            80.2146, 82.2778, 78.2842, 69.7213,
            71.6091, 74.349, 61.604, 69.8856, 75.087, 63.5927, 46.4182, 66.8054, 63.3828};

    private static List<Measurement.Point> points(double... wavesAndValues) {
        var points = new ArrayList<Measurement.Point>();
        for (int i = 0; i < wavesAndValues.length; i += 2) {
            points.add(new Measurement.Point(wavesAndValues[i], wavesAndValues[i + 1], Source.NONE));
        }
        return points;
    }

    private static void isAt(Xyz seen, double x, double y, double within) {
        assertThat(seen.chromaticity().x()).isCloseTo(x, within(within));
        assertThat(seen.chromaticity().y()).isCloseTo(y, within(within));
    }

    @Nested
    class Lights {
        @Test
        void ofDaylightAreSeenWhereCiePutsIt() {
            var daylight = IntStream.range(0, D65.length).mapToObj(i -> new Measurement.Point(380 + 10 * i, D65[i], Source.NONE)).toList();

            isAt(Spectrum.measured(daylight).seen(), 0.31272, 0.32903, 0.0002);
        }

        /** Illuminant A is a black body by its own formula, with the second radiation constant of its day. */
        @Test
        void ofTheStandardFixtureAreSeenWhereCiePutsIt() {
            var fixture = IntStream.rangeClosed(0, 80)
                .mapToObj(i -> 380.0 + 5 * i)
                .map(wave -> new Measurement.Point(wave,
                        Math.pow(560 / wave, 5) * Math.expm1(1.435e7 / (2848 * 560)) / Math.expm1(1.435e7 / (2848 * wave)), Source.NONE))
                .toList();

            isAt(Spectrum.measured(fixture).seen(), 0.44758, 0.40745, 0.0001);
        }

        /** A line of the width of 2 nm at 532 nm lies at (0.1702, 0.7965). */
        @Test
        void thatAreNarrowerThanTheObserversStepsAreSeen() {
            isAt(Spectrum.measured(points(531, 0, 532, 1, 533, 0)).seen(), 0.1702, 0.7965, 0.001);
        }

        @ParameterizedTest
        @CsvSource({"430", "462.3", "588.9", "656.28"})
        void ofTheSameEnergyAreAsStrongHoweverNarrow(double wave) {
            double narrow = Spectrum.measured(points(wave - 0.1, 0, wave, 10, wave + 0.1, 0)).seen().y();
            double wider = Spectrum.measured(points(wave - 1, 0, wave, 1, wave + 1, 0)).seen().y();

            assertThat(narrow).isCloseTo(wider, within(0.01 * wider));
        }

        @Test
        void thatAreOnlyKnownByTheirColourAreSeenSo() {
            var random = new Random(5);
            for (int i = 0; i < 200; i++) {
                var color = RgbSpace.SRGB.mix(random.nextDouble(), random.nextDouble(), random.nextDouble());

                var seen = Observer.see(Spectrum.of(color).samples());

                assertThat(seen.chromaticity().distanceTo(color.chromaticity())).as("seed 5, try %d", i).isLessThan(1e-8);
                assertThat(seen.y()).isCloseTo(color.y(), within(1e-8));
                assertThat(java.util.Arrays.stream(Spectrum.of(color).samples()).min().orElseThrow()).isNotNegative();
            }
        }

        @ParameterizedTest
        @CsvSource({"0.7, 0.295", "0.16, 0.02", "0.0743, 0.8338", "0.11, 0.1", "0.5, 0.2", "0.735, 0.265", "0.17, 0.01"})
        void ofTheStrongestColoursHaveASpectrumToo(double x, double y) {
            var seen = Observer.see(Spectrum.of(new Chromaticity(x, y).at(1)).samples());

            assertThat(seen.chromaticity().distanceTo(new Chromaticity(x, y))).isLessThan(0.003);
        }
    }

    @Nested
    class InFrontOfThem {
        private static final Spectrum SIX_THOUSAND = Spectrum.planck(6_000);
        private static final Spectrum WHITE = Spectrum.of(Chromaticity.WHITE.at(1));

        /** All that is longer than 640 nm of a black body of 6000 K: 0.7257, 0.2743, and 2.928 % of its light. */
        @Test
        void aStepLetsItsWavesThrough() {
            var seen = Glass.measured(points(639.9, 0, 640, 1, 780, 1), 1).pass(SIX_THOUSAND);

            isAt(seen, 0.7257, 0.2743, 0.0001);
            assertThat(seen.y()).isCloseTo(0.02928, within(0.00001));
        }

        /** Cyan below 575 nm and magenta without 490 to 600 nm leave 0.1471, 0.0352, and 4.09 %. */
        @Test
        void twoGlassesMultiplyWaveByWave() {
            var cyan = Glass.measured(points(380, 1, 574.9, 1, 575, 0), 1);
            var magenta = Glass.measured(points(380, 1, 489.9, 1, 490, 0, 600, 0, 600.1, 1, 780, 1), 1);

            var seen = cyan.and(magenta).pass(SIX_THOUSAND);

            isAt(seen, 0.1471, 0.0352, 0.0001);
            assertThat(seen.y()).isCloseTo(0.0409, within(0.0001));
            isAt(magenta.and(cyan).pass(SIX_THOUSAND), 0.1471, 0.0352, 0.0001);
        }

        /** The full screen's cyan and magenta leave its blue, and with yellow nothing. */
        @Test
        void flagsWithoutAFilterMultiplyAsTheScreenDoes() {
            var cyan = Glass.ofScreen(0, 1, 1);
            var magenta = Glass.ofScreen(1, 0, 1);
            var yellow = Glass.ofScreen(1, 1, 0);

            isAt(cyan.and(magenta).pass(WHITE), 0.150, 0.060, 1e-6);
            isAt(magenta.and(yellow).pass(WHITE), 0.640, 0.330, 1e-6);
            assertThat(cyan.and(magenta).and(yellow).pass(WHITE).y()).isLessThan(1e-9);
        }

        @ParameterizedTest
        @CsvSource({"0.70, 0.295, 0.06", "0.715, 0.28, 0.03", "0.16, 0.02, 0.006", "0.5330, 0.4350, 0.48", "0.31, 0.56, 0.4"})
        void aGlassAloneGivesItsColour(double x, double y, double luminance) {
            var seen = Glass.of(new Chromaticity(x, y).at(luminance)).pass(WHITE);

            isAt(seen, x, y, 1e-6);
            assertThat(seen.y()).isCloseTo(luminance, within(1e-7));
        }

        /** An area that is half covered lets half of the light pass untouched. */
        @Test
        void aFlagHalfwayInLeavesHalfOfTheLight() {
            var glass = Glass.measured(points(380, 0, 600, 0, 600.1, 1, 780, 1), 1);

            var half = glass.covering(0.5).pass(SIX_THOUSAND);

            assertThat(half.y()).isCloseTo((1 + glass.pass(SIX_THOUSAND).y()) / 2, within(1e-9));
            assertThat(glass.covering(0)).isSameAs(Glass.CLEAR);
        }

        @Test
        void aCorrectionMakesOneWhiteOfAnotherAndKeepsItsLight() {
            var seen = Glass.correction(6_000, 2_700).pass(SIX_THOUSAND);

            assertThat(Temperature.of(seen.chromaticity()).orElseThrow().kelvin()).isCloseTo(2_700, within(1.0));
            assertThat(seen.y()).isCloseTo(1, within(1e-9));
        }
    }
}
