package yellowkite.core.chart.layout;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import static org.assertj.core.api.Assertions.assertThat;

class ValuesTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "000-255 | 0 | 255", "0..255 | 0 | 255", "0 ... 255 | 0 | 255", "000~009 | 0 | 9", "0 – 9 | 0 | 9", "10—19 | 10 | 19",
            "10‑19 | 10 | 19", "10−19 | 10 | 19",
            "0x00..0xFF | 0 | 255", "00h-13h | 0 | 19", "128 | 128 | 128", "0 to 255 | 0 | 255", "0 bis 19 | 0 | 19", "0→19 | 0 | 19",
            "0…255 | 0 | 255", "0-65535 | 0 | 65535", "(0-9) | 0 | 9"})
    void notationsOfChartsAreRead(String cell, double from, double to) {
        var values = Values.of(cell).orElseThrow();

        assertThat(values.from()).isEqualTo(from);
        assertThat(values.to()).isEqualTo(to);
        assertThat(values.percent()).isFalse();
    }

    @Test
    void sharesAndFallingStretchesAreSaid() {
        assertThat(Values.of("0 - 50 %").orElseThrow()).isEqualTo(new Values(0, 50, true, false));
        assertThat(Values.of("255-128").orElseThrow()).isEqualTo(new Values(128, 255, false, true));
        assertThat(Values.of("12,5%").orElseThrow().from()).isEqualTo(12.5);
    }

    @Test
    void aColumnOfBareHexadecimalNumbers() {
        assertThat(Values.ofHex("0A-13").orElseThrow()).isEqualTo(new Values(10, 19, false, false));
        assertThat(Values.ofHex("80").orElseThrow().from()).isEqualTo(128);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Open", "Gobo 1", "0-9 Open", "", "-", "3-facet prism", "12.5 rpm", "1/2"})
    void otherCellsAreNoValues(String cell) {
        assertThat(Values.of(cell)).isEmpty();
    }

    @Test
    void valuesWithinASentence() {
        var found = Values.within("Fan speed. 0 to 255 = 0 % to 100 %").orElseThrow();

        assertThat(found.before()).isEqualTo("Fan speed.");
        assertThat(found.values()).isEqualTo(new Values(0, 255, false, false));
        assertThat(found.after()).isEqualTo("= 0 % to 100 %");
        assertThat(Values.within("Strobe 1 to 20 Hz")).as("numbers with a unit are no values").isEmpty();
    }
}
