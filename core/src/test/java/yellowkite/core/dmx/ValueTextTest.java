package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.dmx.ValueText.Form;

class ValueTextTest {
    @ParameterizedTest
    @CsvSource({
            "200,      1, VALUE,   200",
            "32768,    2, VALUE,   32768",
            "50 %,     1, VALUE,   128", // 127.5, half up
            "50%,      2, VALUE,   32768",
            "'33,3',   1, PERCENT, 85", // 84.9
            "100,      4, PERCENT, 4294967295",
            "0xFF,     2, VALUE,   255",
            "80h,      1, VALUE,   128",
            "80,       1, HEX,     128",
            "128:0,    2, VALUE,   32768",
            "128:1,    3, VALUE,   8388864", // 128 * 65536 + 1 * 256
            "127,      2, BYTES,   32512",
    })
    void readsWhatIsTyped(String text, int bytes, Form form, long raw) {
        assertThat(ValueText.read(text, bytes, form)).isEqualTo(new ValueText.Read(raw, null));
    }

    /** The same table tells the page how it writes them. */
    @ParameterizedTest
    @CsvFileSource(resources = "written-values.csv", useHeadersInDisplayName = true)
    void whatAPageWritesIsReadAsTheSameValue(long raw, int bytes, Form form, String text) {
        assertThat(ValueText.read(text, bytes, form)).isEqualTo(new ValueText.Read(raw, null));
    }

    @ParameterizedTest
    @CsvSource({
            "256,   1, VALUE,   Values of this channel lie from 0 to 255; 256 is outside.",
            "101 %, 1, VALUE,   A percentage lies from 0 to 100.",
            "1:2,   1, VALUE,   This channel has one byte; 2 were given.",
            "1:300, 2, VALUE,   A byte lies from 0 to 255; 300 is outside.",
    })
    void saysWhyItIsNone(String text, int bytes, Form form, String reason) {
        assertThat(ValueText.read(text, bytes, form).reason()).isEqualTo(reason);
    }

    @ParameterizedTest
    @CsvSource({"-1", "open", "1e3", "''", "0x", "%", "99999999999"})
    void whatIsNoValueIsToldWhatWouldBe(String text) {
        assertThat(ValueText.read(text, 2, Form.VALUE).reason()).startsWith("Type a value from 0 to 65535, bytes such as 128:0");
    }
}
