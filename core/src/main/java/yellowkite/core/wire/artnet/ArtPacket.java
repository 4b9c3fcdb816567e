package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.Optional;

/** A packet of Art-Net that we speak. A port-address is {@code net * 256 + sub-net * 16 + universe}, from 0, in 15 bits. */
public sealed interface ArtPacket permits ArtDmx, ArtPoll, ArtPollReply, ArtTodRequest, ArtTodControl, ArtTodData, ArtRdm {
    int PORT = 6454;
    int LARGEST_PORT_ADDRESS = 0x7fff;

    /** {@return the packet; empty where it is not whole and true, or of a kind that we do not speak} @param in from its position on */
    static Optional<ArtPacket> read(ByteBuffer in) {
        if (!Head.isNext(in)) {
            return Optional.empty();
        }
        int code = Short.toUnsignedInt(Short.reverseBytes(in.getShort()));
        if (code == ArtPollReply.CODE) { // the one without a protocol version
            return ArtPollReply.read(in).map(each -> each);
        }
        if (in.remaining() < 2 || (in.getShort() & 0xffff) < Head.VERSION) {
            return Optional.empty();
        }
        return switch (code) {
            case ArtDmx.CODE -> ArtDmx.read(in).map(each -> each);
            case ArtPoll.CODE -> ArtPoll.read(in).map(each -> each);
            case ArtTodRequest.CODE -> ArtTodRequest.read(in).map(each -> each);
            case ArtTodControl.CODE -> ArtTodControl.read(in).map(each -> each);
            case ArtTodData.CODE -> ArtTodData.read(in).map(each -> each);
            case ArtRdm.CODE -> ArtRdm.read(in).map(each -> each);
            default -> Optional.empty();
        };
    }

    /** {@return the packet as it goes out} */
    byte[] write();
}
