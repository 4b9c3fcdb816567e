package yellowkite.core.wire.sacn;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.wire.Bytes;

class SacnPacketTest {
    /** Written out by hand from the tables of ANSI E1.31: universe 258, three slots, priority 100, sequence 7. */
    private static final String BY_HAND = "0010" + "0000" + "4153432d45312e3137000000" // preamble, identifier
            + "7071" + "00000004" + "00112233445566778899aabbccddeeff" // 129 - 16 = 113 = 0x71
            + "705b" + "00000002" + "4b697465" + "00".repeat(60) // 129 - 38 = 91 = 0x5b; the name in 64 bytes
            + "64" + "0000" + "07" + "00" + "0102" // priority, synchronisation, sequence, options, universe
            + "700e" + "02" + "a1" + "0000" + "0001" + "0004" // 129 - 115 = 14; start code and three slots
            + "00" + "0a" + "80" + "ff";
    private static final SacnPacket PACKET = new SacnPacket(UUID.fromString("00112233-4455-6677-8899-aabbccddeeff"), "Kite", 100, 0, 7,
            false,
            false, false, 258, 0, Bytes.of((byte) 10, (byte) 128, (byte) 255));

    @Test
    void isWrittenAndReadByteForByte() {
        assertThat(HexFormat.of().formatHex(PACKET.write())).isEqualTo(BY_HAND);
        assertThat(SacnPacket.read(ByteBuffer.wrap(HexFormat.of().parseHex(BY_HAND)))).contains(PACKET);
    }

    @ParameterizedTest
    @CsvSource({"4, 0x42, no identifier", "17, 0x70, root length", "21, 5, root vector", "38, 0x60, framing flags", "43, 3, framing vector",
            "108, 201, priority", "116, 0x0f, DMP length", "117, 3, DMP vector", "118, 0xa0, type", "120, 1, first address",
            "122, 2, increment", "124, 5, count"})
    void whatLiesIsDropped(int at, String value, String what) {
        var bytes = PACKET.write();
        bytes[at] = Integer.decode(value).byteValue();

        assertThat(SacnPacket.read(ByteBuffer.wrap(bytes))).as(what).isEmpty();
    }

    @Test
    void universesBeyondTheStandardAreDropped() {
        for (int universe : new int[]{0, 64_000, 65_535}) {
            var packet = new SacnPacket(PACKET.cid(), "", 0, 0, 0, false, false, false, universe, 0, Bytes.NONE);

            assertThat(SacnPacket.read(ByteBuffer.wrap(packet.write()))).isEmpty();
        }
    }

    @Test
    void whatIsCutAtAnyLengthIsDropped() {
        var bytes = PACKET.write();
        for (int length = 0; length < bytes.length; length++) {
            assertThat(SacnPacket.read(ByteBuffer.wrap(Arrays.copyOf(bytes, length)))).isEmpty();
        }
        assertThat(SacnPacket.read(ByteBuffer.wrap(Arrays.copyOf(bytes, bytes.length + 1)))).isEmpty();
    }

    @Property
    void whatIsWrittenIsRead(@ForAll long high, @ForAll long low, @ForAll @AlphaChars @StringLength(max = 63) String source,
            @ForAll @IntRange(max = 200) int priority, @ForAll @IntRange(max = 255) int sequence, @ForAll boolean preview,
            @ForAll boolean terminated, @ForAll @IntRange(min = 1, max = 63_999) int universe, @ForAll @IntRange(max = 255) int startCode,
            @ForAll @Size(max = 512) byte[] slots) {
        var packet = new SacnPacket(new UUID(high, low), source, priority, universe % 7, sequence, preview, terminated, !preview, universe,
                startCode, Bytes.of(slots));

        assertThat(SacnPacket.read(ByteBuffer.wrap(packet.write()))).contains(packet);
    }

    @Property
    void noiseIsNeverMoreThanDropped(@ForAll @Size(max = 700) byte[] noise) {
        assertThat(SacnPacket.read(ByteBuffer.wrap(noise))).isEmpty();
    }

    @Test
    void aUniverseHasItsGroup() {
        assertThat(SacnPacket.groupOf(1)).isEqualTo("239.255.0.1");
        assertThat(SacnPacket.groupOf(63_999)).isEqualTo("239.255.249.255");
    }
}
