package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.wire.WireText;

/**
 * A node says who it is. Offsets: 10 address, 14 port (low byte first), 16 firmware, 18 NetSwitch, 19 SubSwitch, 20 OEM, 22 UBEA, 23
 * Status1, 24 ESTA (low byte first), 26 short name, 44 long name, 108 report, 172 ports, 174 their types, 178 and 182 how they are, 186 and
 * 190 their universes, 200 style, 201 MAC, 207 BindIp, 211 BindIndex, 212 Status2, 239 in all.
 *
 * @param ip IPv4, highest byte first. @param firmware in 16 bits. @param net in [0, 127]. @param subNet in [0, 15]
 * @param esta of its maker. @param shortName at most 17 bytes. @param longName at most 63. @param report {@code #0001 [0001] ...}
 * @param ports at most four. @param mac in the low 48 bits
 */
public record ArtPollReply(int ip, int port, int firmware, int net, int subNet, int oem, int status1, int esta, String shortName,
        String longName, String report, List<Port> ports, long mac, int bindIp, int bindIndex, int status2) implements ArtPacket {
    static final int CODE = 0x2100;
    /** What a port is: it puts out DMX. */
    public static final int OUTPUT = 0x80;
    private static final int SIZE = 239;
    private static final int MOST_PORTS = 4;
    private static final int SHORT = 18;
    private static final int LONG = 64;
    private static final int AFTER_PORTS = 6; // priority, macros, remotes, three spare
    private static final int MAC_BYTES = 6;
    private static final int LAST_SPARE = 26;

    public ArtPollReply {
        ports = List.copyOf(ports);
    }

    /** @param type 0x80 = it puts out DMX. @param in universe of its input, as of its output the low 4 bits of the port-address */
    public record Port(int type, int goodInput, int goodOutput, int in, int out) {}

    /** {@return the port-address of what a port puts out} */
    public int outputOf(Port each) {
        return net << 8 | subNet << 4 | each.out() & 0x0f;
    }

    static Optional<ArtPollReply> read(ByteBuffer in) {
        // older nodes send some bytes less at the end; what is missing there is zero
        int least = 207 - 10;
        if (in.remaining() < least) {
            return Optional.empty();
        }
        var whole = ByteBuffer.allocate(Math.max(SIZE - 10, in.remaining())).put(in).clear();
        int ip = whole.getInt();
        int port = Short.toUnsignedInt(Short.reverseBytes(whole.getShort()));
        int firmware = whole.getShort() & 0xffff;
        int net = whole.get() & 0x7f;
        int subNet = whole.get() & 0x0f;
        int oem = whole.getShort() & 0xffff;
        whole.get(); // UBEA
        int status1 = whole.get() & 0xff;
        int esta = Short.toUnsignedInt(Short.reverseBytes(whole.getShort()));
        var shortName = WireText.read(whole, SHORT);
        var longName = WireText.read(whole, LONG);
        var report = WireText.read(whole, LONG);
        int count = whole.getShort() & 0xffff;
        if (count > MOST_PORTS) {
            return Optional.empty();
        }
        var fields = new int[5][MOST_PORTS];
        for (var field : fields) {
            for (int i = 0; i < MOST_PORTS; i++) {
                field[i] = whole.get() & 0xff;
            }
        }
        var ports = new ArrayList<Port>();
        for (int i = 0; i < count; i++) {
            ports.add(new Port(fields[0][i], fields[1][i], fields[2][i], fields[3][i] & 0x0f, fields[4][i] & 0x0f));
        }
        Head.skip(whole, AFTER_PORTS + 1); // and the style, which is that of a node
        long mac = 0;
        for (int i = 0; i < MAC_BYTES; i++) {
            mac = mac << 8 | whole.get() & 0xff;
        }
        return Optional.of(new ArtPollReply(ip, port, firmware, net, subNet, oem, status1, esta, shortName, longName, report, ports, mac,
                whole.getInt(), whole.get() & 0xff, whole.get() & 0xff));
    }

    @Override
    public byte[] write() {
        var out = Head.bare(CODE, SIZE);
        out.putInt(ip).putShort(Short.reverseBytes((short) port)).putShort((short) firmware);
        out.put((byte) net).put((byte) subNet).putShort((short) oem).put((byte) 0).put((byte) status1);
        out.putShort(Short.reverseBytes((short) esta));
        WireText.write(out, shortName, SHORT);
        WireText.write(out, longName, LONG);
        WireText.write(out, report, LONG);
        out.putShort((short) ports.size());
        for (int field = 0; field < 5; field++) {
            for (int i = 0; i < MOST_PORTS; i++) {
                out.put((byte) (i < ports.size() ? field(ports.get(i), field) : 0));
            }
        }
        out.put(new byte[AFTER_PORTS]).put((byte) 0); // style 0: a node
        for (int i = MAC_BYTES - 1; i >= 0; i--) {
            out.put((byte) (mac >> 8 * i));
        }
        out.putInt(bindIp).put((byte) bindIndex).put((byte) status2).put(new byte[LAST_SPARE]);
        return out.array();
    }

    private static int field(Port port, int field) {
        return switch (field) {
            case 0 -> port.type();
            case 1 -> port.goodInput();
            case 2 -> port.goodOutput();
            case 3 -> port.in();
            default -> port.out();
        };
    }
}
