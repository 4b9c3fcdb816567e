package yellowkite.core.shape;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Builds chunks of a {@code .3ds}. */
final class ThreeDs {
    private ThreeDs() {}

    static byte[] chunk(int id, byte[]... inside) {
        int length = 6;
        for (var each : inside) {
            length += each.length;
        }
        var out = ByteBuffer.allocate(length).order(ByteOrder.LITTLE_ENDIAN).putShort((short) id).putInt(length);
        for (var each : inside) {
            out.put(each);
        }
        return out.array();
    }

    static byte[] text(String text) {
        return (text + "\0").getBytes(StandardCharsets.ISO_8859_1);
    }

    /** In millimetres. */
    static byte[] points(float... numbers) {
        var out = ByteBuffer.allocate(2 + 4 * numbers.length).order(ByteOrder.LITTLE_ENDIAN).putShort((short) (numbers.length / 3));
        for (float each : numbers) {
            out.putFloat(each);
        }
        return out.array();
    }

    static byte[] faces(int... corners) {
        var out = ByteBuffer.allocate(2 + 8 * (corners.length / 3)).order(ByteOrder.LITTLE_ENDIAN).putShort((short) (corners.length / 3));
        for (int i = 0; i < corners.length; i += 3) {
            out.putShort((short) corners[i]).putShort((short) corners[i + 1]).putShort((short) corners[i + 2]).putShort((short) 7);
        }
        return out.array();
    }

    /** One triangle of a metre by half a metre, 0.2 m up. */
    static byte[] triangle() {
        return file(points(0, 0, 200, 1000, 0, 200, 0, 500, 200), faces(0, 1, 2));
    }

    static byte[] file(byte[] points, byte[] faces) {
        return chunk(0x4D4D, chunk(0x3D3D, chunk(0x4000, text("Housing"), chunk(0x4100, chunk(0x4110, points), chunk(0x4120, faces)))));
    }
}
