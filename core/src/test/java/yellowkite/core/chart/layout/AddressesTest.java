package yellowkite.core.chart.layout;

import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import static org.assertj.core.api.Assertions.assertThat;

class AddressesTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"7 | 7", "CH7 | 7", "Ch. 7 | 7", "#7 | 7", "7. | 7", "1/2 | 1 2", "1-2 | 1 2", "CH1 + CH2 | 1 2",
            "3–5 | 3 4 5", "5 / 9 / 13 | 5 9 13", "Channel 12 | 12"})
    void notationsOfChartsAreRead(String cell, String expected) {
        assertThat(Addresses.of(cell)).contains(Arrays.stream(expected.split(" ")).map(Integer::valueOf).toList());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"2, 4, 10-12 | 2 4 10 11 12", "2 4;6 | 2 4 6", "1-9 | 1 2 3 4 5 6 7 8 9", "10 – 12 | 10 11 12"})
    void aListHasStretchesOfAnyLength(String list, String expected) {
        assertThat(Addresses.listed(list)).contains(Arrays.stream(expected.split(" ")).map(Integer::valueOf).toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Pan", "12-10", "500-513", "1,,", "1-2-"})
    void whatIsNoListIsNone(String list) {
        assertThat(Addresses.listed(list)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "0-255", "513", "Pan", "", "-", "1-9", "9-1", "CH"})
    void otherCellsAreNoAddresses(String cell) {
        assertThat(Addresses.of(cell)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"-", "–", "---", "n/a", "x"})
    void aDashSaysThatThereIsNone(String cell) {
        assertThat(Addresses.isDash(cell)).isTrue();
    }
}
