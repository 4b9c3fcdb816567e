package yellowkite.core.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DmxValueTest {

    @ParameterizedTest
    @CsvSource({
            // raw, bytes, width, mirrored, shifted
            "255, 1, 1, 255, 255",
            "255, 1, 2, 65535, 65280",
            "128, 1, 2, 32896, 32768",
            "127, 1, 2, 32639, 32512",
            "0, 1, 4, 0, 0",
            "1, 1, 4, 16843009, 16777216",
            "4660, 2, 1, 18, 18", // 0x1234 -> 0x12
            "4660, 2, 3, 1192978, 1192960", // 0x123412, 0x123400
            "4660, 2, 4, 305402420, 305397760", // 0x12341234, 0x12340000
            "16777215, 3, 2, 65535, 65535",
    })
    void comesToAChannelOfAnotherWidth(long raw, int bytes, int width, long mirrored, long shifted) {
        assertThat(new DmxValue(raw, bytes).at(width)).isEqualTo(mirrored);
        assertThat(new DmxValue(raw, bytes, true).at(width)).isEqualTo(shifted);
    }

    @ParameterizedTest
    @CsvSource({"1, 255", "2, 65535", "3, 16777215", "4, 4294967295"})
    void isFullAtItsLargestValue(int bytes, long max) {
        assertThat(DmxValue.max(bytes)).isEqualTo(max);
        assertThat(new DmxValue(max, bytes).fraction()).isEqualTo(1.0);
        assertThat(new DmxValue(0, bytes).fraction()).isEqualTo(0.0);
        assertThatThrownBy(() -> new DmxValue(max + 1, bytes)).isInstanceOf(IllegalArgumentException.class)
            .hasMessage("raw must be in [0, " + max + "], was " + (max + 1));
    }

    @Test
    void refusesWidthsThatNoChannelHas() {
        assertThatThrownBy(() -> new DmxValue(0, 0)).hasMessage("bytes must be in [1, 4], was 0");
        assertThatThrownBy(() -> new DmxValue(0, 5)).hasMessage("bytes must be in [1, 4], was 5");
        assertThatThrownBy(() -> DmxValue.ZERO.at(5)).hasMessage("width must be in [1, 4], was 5");
    }

    @Test
    void mirroringKeepsTheOrderOfValues() {
        for (int raw = 1; raw <= 255; raw++) {
            assertThat(new DmxValue(raw, 1).at(3)).isGreaterThan(new DmxValue(raw - 1, 1).at(3));
        }
    }
}
