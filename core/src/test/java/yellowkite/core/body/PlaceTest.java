package yellowkite.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlaceTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1.25, 0, 5 | 1.25, 0, 5", "1 2 3 | 1, 2, 3", "0,-2.5,6;0,0,90 | 0, -2.5, 6; 0, 0, 90",
            "1e-5, 0, 100 | 0, 0, 100"})
    void isReadAndWrittenAsItIsTyped(String typed, String words) {
        assertThat(Place.of(typed).words()).isEqualTo(words);
        assertThat(Place.of(words).words()).isEqualTo(words);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1, 2", "1, 2, x", "1, 2, 3, 4", "1,2,3;4,5", "1,2,3;4,5,6;7", "NaN, 0, 0", "1e9, 0, 0"})
    void whatIsNoPlaceIsRefusedWithAnExample(String typed) {
        assertThatThrownBy(() -> Place.of(typed)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("1.25, 0, 5; 0, 0, 90");
    }
}
