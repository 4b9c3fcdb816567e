package yellowkite.core.wire.rdm;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.wire.Bytes;

/** What a slot is. Offsets: 0 slot from 0, 2 type, 3 id. @param id of a fine slot: the slot that it belongs to */
public record SlotInfo(int offset, int type, int id) {
    public static final int PRIMARY = 0x00;
    public static final int FINE = 0x01;
    /** As many go into one message. */
    public static final int MOST = 46;
    private static final int SIZE = 5;

    public static Optional<List<SlotInfo>> read(Bytes data) {
        if (data.size() % SIZE != 0) {
            return Optional.empty();
        }
        var in = data.reader();
        var slots = new ArrayList<SlotInfo>();
        while (in.hasRemaining()) {
            slots.add(new SlotInfo(in.getShort() & 0xffff, in.get() & 0xff, in.getShort() & 0xffff));
        }
        return Optional.of(slots);
    }

    public static Bytes write(List<SlotInfo> slots) {
        var out = ByteBuffer.allocate(slots.size() * SIZE);
        slots.forEach(each -> out.putShort((short) each.offset).put((byte) each.type).putShort((short) each.id));
        return Bytes.of(out.array());
    }
}
