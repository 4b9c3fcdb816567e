package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FaderTest {
    @ParameterizedTest
    @CsvSource({
            "0, 255, 0, 1, 255, 65535, 65535", // a slot onto 16 bits
            "0, 255, 0, 1, 128, 65535, 32896", // 128 / 255 * 65535 = 32896
            "0, 1, 0, 1, 0.5, 255, 128", // 127.5, half up
            "0, 1, 0.25, 0.5, 1, 255, 128", // 127.5
            "0, 1, 0.25, 0.5, 0, 255, 64", // 63.75
            "1, 0, 0, 1, 1, 255, 0", // the other way round
            "0, 1, 1, 0, 1, 255, 0",
            "0, 1, 0, 1, 7, 255, 255", // beyond its end
            "0, 1, 0, 1, -3, 255, 0"})
    void aValueIsScaledOntoItsChannel(double from, double to, double low, double high, double value, long max, long raw) {
        assertThat(new Fader("/1/fader1", 0, from, to, low, high).raw(value, max)).isEqualTo(raw);
    }

    @Test
    void whatGoesNowhereIsRefused() {
        assertThatThrownBy(() -> new Fader("/a", 0, 1, 1, 0, 1)).hasMessage("The two ends of a control differ.");
        assertThatThrownBy(() -> new Fader("/a", 0, 0, Double.NaN, 0, 1)).hasMessage("The two ends of a control differ.");
        assertThatThrownBy(() -> new Fader("/a", 0, 0, 1, 0, 1.5)).hasMessage("A channel is from 0 to 100 %.");
    }
}
