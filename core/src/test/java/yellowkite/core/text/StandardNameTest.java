package yellowkite.core.text;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import static org.assertj.core.api.Assertions.assertThat;

class StandardNameTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"0.5 Hz | 0,5 Hz", "6.0° → 42° | 6,0 deg -> 42 deg", "Open / white | Open / white",
            "Fan: auto (hold 3 s) | Fan: auto (hold 3 s)", "min. diameter | min diameter", "Slow … fast | Slow - fast", "12–34 | 12-34",
            "[a] & b | (a) + b", "... | ''"})
    void whatTheStandardCannotHoldIsSpelledOtherwise(String words, String name) {
        assertThat(StandardName.of(words, 80)).isEqualTo(name);
    }

    @Test
    void aNameIsCutAtAWord() {
        assertThat(StandardName.of("A fixture with a rather long name", 20)).isEqualTo("A fixture with a");
        assertThat(StandardName.of("x".repeat(50), 20)).isEqualTo("x".repeat(20));
    }
}
