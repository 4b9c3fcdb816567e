package yellowkite.core.wire.rdm;

import java.nio.ByteBuffer;
import java.util.Optional;
import yellowkite.core.wire.Bytes;

/**
 * What a device says of itself first. Offsets: 0 version 0x0100, 2 model, 4 category, 6 software, 10 footprint, 12 personality now, 13
 * personalities, 14 start address, 16 sub-devices, 18 sensors.
 *
 * @param software in [0, 2^32 - 1]. @param personality from 1. @param address 1 to 512; {@link #NO_ADDRESS} without any
 */
public record DeviceInfo(int model, int category, long software, int footprint, int personality, int personalities, int address,
        int subDevices, int sensors) {
    public static final int NO_ADDRESS = 0xffff;
    public static final int FIXED = 0x0101;
    public static final int MOVING = 0x0102;
    private static final int VERSION = 0x0100;
    private static final int SIZE = 19;

    public static Optional<DeviceInfo> read(Bytes data) {
        if (data.size() != SIZE) {
            return Optional.empty();
        }
        var in = data.reader();
        if ((in.getShort() & 0xffff) != VERSION) {
            return Optional.empty();
        }
        return Optional.of(new DeviceInfo(in.getShort() & 0xffff, in.getShort() & 0xffff, in.getInt() & 0xffffffffL,
                in.getShort() & 0xffff, in.get() & 0xff, in.get() & 0xff, in.getShort() & 0xffff, in.getShort() & 0xffff, in.get() & 0xff));
    }

    public Bytes write() {
        return Bytes.of(ByteBuffer.allocate(SIZE)
            .putShort((short) VERSION)
            .putShort((short) model)
            .putShort((short) category)
            .putInt((int) software)
            .putShort((short) footprint)
            .put((byte) personality)
            .put((byte) personalities)
            .putShort((short) address)
            .putShort((short) subDevices)
            .put((byte) sensors)
            .array());
    }
}
