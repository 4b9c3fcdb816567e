package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.Optional;
import yellowkite.core.wire.rdm.RdmMessage;

/**
 * An RDM message, asked or answered. Offsets: 12 RDM version, 13 filler, 14 seven spare, 21 Net, 22 command 0, 23 port, 24 the message
 * without its start code.
 */
public record ArtRdm(int portAddress, RdmMessage message) implements ArtPacket {
    static final int CODE = 0x8300;
    private static final int MESSAGE_AT = 24;
    private static final int SPARE = 7;

    static Optional<ArtRdm> read(ByteBuffer in) {
        if (in.remaining() < MESSAGE_AT - Head.SIZE) {
            return Optional.empty();
        }
        in.get(); // RDM version
        in.get(); // filler
        Head.skip(in, SPARE);
        int net = in.get() & 0x7f;
        int command = in.get() & 0xff;
        int low = in.get() & 0xff;
        return command != 0 ? Optional.empty() : RdmMessage.readWithoutStart(in).map(each -> new ArtRdm(net << 8 | low, each));
    }

    @Override
    public byte[] write() {
        var rdm = message.writeWithoutStart();
        return Head.begin(CODE, MESSAGE_AT + rdm.length)
            .put((byte) 1)
            .put((byte) 0)
            .put(new byte[SPARE])
            .put((byte) (portAddress >> 8))
            .put((byte) 0)
            .put((byte) portAddress)
            .put(rdm)
            .array();
    }
}
