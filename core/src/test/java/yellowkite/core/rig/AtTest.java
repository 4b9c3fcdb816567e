package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AtTest {
    @ParameterizedTest
    @CsvSource({"1.1, 1, 1, 1", "2.1, 2, 1, 513", "2/17, 2, 17, 529", "' 3 . 512 ', 3, 512, 1536", "1, 1, 1, 1", "512, 1, 512, 512",
            "513, 2, 1, 513", "1025, 3, 1, 1025", "63999.512, 63999, 512, 32767488", "32767488, 63999, 512, 32767488"})
    void readsUniverseAndAddressAndTheAbsoluteNumber(String text, int universe, int address, int absolute) {
        var at = At.of(text);

        assertThat(at).isEqualTo(new At(universe, address));
        assertThat(at.absolute()).isEqualTo(absolute);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1.0 | Address 0 does not exist: a universe has addresses 1 to 512.",
            "1.513 | Address 513 does not exist: a universe has addresses 1 to 512.",
            "0.1 | Universe 0 does not exist: there are universes 1 to 63999.",
            "64000.1 | Universe 64000 does not exist: there are universes 1 to 63999.",
            "0 | Address 0 does not exist: addresses begin at 1.",
            "32767489 | Universe 64000 does not exist: there are universes 1 to 63999.",
            "2. | '2.' is no address. Write universe and address, such as 2.1, or the absolute address, such as 513.",
            "-3 | '-3' is no address. Write universe and address, such as 2.1, or the absolute address, such as 513.",
            "9999999999 | '9999999999' is no address. Write universe and address, such as 2.1, or the absolute address, such as 513."})
    void saysWhyThereIsNoSuchAddress(String text, String sentence) {
        assertThatThrownBy(() -> At.of(text)).isInstanceOf(IllegalArgumentException.class).hasMessage(sentence);
    }
}
