package yellowkite.core.wire.rdm;

import java.nio.ByteBuffer;
import java.util.Optional;
import yellowkite.core.wire.Bytes;

/**
 * One message. Offsets, with the start code: 0 start code 0xCC, 1 sub-start 0x01, 2 length without the checksum, 3 to, 9 from, 15
 * transaction, 16 port or response type, 17 message count, 18 sub-device, 20 command class, 21 parameter, 23 length of its data, 24 data,
 * then the checksum.
 *
 * @param portOrResponse asked: the port, from 1; answered: {@link #ACK} and its like. @param waiting messages that the device has to tell
 * @param data at most 231 bytes
 */
public record RdmMessage(Uid to, Uid from, int transaction, int portOrResponse, int waiting, int subDevice, Command command, int parameter,
        Bytes data) {
    public static final int ACK = 0;
    public static final int ACK_TIMER = 1;
    public static final int NACK = 2;
    public static final int ACK_OVERFLOW = 3;
    public static final int MOST_DATA = 231;
    private static final int START = 0xcc;
    private static final int SUB_START = 0x01;
    private static final int HEAD = 24;
    private static final int CHECKSUM = 2;

    /** What is asked for. */
    public enum Command {
        DISCOVER(0x10), DISCOVERED(0x11), GET(0x20), GOT(0x21), SET(0x30), WAS_SET(0x31);

        private final int code;

        Command(int code) {
            this.code = code;
        }

        /** {@return the class of the answer} */
        public Command answer() {
            return switch (this) {
                case DISCOVER, DISCOVERED -> DISCOVERED;
                case GET, GOT -> GOT;
                case SET, WAS_SET -> WAS_SET;
            };
        }

        public boolean isAnswer() {
            return this == answer();
        }

        private static Optional<Command> of(int code) {
            for (var each : values()) {
                if (each.code == code) {
                    return Optional.of(each);
                }
            }
            return Optional.empty();
        }
    }

    /** {@return the answer to this message} */
    public RdmMessage answer(Uid by, int response, Bytes with) {
        return new RdmMessage(from, by, transaction, response, 0, subDevice, command.answer(), parameter, with);
    }

    /** {@return the message; empty where its checksum, its length or its class is not right} @param in behind the start code */
    public static Optional<RdmMessage> readWithoutStart(ByteBuffer in) {
        int begin = in.position();
        if (in.remaining() < HEAD - 1 + CHECKSUM || in.get() != SUB_START) {
            return Optional.empty();
        }
        int length = in.get() & 0xff;
        if (length < HEAD || in.limit() - begin < length - 1 + CHECKSUM) {
            return Optional.empty();
        }
        int sum = START;
        for (int i = begin; i < begin + length - 1; i++) {
            sum += in.get(i) & 0xff;
        }
        int said = in.getShort(begin + length - 1) & 0xffff;
        var to = Uid.read(in);
        var from = Uid.read(in);
        int transaction = in.get() & 0xff;
        int portOrResponse = in.get() & 0xff;
        int waiting = in.get() & 0xff;
        int subDevice = in.getShort() & 0xffff;
        var command = Command.of(in.get() & 0xff);
        int parameter = in.getShort() & 0xffff;
        int size = in.get() & 0xff;
        if ((sum & 0xffff) != said || size != length - HEAD || command.isEmpty()) {
            return Optional.empty();
        }
        return Optional
            .of(new RdmMessage(to, from, transaction, portOrResponse, waiting, subDevice, command.get(), parameter, Bytes.next(in, size)));
    }

    /** {@return the message as it goes over Art-Net} @throws IllegalArgumentException with more data than a message holds */
    public byte[] writeWithoutStart() {
        if (data.size() > MOST_DATA) {
            throw new IllegalArgumentException("a message holds " + MOST_DATA + " bytes, not " + data.size());
        }
        int length = HEAD + data.size();
        var out = ByteBuffer.allocate(length - 1 + CHECKSUM);
        out.put((byte) SUB_START).put((byte) length);
        to.write(out);
        from.write(out);
        out.put((byte) transaction).put((byte) portOrResponse).put((byte) waiting).putShort((short) subDevice).put((byte) command.code);
        out.putShort((short) parameter).put((byte) data.size());
        data.writeTo(out);
        int sum = START;
        for (int i = 0; i < length - 1; i++) {
            sum += out.get(i) & 0xff;
        }
        return out.putShort((short) sum).array();
    }
}
