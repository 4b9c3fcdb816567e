package yellowkite.core.wire.osc;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import yellowkite.core.wire.Bytes;

/** Reads one datagram. */
final class OscReading {
    private static final int WORD = 4;
    private int packets;

    /** It is not whole and true. */
    static final class Broken extends Exception {
        private static final long serialVersionUID = 1;

        Broken() {
            super(null, null, false, false);
        }
    }

    OscPacket packet(ByteBuffer in, int depth) throws Broken {
        if (depth > OscPacket.DEEPEST || ++packets > OscPacket.MOST || !in.hasRemaining() || in.remaining() % WORD != 0) {
            throw new Broken();
        }
        return in.get(in.position()) == '#' ? bundle(in, depth) : message(in);
    }

    private OscBundle bundle(ByteBuffer in, int depth) throws Broken {
        if (in.remaining() < OscBundle.WORD.length + Long.BYTES) {
            throw new Broken();
        }
        for (byte each : OscBundle.WORD) {
            if (in.get() != each) {
                throw new Broken();
            }
        }
        long time = in.getLong();
        var inside = new ArrayList<OscPacket>();
        while (in.hasRemaining()) {
            int size = in.remaining() < WORD ? -1 : in.getInt();
            if (size <= 0 || size > in.remaining()) {
                throw new Broken();
            }
            inside.add(packet(in.slice(in.position(), size), depth + 1));
            in.position(in.position() + size);
        }
        return new OscBundle(time, inside);
    }

    private static OscMessage message(ByteBuffer in) throws Broken {
        var address = text(in);
        if (!address.startsWith("/")) {
            throw new Broken();
        }
        var values = new ArrayList<OscValue>();
        if (in.hasRemaining()) { // very old senders leave the types out
            var types = text(in);
            if (!types.startsWith(",")) {
                throw new Broken();
            }
            for (char type : types.substring(1).toCharArray()) {
                values.add(value(in, type));
            }
        }
        return new OscMessage(address, values);
    }

    private static OscValue value(ByteBuffer in, char type) throws Broken {
        return switch (type) {
            case 'i' -> new OscValue.Whole(word(in).getInt());
            case 'f' -> new OscValue.Figure(word(in).getFloat());
            case 's' -> new OscValue.Words(text(in));
            case 'b' -> blob(in);
            case 'T' -> OscValue.Sign.TRUE;
            case 'F' -> OscValue.Sign.FALSE;
            case 'N' -> OscValue.Sign.NONE;
            case 'I' -> OscValue.Sign.IMPULSE;
            default -> throw new Broken(); // how long it is, nobody can say
        };
    }

    private static ByteBuffer word(ByteBuffer in) throws Broken {
        if (in.remaining() < WORD) {
            throw new Broken();
        }
        return in;
    }

    private static OscValue blob(ByteBuffer in) throws Broken {
        int size = word(in).getInt();
        if (size < 0 || size > in.remaining()) {
            throw new Broken();
        }
        var bytes = Bytes.next(in, size);
        fill(in, size);
        return new OscValue.Blob(bytes);
    }

    private static String text(ByteBuffer in) throws Broken {
        int begin = in.position();
        int end = begin;
        while (end < in.limit() && in.get(end) != 0) {
            end++;
        }
        if (end == in.limit()) {
            throw new Broken();
        }
        var bytes = new byte[end - begin];
        in.get(bytes);
        in.get();
        fill(in, bytes.length + 1);
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private static void fill(ByteBuffer in, int size) throws Broken {
        int missing = Math.floorMod(-size, WORD);
        if (in.remaining() < missing) {
            throw new Broken();
        }
        in.position(in.position() + missing);
    }
}
