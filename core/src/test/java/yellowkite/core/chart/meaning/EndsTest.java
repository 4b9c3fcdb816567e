package yellowkite.core.chart.meaning;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.attribute.Catalogue;
import static org.assertj.core.api.Assertions.assertThat;

class EndsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "Zoom | 6.0° → 42° | 6 | 42 | Angle", "Zoom | 42,5 deg to 6 deg | 42.5 | 6 | Angle", "Pan | 0…540° | -270 | 270 | Angle",
            "Tilt | ±135° | -135 | 135 | Angle",
            "Shutter1Strobe | Strobe 0.3 Hz → 20.0 Hz | 0.3 | 20 | Frequency",
            "Shutter1Strobe | fast to slow (20 - 0.5 Hz) | 20 | 0.5 | Frequency",
            "Shutter1Strobe | Strobe, 60 to 600 bpm | 1 | 10 | Frequency",
            "Color1WheelSpin | Forwards, fast → slow (12.5 rpm – 0.5 rpm) | 75 | 3 | AngularSpeed",
            "Color1WheelSpin | ccw 1 to 10 rpm | -6 | -60 | AngularSpeed",
            "CTO | 6500 K → 2700 K | 6500 | 2700 | Temperature", "Dimmer | 0 → 100 % | 0 | 1 | LuminousIntensity",
            "Frost1 | 100 % - 0 % | 100 | 0 | Percent", "PositionMSpeed | fast → slow (0.2 s … 25.4 s) | 0.2 | 25.4 | Time",
            "Effects1Rate | 500 ms to 2 s | 0.5 | 2 | Time"})
    void numbersWithUnitsAreTheEnds(String attribute, String words, double from, double to, String unit) {
        var ends = Ends.of(words, Catalogue.STANDARD.find(attribute).orElseThrow());

        assertThat(ends.assumed()).isFalse();
        assertThat(ends.from()).isEqualTo(from);
        assertThat(ends.to()).isEqualTo(to);
        assertThat(ends.unit()).hasToString(unit);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "Zoom | wide to narrow | 50 | 5", "Zoom | narrow → wide | 5 | 50", "Shutter1Strobe | Strobe fast → slow | 20 | 0.5",
            "Shutter1Strobe | slow to fast | 0.5 | 20", "Focus1 | far → near | 100 | 0", "Iris | Open → min. diameter | 100 | 0",
            "Gobo1PosRotate | CW slow to fast | 3 | 360", "Gobo1PosRotate | counter-clockwise rotation, fast to slow | -360 | -3",
            "CTC | warm to cold | 2700 | 6500", "Frost1 | Frost (hold 3 s) | 0 | 100"})
    void wordsAloneGiveTheSense(String attribute, String words, double from, double to) {
        var ends = Ends.of(words, Catalogue.STANDARD.find(attribute).orElseThrow());

        assertThat(ends.assumed()).isTrue();
        assertThat(ends.from()).isEqualTo(from);
        assertThat(ends.to()).isEqualTo(to);
    }
}
