package yellowkite.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HexIdTest {
    @ParameterizedTest
    @CsvSource({"7FF0, 32752", "0x7ff0, 32752", " 1 , 1", "0101h, 257", "FFFF, 65535", "0, 0"})
    void isReadInTheNotationsOfPeople(String typed, int id) {
        assertThat(HexId.read(typed)).contains(id);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "10000", "7FFG", "-1", "7F F0"})
    void anythingElseIsNone(String typed) {
        assertThat(HexId.read(typed)).isEmpty();
    }

    @Test
    void isWrittenInFourDigits() {
        assertThat(HexId.of(0x0101)).isEqualTo("0101");
        assertThat(HexId.of(0x7FF0)).isEqualTo("7FF0");
    }
}
