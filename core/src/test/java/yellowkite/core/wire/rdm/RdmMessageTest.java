package yellowkite.core.wire.rdm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.util.HexFormat;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.rdm.RdmMessage.Command;

class RdmMessageTest {
    private static final Uid DEVICE = new Uid(0x7ff0, 1);
    private static final Uid US = new Uid(0x7ff1, 0xabcdef01L);
    private static final RdmMessage ASKED = new RdmMessage(DEVICE, US, 7, 1, 0, 0, Command.GET, Parameter.DEVICE_INFO, Bytes.NONE);
    /**
     * The sum by hand: cc 01 18 = 0xe5; 7f f0 01 = 0x170, together 0x255; 7f f1 ab cd ef 01 = 0x3d8, together 0x62d; 07 01 20 60 = 0x88,
     * together 0x6b5.
     */
    private static final String BY_HAND = "0118" + "7ff000000001" + "7ff1abcdef01" + "07" + "01" + "00" + "0000" + "20" + "0060" + "00"
            + "06b5";

    private static java.util.Optional<RdmMessage> read(byte[] bytes) {
        return RdmMessage.readWithoutStart(ByteBuffer.wrap(bytes));
    }

    @Test
    void isWrittenAndReadByteForByte() {
        assertThat(HexFormat.of().formatHex(ASKED.writeWithoutStart())).isEqualTo(BY_HAND);
        assertThat(read(HexFormat.of().parseHex(BY_HAND))).contains(ASKED);
    }

    @Test
    void aMessageWithAnyOneByteChangedIsDropped() {
        var bytes = ASKED.writeWithoutStart();
        for (int i = 0; i < bytes.length; i++) {
            var wrong = bytes.clone();
            wrong[i] ^= 0x10;
            assertThat(read(wrong)).as("byte " + i).isEmpty();
        }
    }

    @Test
    void anAnswerGoesBackWhereItWasAskedFrom() {
        var answer = ASKED.answer(DEVICE, RdmMessage.NACK, Bytes.of((byte) 0, (byte) 6));

        assertThat(answer.to()).isEqualTo(US);
        assertThat(answer.from()).isEqualTo(DEVICE);
        assertThat(answer.command()).isEqualTo(Command.GOT);
        assertThat(answer.transaction()).isEqualTo(7);
        assertThat(read(answer.writeWithoutStart())).contains(answer);
    }

    @Test
    void moreDataThanFitsIsRefused() {
        var long231 = new RdmMessage(DEVICE, US, 0, 0, 0, 0, Command.SET, 1, Bytes.of(new byte[231]));

        assertThat(read(long231.writeWithoutStart())).contains(long231);
        assertThatThrownBy(() -> new RdmMessage(DEVICE, US, 0, 0, 0, 0, Command.SET, 1, Bytes.of(new byte[232])).writeWithoutStart())
            .hasMessage("a message holds 231 bytes, not 232");
    }

    @Test
    void broadcastsIncludeThoseOfTheirMaker() {
        assertThat(Uid.ALL.includes(DEVICE)).isTrue();
        assertThat(new Uid(0x7ff0, 0xffffffffL).includes(DEVICE)).isTrue();
        assertThat(new Uid(0x7ff1, 0xffffffffL).includes(DEVICE)).isFalse();
        assertThat(US.includes(DEVICE)).isFalse();
        assertThat(Uid.parse("7ff0:00000001")).contains(DEVICE);
        assertThat(Uid.parse("7ff0:1")).isEmpty();
        assertThat(US).hasToString("7ff1:abcdef01");
    }

    @Test
    void whatADeviceSaysOfItselfByHand() {
        var info = new DeviceInfo(0x1234, DeviceInfo.MOVING, 0x01020304L, 22, 2, 3, 101, 0, 1);
        var byHand = "0100" + "1234" + "0102" + "01020304" + "0016" + "02" + "03" + "0065" + "0000" + "01";

        assertThat(info.write()).hasToString(byHand);
        assertThat(DeviceInfo.read(info.write())).contains(info);
        assertThat(DeviceInfo.read(Bytes.of(new byte[19]))).isEmpty();
        assertThat(DeviceInfo.read(Bytes.of(new byte[18]))).isEmpty();
    }

    @Test
    void personalitiesAndSlotsByHand() {
        assertThat(new Personality(2, 22, "Extended").write()).hasToString("020016" + "457874656e646564");
        assertThat(Personality.read(new Personality(2, 22, "Extended").write())).contains(new Personality(2, 22, "Extended"));
        assertThat(Personality.read(Bytes.of((byte) 1))).isEmpty();
        var slots = List.of(new SlotInfo(0, SlotInfo.PRIMARY, 0x0101), new SlotInfo(1, SlotInfo.FINE, 0));
        assertThat(SlotInfo.write(slots)).hasToString("0000" + "00" + "0101" + "0001" + "01" + "0000");
        assertThat(SlotInfo.read(SlotInfo.write(slots))).contains(slots);
        assertThat(SlotInfo.read(Bytes.of((byte) 1))).isEmpty();
        var values = List.of(new SlotValue(0, 128), new SlotValue(1, 0));
        assertThat(SlotValue.write(values)).hasToString("000080" + "000100");
        assertThat(SlotValue.read(SlotValue.write(values))).contains(values);
        assertThat(SlotValue.read(Bytes.of((byte) 1, (byte) 2))).isEmpty();
    }

    @Property
    void whatIsWrittenIsRead(@ForAll @IntRange(max = 0xffff) int maker, @ForAll int device, @ForAll @IntRange(max = 255) int transaction,
            @ForAll Command command, @ForAll @IntRange(max = 0xffff) int parameter, @ForAll @Size(max = 231) byte[] data) {
        var message = new RdmMessage(new Uid(maker, device & 0xffffffffL), US, transaction, 1, 2, 3, command, parameter, Bytes.of(data));

        assertThat(read(message.writeWithoutStart())).contains(message);
    }

    @Property
    void noiseIsNeverMoreThanDropped(@ForAll @Size(max = 300) byte[] noise) {
        read(noise).ifPresent(message -> assertThat(message.data().size()).isLessThan(noise.length));
    }
}
