package yellowkite.core.wire.osc;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.wire.Bytes;

class OscPacketTest {
    /** By hand: "/fader" in 8 bytes, ",fis" in 8, 0.5 = 3f000000, 258, "go". */
    private static final String BY_HAND = "2f66616465720000" + "2c66697300000000" + "3f000000" + "00000102" + "676f0000";
    private static final OscMessage MESSAGE = new OscMessage("/fader",
            List.of(new OscValue.Figure(0.5f), new OscValue.Whole(258), new OscValue.Words("go")));

    private static java.util.Optional<OscPacket> read(byte[] bytes) {
        return OscPacket.read(ByteBuffer.wrap(bytes));
    }

    @Test
    void isWrittenAndReadByteForByte() {
        assertThat(HexFormat.of().formatHex(MESSAGE.write())).isEqualTo(BY_HAND);
        assertThat(read(HexFormat.of().parseHex(BY_HAND))).contains(MESSAGE);
        var bundle = new OscBundle(1, List.of(MESSAGE));
        assertThat(HexFormat.of().formatHex(bundle.write())).isEqualTo("2362756e646c6500" + "0000000000000001" + "0000001c" + BY_HAND);
        assertThat(read(bundle.write())).contains(bundle);
    }

    @Test
    void whatIsCutAtAnyLengthIsDropped() {
        var bytes = new OscBundle(1, List.of(MESSAGE)).write();
        for (int length = 0; length < bytes.length; length++) {
            if (length != 16) { // an empty bundle is one
                assertThat(read(Arrays.copyOf(bytes, length))).as("cut at " + length).isEmpty();
            }
        }
    }

    @Test
    void bundlesInEachOtherAThousandDeepAreDropped() {
        OscPacket deep = MESSAGE;
        for (int i = 0; i < 16; i++) {
            deep = new OscBundle(1, List.of(deep));
        }
        assertThat(read(deep.write())).contains(deep);
        for (int i = 16; i < 1_000; i++) {
            deep = new OscBundle(1, List.of(deep));
        }
        assertThat(read(deep.write())).isEmpty();
    }

    @Test
    void whatNobodyCanReadIsDropped() {
        for (var wrong : List.of("66616465" + "00000000", "2f610000" + "2c680000" + "0000000000000001", "2f610000" + "66000000",
                "2f610000" + "2c620000" + "7fffffff", "2f610000" + "2c620000" + "ffffffff",
                "2362756e646c6500" + "0000000000000001" + "00000000",
                "2362756e646c6500" + "0000000000000001" + "7ffffffc" + "00000000")) {
            assertThat(read(HexFormat.of().parseHex(wrong))).as(wrong).isEmpty();
        }
    }

    @Provide
    Arbitrary<OscValue> values() {
        return Arbitraries.oneOf(Arbitraries.integers().map(OscValue.Whole::new), Arbitraries.floats().map(OscValue.Figure::new),
                Arbitraries.strings().alpha().map(OscValue.Words::new),
                Arbitraries.bytes().array(byte[].class).map(each -> new OscValue.Blob(Bytes.of(each))),
                Arbitraries.of(OscValue.Sign.values()));
    }

    @Property
    void whatIsWrittenIsRead(@ForAll @Size(max = 20) List<@net.jqwik.api.From("values") OscValue> values) {
        var message = new OscMessage("/a/b", values);

        assertThat(read(message.write())).contains(message);
        assertThat(read(new OscBundle(7, List.of(message, message)).write()).orElseThrow().messages()).containsExactly(message, message);
    }

    @Property
    void noiseIsNeverMoreThanDropped(@ForAll @Size(max = 200) byte[] noise) {
        read(noise).ifPresent(packet -> assertThat(packet.write()).isNotEmpty());
    }

    @ParameterizedTest
    @CsvSource(value = {"/a/b | /a/b | true", "/a/b | /a/c | false", "/a/? | /a/b | true", "/a/? | /a/ | false", "/*/b | /aaa/b | true",
            "/* | /a/b | false", "/a*c/d | /abbc/d | true", "/[a-c]x | /bx | true", "/[!a-c]x | /bx | false", "/[!a-c]x | /dx | true",
            "/{left,right}/1 | /right/1 | true", "/{left,right}/1 | /middle/1 | false", "/a[b | /ab | false", "/a{b | /ab | false",
            "/**************x | /aaaaaaaaaaaaaaaaaaaaaaaaaaaay | false", "/[a-]b | /-b | true"}, delimiter = '|')
    void patternsMeanAddresses(String pattern, String address, boolean meant) {
        assertThat(OscPattern.matches(pattern, address)).isEqualTo(meant);
    }
}
