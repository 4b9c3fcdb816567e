package yellowkite.core.dmx;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.profile.PhysicalUnit;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

class PhysicalTextTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "12.5 rpm | AngularSpeed | 75", "-3 rpm | AngularSpeed | -18", "90 °/s | AngularSpeed | 90", "2 Hz | AngularSpeed | 720",
            "0,2 s | Time | 0.2", "200 ms | Time | 0.2", "1.5 min | Time | 90",
            "120 bpm | Frequency | 2", "5Hz | Frequency | 5", "5 | Frequency | 5",
            "10 % | LuminousIntensity | 0.1", "10 % | None | 0.1", "100% | ColorComponent | 1", "10 % | Percent | 10",
            "540° | Angle | 540", "42 deg | Angle | 42", "1,5 turns | Angle | 540", "3200 K | Temperature | 3200", "35 cm | Length | 0.35"})
    void aNumberWithItsUnit(String text, PhysicalUnit unit, double expected) {
        var read = PhysicalText.read(text, unit);

        assertThat(read.reason()).isNull();
        assertThat(read.value()).isCloseTo(expected, offset(1e-9));
    }

    @Test
    void whatCannotBeTurnedIntoTheUnitIsSaid() {
        assertThat(PhysicalText.read("5 Hz", PhysicalUnit.Angle).reason()).isEqualTo("'Hz' cannot be turned into °.");
        assertThat(PhysicalText.read("wide", PhysicalUnit.Angle).reason())
            .isEqualTo("'wide' is no number: type one such as 12.5 or 12.5 °.");
        assertThat(PhysicalText.read("", PhysicalUnit.None).reason()).isNotNull();
    }
}
