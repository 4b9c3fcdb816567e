package yellowkite.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PercentTest {
    /** By hand: 5 / 255 squared is 0.00038447, 1 / 3 is 33.333 percent. */
    @ParameterizedTest
    @CsvSource({"0, 0 %, 0.00 %", "0.00038447, 0 %, 0.04 %", "0.333333, 33.3 %, 33.33 %", "0.5, 50 %, 50.00 %", "1, 100 %, 100.00 %"})
    void aShareStandsAloneOrInAColumn(double share, String alone, String inColumn) {
        assertThat(Figures.percent(share)).isEqualTo(alone);
        assertThat(Figures.percentInColumn(share)).isEqualTo(inColumn);
    }
}
