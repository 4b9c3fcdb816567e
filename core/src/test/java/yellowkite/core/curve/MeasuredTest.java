package yellowkite.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.junit.jupiter.params.provider.CsvSource;

class MeasuredTest {
    private static Curve curve(String text, boolean correction) {
        return new Curve(Measured.read(text, correction).curve().pieces());
    }

    @ParameterizedTest
    @ValueSource(strings = {"0;0@50;400,5@100;801", "0\t0@50\t400,5@100\t801", "0,0@50,400.5@100,801", "0  0@50  400,5@100  801",
            "\"0\",\"0\"@\"50\",\"400,5\"@\"100\",\"801\""})
    void aPairIsReadHoweverASpreadsheetPartsIt(String rows) {
        var points = Measured.read(rows.replace('@', '\n'), false).curve().points();

        assertThat(points).extracting(Smooth.Knot::in).containsExactly(0.0, 0.5, 1.0);
        assertThat(points).extracting(Smooth.Knot::out).containsExactly(0.0, 0.5, 1.0);
    }

    @Test
    void theCurveGoesThroughThePoints() {
        var read = Measured.read("Level;Lux\n0;0\n127,5;250,5\n255;1002", false);

        assertThat(read.curve().largest()).isLessThan(1e-12);
        assertThat(new Curve(read.curve().pieces()).at(0.5)).as("a quarter of the light in the middle").isCloseTo(0.25, within(1e-9));
        assertThat(curve("0,0\n50,25\n100,100", false).at(0.5)).isCloseTo(0.25, within(1e-9));
        assertThat(curve("0\t0\n50\t25\n100\t100", false).at(1)).isCloseTo(1, within(1e-9));
    }

    @Test
    void theCorrectionUndoesTheCurve() {
        var square = new StringBuilder();
        for (int level = 0; level <= 100; level += 5) {
            square.append(level).append(';').append(level * level).append('\n');
        }
        var fixture = curve(square.toString(), false);
        var correction = curve(square.toString(), true);

        for (double wanted = 0.05; wanted < 1; wanted += 0.05) {
            assertThat(fixture.at(correction.at(wanted))).isCloseTo(wanted, within(0.005));
        }
    }

    @Test
    void noiseOfTheMeterIsSmoothedAndTold() {
        var read = Measured.read("0;0\n25;30\n50;28\n100;100", false);

        assertThat(read.curve().largest()).as("28 was measured where 30 was reached already").isCloseTo(0.02, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "'' | A curve needs at least two rows of level and light; there is none.",
            "0;0 | A curve needs at least two rows of level and light; there is one.",
            "0;0@50;a lot | Row 2 is no pair of numbers: '50;a lot'. Write level;light, such as 50;400,5.",
            "0;0@0,5,0,7 | Row 2 is no pair of numbers: '0,5,0,7'.",
            "0;0@50;1@50;2 | The level 50 was measured twice; leave one of the two out.",
            "0;-1@50;1 | Levels and light are not negative, and one of each is more than 0.",
            "0;0@50;0 | Levels and light are not negative, and one of each is more than 0.",
    })
    void whatIsNoMeasurementIsRefusedInASentence(String rows, String reason) {
        var read = Measured.read(rows.replace('@', '\n'), false);

        assertThat(read.curve()).isNull();
        assertThat(read.reason()).startsWith(reason.length() > 40 ? reason.substring(0, 40) : reason);
    }

    @Test
    void lightThatNeverChangesIsRefused() {
        for (boolean correction : new boolean[]{true, false}) {
            assertThat(Measured.read("0;100\n100;100", correction).reason()).startsWith("The light never changes");
            assertThat(Measured.read("0;100\n50;40\n100;0", correction).reason()).startsWith("The light is brightest at the lowest level");
        }
    }
}
