package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DipSwitchesTest {
    private static String up(DipSwitches switches) {
        return IntStream.range(0, switches.on().size())
            .filter(i -> switches.on().get(i))
            .mapToObj(i -> String.valueOf(i + 1))
            .collect(Collectors.joining(" "));
    }

    /** By hand: switch n counts 2^(n-1), so 201 = 128 + 64 + 8 + 1. */
    @ParameterizedTest
    @CsvSource({"1, false, 0, 1, 1", "1, true, 0, 0, ''", "201, false, 0, 201, 1 4 7 8", "201, true, 0, 200, 4 7 8",
            "511, false, 0, 511, 1 2 3 4 5 6 7 8 9", "512, true, 0, 511, 1 2 3 4 5 6 7 8 9", "1, false, 256, 257, 1 9"})
    void showTheAddressInBinary(int address, boolean fromZero, int offset, int value, String up) {
        var switches = DipSwitches.of(address, fromZero, offset);

        assertThat(switches.value()).isEqualTo(value);
        assertThat(up(switches)).isEqualTo(up);
        assertThat(switches.on()).hasSize(9);
        assertThat(switches.fits()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"512, false, 0", "1, true, 512", "300, false, 256"})
    void nineOfThemCannotShowEverything(int address, boolean fromZero, int offset) {
        assertThat(DipSwitches.of(address, fromZero, offset).fits()).isFalse();
    }
}
