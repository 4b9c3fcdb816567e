package yellowkite.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowkite.core.Fixtures;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

class ShelfTest {
    @ParameterizedTest
    @CsvSource({
            "LINEAR,         0, 0.3,  0.3",
            "SQUARE,         0, 0.5,  0.25",
            "INVERSE_SQUARE, 0, 0.25, 0.5",
            "INVERSE_SQUARE, 0, 0.01, 0.1",
            "S_SOFT,         0, 0.25, 0.15625", // 3/16 - 2/64
            "S_HARD,         0, 0.25, 0.0625", // 4/64
            "S_HARD,         0, 0.75, 0.9375",
            "LOGARITHMIC,    0, 0.5,  0.740363", // log10 5.5
            "EXPONENTIAL,    0, 0.5,  0.240253", // (sqrt 10 - 1) / 9
            "CUBIC,          0, 0.5,  0.125",
            "STEPPED,        4, 0.3,  0.333333",
            "STEPPED,        4, 1,    1",
            "ON_FROM,       40, 0.39, 0",
            "ON_FROM,       40, 0.4,  1",
            "OFF_FROM,      40, 0.4,  0",
            "FULL,           0, 0,    1",
            "CEILING,       60, 0.5,  0.3",
            "TRIANGLE,       0, 0.75, 0.5",
    })
    void curvesAreWhatTheirNamesSay(Shelf shelf, int parameter, double in, double out) {
        assertThat(new Curve(shelf.pieces(parameter)).at(in)).isCloseTo(out, within(1e-4));
    }

    @ParameterizedTest
    @EnumSource(Shelf.class)
    void everyCurveStaysInsideJoinsAndSurvivesTheFile(Shelf shelf) {
        int parameter = shelf == Shelf.STEPPED ? 7 : shelf.most() == 0 ? 0 : 37;
        var curve = new Curve(shelf.pieces(parameter));
        var put = (Outcome.Applied<FixtureType>) new PutCurve("Ours", shelf.pieces(parameter).stream().map(PutCurve.Piece::of).toList())
            .applyTo(Fixtures.spot());

        var read = Curve.of(GdtfDescription.read(GdtfDescription.of(put.after()).write())
            .type()
            .physicalDescriptions()
            .findDmxProfile("Ours")
            .orElseThrow());

        for (int i = 0; i <= 2_000; i++) {
            double x = i / 2_000.0;
            assertThat(curve.at(x)).isBetween(0.0, 1.0);
            assertThat(read.at(x)).isCloseTo(curve.at(x), within(1e-6));
        }
    }

    @Test
    void aValueIsRoundedHalfUpInTheWidthThatIsAskedFor() {
        var half = new Curve(Shelf.CEILING.pieces(50));

        assertThat(half.valueAt(255, 1, 1)).as("127.5").isEqualTo(128);
        assertThat(half.valueAt(255, 1, 2)).as("32767.5").isEqualTo(32768);
        assertThat(new Curve(Shelf.SQUARE.pieces(0)).valueAt(128, 1, 2)).as("65535 (128 / 255)^2 = 16512.5 and a little").isEqualTo(16513);
    }

    @Test
    void aParameterOutsideIsRefused() {
        assertThatThrownBy(() -> Shelf.STEPPED.pieces(1)).hasMessage("The parameter lies from 2 to 64; 1 is outside.");
        assertThatThrownBy(() -> Shelf.CEILING.pieces(101)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSmoothCurveNeverOvershoots() {
        var curve = new Curve(
                Smooth.through(List.of(new Smooth.Knot(0, 0), new Smooth.Knot(0.4, 0), new Smooth.Knot(0.5, 0.9), new Smooth.Knot(1, 1))));
        double before = 0;
        for (int i = 0; i <= 1_000; i++) {
            double here = curve.at(i / 1_000.0);
            assertThat(here).isGreaterThanOrEqualTo(before - 1e-12);
            before = here;
        }
        assertThat(curve.at(0.4)).isZero();
        assertThat(curve.at(0.5)).isCloseTo(0.9, within(1e-12));
    }

    /** By hand: (10^0.98 - 1) / 9 = 0.949992; log10(1 + 9 x 0.98) = 0.992111. */
    @Test
    void thoseThatAreNoPolynomialsKeepWithinATenThousandth() {
        assertThat(new Curve(Shelf.EXPONENTIAL.pieces(0)).at(0.98)).isCloseTo(0.949992, within(1e-4));
        assertThat(new Curve(Shelf.LOGARITHMIC.pieces(0)).at(0.98)).isCloseTo(0.992111, within(1e-4));
        for (int i = 0; i <= 1000; i++) {
            double x = i / 1000.0;
            assertThat(new Curve(Shelf.EXPONENTIAL.pieces(0)).at(x)).isCloseTo((Math.pow(10, x) - 1) / 9, within(1e-4));
            assertThat(new Curve(Shelf.LOGARITHMIC.pieces(0)).at(x)).isCloseTo(Math.log10(1 + 9 * x), within(1.1e-4));
            assertThat(new Curve(Shelf.INVERSE_SQUARE.pieces(0)).at(x)).isCloseTo(Math.sqrt(x), within(7e-4));
        }
    }

    /** 85 of 255 is a third: there the second of three steps begins. */
    @Test
    void stepsBeginWhereTheyShould() {
        assertThat(new Curve(Shelf.STEPPED.pieces(3)).at(85 / 255.0)).isEqualTo(0.5);
        assertThat(new Curve(Shelf.STEPPED.pieces(3)).at(170 / 255.0)).isEqualTo(1);
        assertThat(new Curve(Shelf.CEILING.pieces(50)).valueAt(15, 1, 1)).isEqualTo(8); // 7.5, half up
    }
}
