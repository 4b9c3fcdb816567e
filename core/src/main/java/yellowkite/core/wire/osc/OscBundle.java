package yellowkite.core.wire.osc;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Packets that belong together: the word {@code #bundle}, a time, then each packet behind its length. @param time NTP; 1 = at once */
public record OscBundle(long time, List<OscPacket> packets) implements OscPacket {
    static final byte[] WORD = "#bundle\0".getBytes(StandardCharsets.US_ASCII);

    public OscBundle {
        packets = List.copyOf(packets);
    }

    @Override
    public byte[] write() {
        var out = new ByteArrayOutputStream();
        out.writeBytes(WORD);
        out.writeBytes(ByteBuffer.allocate(Long.BYTES).putLong(time).array());
        for (var each : packets) {
            var bytes = each.write();
            out.writeBytes(ByteBuffer.allocate(Integer.BYTES).putInt(bytes.length).array());
            out.writeBytes(bytes);
        }
        return out.toByteArray();
    }

    @Override
    public List<OscMessage> messages() {
        return packets.stream().flatMap(each -> each.messages().stream()).toList();
    }
}
