package yellowkite.core.wire.artnet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.rdm.Parameter;
import yellowkite.core.wire.rdm.RdmMessage;
import yellowkite.core.wire.rdm.Uid;

class ArtPacketTest {
    private static final String HEAD = "4172742d4e657400";
    private static final Uid DEVICE = new Uid(0x7ff0, 1);
    private static final Uid US = new Uid(0x7ff1, 0xabcdef01L);
    /** GET DEVICE_INFO by hand; the sum is worked out in {@code RdmMessageTest}. */
    private static final String RDM = "01" + "18" + "7ff000000001" + "7ff1abcdef01" + "07" + "01" + "00" + "0000" + "20" + "0060" + "00"
            + "06b5";

    /** Each packet written out by hand from its table. */
    static Stream<Arguments> packets() {
        return Stream.of(
                Arguments.of(new ArtDmx(7, 2, 0x0123, Bytes.of((byte) 1, (byte) 255)),
                        HEAD + "0050" + "000e" + "07" + "02" + "23" + "01" + "0002" + "01ff"),
                Arguments.of(new ArtPoll(2, 0x10), HEAD + "0020" + "000e" + "02" + "10"),
                Arguments.of(new ArtTodRequest(List.of(0x0201, 0x0202)),
                        HEAD + "0080" + "000e" + "0000" + "00".repeat(7) + "02" + "00" + "02" + "0102" + "00".repeat(30)),
                Arguments.of(new ArtTodControl(0x0203, ArtTodControl.FLUSH),
                        HEAD + "0082" + "000e" + "0000" + "00".repeat(7) + "02" + "01" + "03"),
                Arguments.of(new ArtTodData(0x0203, 1, 1, 2, 0, List.of(DEVICE, US)),
                        HEAD + "0081" + "000e" + "01" + "01" + "00".repeat(6) + "01" + "02" + "00" + "03" + "0002" + "00" + "02"
                                + "7ff000000001" + "7ff1abcdef01"),
                Arguments.of(
                        new ArtRdm(0x0203,
                                new RdmMessage(DEVICE, US, 7, 1, 0, 0, RdmMessage.Command.GET, Parameter.DEVICE_INFO, Bytes.NONE)),
                        HEAD + "0083" + "000e" + "01" + "00" + "00".repeat(7) + "02" + "00" + "03" + RDM),
                Arguments.of(
                        new ArtPollReply(0x7f000001, 6454, 0x0102, 1, 2, 0x7fff, 0xd0, 0x7ff0, "Sim", "Simulated", "#0001 [0001] ok",
                                List.of(new ArtPollReply.Port(0x80, 0, 0x80, 0, 3)), 0x020304050607L, 0x7f000001, 1, 8),
                        HEAD + "0021" + "7f000001" + "3619" + "0102" + "01" + "02" + "7fff" + "00" + "d0" + "f07f" + "53696d"
                                + "00".repeat(15) + "53696d756c61746564" + "00".repeat(55) + "2330303031205b303030315d206f6b"
                                + "00".repeat(49) + "0001" + "80000000" + "00000000" + "80000000" + "00000000" + "03000000"
                                + "00".repeat(7) + "020304050607" + "7f000001" + "01" + "08" + "00".repeat(26)));
    }

    @ParameterizedTest
    @MethodSource("packets")
    void isWrittenAndReadByteForByte(ArtPacket packet, String byHand) {
        assertThat(HexFormat.of().formatHex(packet.write())).isEqualTo(byHand);
        assertThat(ArtPacket.read(ByteBuffer.wrap(HexFormat.of().parseHex(byHand)))).contains(packet);
    }

    @ParameterizedTest
    @MethodSource("packets")
    void whatIsCutAtAnyLengthIsDroppedOrStillWhole(ArtPacket packet, String byHand) {
        var bytes = HexFormat.of().parseHex(byHand);
        for (int length = 0; length < bytes.length; length++) {
            // what is left out at the end may be fill: of a table of ports, and of a node's newest fields
            assertThat(ArtPacket.read(ByteBuffer.wrap(Arrays.copyOf(bytes, length)))).satisfiesAnyOf(cut -> assertThat(cut).isEmpty(),
                    cut -> assertThat(packet).isInstanceOfAny(ArtTodRequest.class, ArtPollReply.class));
        }
    }

    @Test
    void aReplyIsAsLongAsTheStandardWants() {
        var reply = new ArtPollReply(0, 0, 0, 0, 0, 0, 0, 0, "n".repeat(40), "\u20ac".repeat(40), "", List.of(), 0, 0, 0, 0);

        var read = (ArtPollReply) ArtPacket.read(ByteBuffer.wrap(reply.write())).orElseThrow();

        assertThat(reply.write()).hasSize(239);
        assertThat(read.shortName()).isEqualTo("n".repeat(17));
        assertThat(read.longName()).isEqualTo("\u20ac".repeat(21)); // 63 bytes, three a letter
    }

    @Test
    void whatLiesIsDropped() {
        var dmx = new ArtDmx(0, 0, 0, Bytes.of((byte) 1, (byte) 2)).write();
        for (var wrong : List.of("16:02", "17:01", "17:03", "17:00", "15:80", "10:ff", "11:0d", "0:42", "8:01")) {
            var bytes = dmx.clone();
            int at = Integer.parseInt(wrong.split(":")[0]);
            bytes[at] = (byte) Integer.parseInt(wrong.split(":")[1], 16);
            if (at != 10) { // a later protocol is still ours
                assertThat(ArtPacket.read(ByteBuffer.wrap(bytes))).as(wrong).isEmpty();
            }
        }
    }

    @Property
    void levelsAreReadAsTheyWereWritten(@ForAll @IntRange(max = 255) int sequence, @ForAll @IntRange(max = 0x7fff) int port,
            @ForAll @Size(max = 256) byte[] half) {
        var slots = Arrays.copyOf(half, Math.max(2, 2 * half.length));
        var packet = new ArtDmx(sequence, 3, port, Bytes.of(slots));

        assertThat(ArtPacket.read(ByteBuffer.wrap(packet.write()))).contains(packet);
    }

    @Property
    void noiseIsNeverMoreThanDropped(@ForAll @Size(max = 300) byte[] noise, @ForAll @IntRange(max = 0x83) int code) {
        var bytes = Arrays.copyOf(HexFormat.of().parseHex(HEAD + "00" + String.format("%02x", code) + "000e"), 12 + noise.length);
        System.arraycopy(noise, 0, bytes, 12, noise.length);

        ArtPacket.read(ByteBuffer.wrap(bytes)).ifPresent(packet -> assertThat(packet.write()).isNotEmpty());
        assertThat(ArtPacket.read(ByteBuffer.wrap(noise))).isEmpty();
    }
}
