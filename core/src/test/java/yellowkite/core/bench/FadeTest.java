package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class FadeTest {
    private static byte[] bytes(int... values) {
        var bytes = new byte[values.length];
        for (int i = 0; i < values.length; i++) {
            bytes[i] = (byte) values[i];
        }
        return bytes;
    }

    @Test
    void eachSlotRunsByItselfAndIsRoundedHalfUp() {
        var fade = new Fade(bytes(0, 255, 10), bytes(255, 0, 10), List.of(), List.of());

        assertThat(fade.at(0)).isEqualTo(bytes(0, 255, 10));
        assertThat(fade.at(0.5)).isEqualTo(bytes(128, 128, 10)); // 127.5, both ways
        assertThat(fade.at(1)).isEqualTo(bytes(255, 0, 10));
    }

    @Test
    void aChannelOfTwoBytesRunsAsOneValue() {
        var fade = new Fade(bytes(0, 7, 0), bytes(1, 7, 0), List.of(List.of(0, 2)), List.of());

        // 0x0000 to 0x0100: a quarter is 64
        assertThat(fade.at(0.25)).isEqualTo(bytes(0, 7, 64));
        assertThat(fade.at(0.999)).isEqualTo(bytes(1, 7, 0)); // 255.7
        assertThat(fade.at(-1)).isEqualTo(bytes(0, 7, 0));
    }

    @Test
    void whatJumpsIsThereAtOnce() {
        var fade = new Fade(bytes(0, 0), bytes(200, 200), List.of(), List.of(1));

        assertThat(fade.at(0)).isEqualTo(bytes(0, 200));
        assertThat(fade.at(0.5)).isEqualTo(bytes(100, 200));
        assertThatThrownBy(() -> new Fade(bytes(0), bytes(0), List.of(), List.of(-1))).hasMessage("place -1 is outside");
    }

    @Test
    void whatDoesNotFitIsRefused() {
        assertThatThrownBy(() -> new Fade(bytes(0), bytes(), List.of(), List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Fade(bytes(0), bytes(0), List.of(List.of(1)), List.of())).hasMessage("place 1 is outside");
        assertThatThrownBy(() -> new Fade(bytes(0), bytes(0), List.of(List.of()), List.of())).hasMessage("a channel has 1 to 4 bytes");
    }
}
