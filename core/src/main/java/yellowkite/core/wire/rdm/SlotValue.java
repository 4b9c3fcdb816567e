package yellowkite.core.wire.rdm;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.wire.Bytes;

/** The value that a slot starts at. Offsets: 0 slot from 0, 2 value. */
public record SlotValue(int offset, int value) {
    /** As many go into one message. */
    public static final int MOST = 77;
    private static final int SIZE = 3;

    public static Optional<List<SlotValue>> read(Bytes data) {
        if (data.size() % SIZE != 0) {
            return Optional.empty();
        }
        var in = data.reader();
        var slots = new ArrayList<SlotValue>();
        while (in.hasRemaining()) {
            slots.add(new SlotValue(in.getShort() & 0xffff, in.get() & 0xff));
        }
        return Optional.of(slots);
    }

    public static Bytes write(List<SlotValue> slots) {
        var out = ByteBuffer.allocate(slots.size() * SIZE);
        slots.forEach(each -> out.putShort((short) each.offset).put((byte) each.value));
        return Bytes.of(out.array());
    }
}
