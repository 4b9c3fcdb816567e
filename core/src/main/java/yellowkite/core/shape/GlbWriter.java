package yellowkite.core.shape;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Writes a shape as {@code .glb}, a mesh for each of its pieces. Source: glTF 2.0. */
public final class GlbWriter {
    private static final int MAGIC = 0x46546C67;
    private static final int JSON = 0x4E4F534A;
    private static final int BINARY = 0x004E4942;
    private static final int FOUR = 4;

    private GlbWriter() {}

    /** {@return the file} Points have y up there. */
    public static byte[] write(Shape shape) {
        int size = shape.pieces().stream().mapToInt(each -> FOUR * (each.points().length + each.corners().length)).sum();
        var binary = ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN);
        var nodes = new StringBuilder();
        var meshes = new StringBuilder();
        var materials = new StringBuilder();
        var accessors = new StringBuilder();
        var views = new StringBuilder();
        for (int i = 0; i < shape.pieces().size(); i++) {
            var piece = shape.pieces().get(i);
            var comma = i == 0 ? "" : ",";
            nodes.append(comma).append("{\"mesh\":").append(i).append('}');
            meshes.append(comma)
                .append(String.format(Locale.ROOT,
                        "{\"primitives\":[{\"attributes\":{\"POSITION\":%d},\"indices\":%d,\"material\":%d}]}", 2 * i, 2 * i + 1, i));
            materials.append(comma).append(material(piece.rgb()));
            var box = new Shape(java.util.List.of(piece)).box();
            accessors.append(comma)
                .append(String.format(Locale.ROOT,
                        "{\"bufferView\":%d,\"componentType\":5126,\"count\":%d,\"type\":\"VEC3\",\"min\":[%s,%s,%s],\"max\":[%s,%s,%s]},"
                                + "{\"bufferView\":%d,\"componentType\":5125,\"count\":%d,\"type\":\"SCALAR\"}",
                        2 * i, piece.points().length / 3, box.fromX(), box.fromZ(), -box.toY(), box.toX(), box.toZ(), -box.fromY(),
                        2 * i + 1,
                        piece.corners().length));
            views.append(comma).append(view(binary.position(), FOUR * piece.points().length)).append(',');
            for (int at = 0; at + 2 < piece.points().length; at += 3) {
                binary.putFloat(piece.points()[at]).putFloat(piece.points()[at + 2]).putFloat(-piece.points()[at + 1]);
            }
            views.append(view(binary.position(), FOUR * piece.corners().length));
            for (int corner : piece.corners()) {
                binary.putInt(corner);
            }
        }
        var scene = new StringBuilder();
        for (int i = 0; i < shape.pieces().size(); i++) {
            scene.append(i == 0 ? "" : ",").append(i);
        }
        return packed("{\"asset\":{\"version\":\"2.0\"},\"scene\":0,\"scenes\":[{\"nodes\":[" + scene + "]}],\"nodes\":[" + nodes
                + "],\"meshes\":["
                + meshes + "],\"materials\":[" + materials + "],\"accessors\":[" + accessors + "],\"bufferViews\":[" + views
                + "],\"buffers\":[{\"byteLength\":" + size + "}]}", binary.array());
    }

    private static String view(int from, int length) {
        return "{\"buffer\":0,\"byteOffset\":" + from + ",\"byteLength\":" + length + "}";
    }

    private static String material(int rgb) {
        var factor = new StringBuilder();
        for (int shift = 16; shift >= 0; shift -= 8) {
            factor.append(String.format(Locale.ROOT, "%.5f,", Math.pow((rgb >> shift & 255) / 255.0, 2.2)));
        }
        return "{\"pbrMetallicRoughness\":{\"baseColorFactor\":[" + factor + "1],\"metallicFactor\":0}}";
    }

    private static byte[] packed(String json, byte[] binary) {
        var text = (json + "   ".substring(0, (FOUR - json.length() % FOUR) % FOUR)).getBytes(StandardCharsets.UTF_8);
        int size = 12 + 8 + text.length + 8 + binary.length;
        return ByteBuffer.allocate(size)
            .order(ByteOrder.LITTLE_ENDIAN)
            .putInt(MAGIC)
            .putInt(2)
            .putInt(size)
            .putInt(text.length)
            .putInt(JSON)
            .put(text)
            .putInt(binary.length)
            .putInt(BINARY)
            .put(binary)
            .array();
    }
}
