package yellowkite.core.wire.rdm;

import java.nio.ByteBuffer;
import java.util.Optional;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.WireText;

/** A personality as a device describes it. Offsets: 0 number from 1, 1 footprint, 3 text. */
public record Personality(int number, int footprint, String text) {
    private static final int HEAD = 3;

    public static Optional<Personality> read(Bytes data) {
        if (data.size() < HEAD) {
            return Optional.empty();
        }
        var in = data.reader();
        return Optional.of(new Personality(in.get() & 0xff, in.getShort() & 0xffff, WireText.read(in, in.remaining())));
    }

    public Bytes write() {
        var words = WireText.cut(text, Parameter.LONGEST);
        return Bytes.of(ByteBuffer.allocate(HEAD + words.length).put((byte) number).putShort((short) footprint).put(words).array());
    }
}
