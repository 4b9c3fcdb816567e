package yellowkite.core.shape;

import java.nio.ByteBuffer;
import tools.jackson.databind.JsonNode;
import yellowkite.core.shape.ModelFile.ModelRefused;

/**
 * A list of numbers in the binary chunk. Source: glTF 2.0, "Accessors".
 *
 * @param from bytes into the binary chunk. @param stride bytes from one entry to the next
 * @param width numbers in an entry. @param type component type: 5120 to 5123, 5125, 5126
 * @param box around the entries, as the file says it; {@link Box#EMPTY} where they are no points
 */
record Accessor(int from, int count, int stride, int width, int type, boolean normalized, Box box) {
    private static final int BYTE = 5120;
    private static final int UNSIGNED_BYTE = 5121;
    private static final int SHORT = 5122;
    private static final int UNSIGNED_SHORT = 5123;
    private static final int UNSIGNED_INT = 5125;
    private static final int FLOAT = 5126;

    static Accessor of(JsonNode root, int index, int binaryLength) {
        var accessor = root.path("accessors").path(index);
        var view = root.path("bufferViews").path(accessor.path("bufferView").asInt(-1));
        if (view.isMissingNode() || accessor.has("sparse") || view.path("buffer").asInt(0) != 0) {
            throw new ModelRefused("Its points are written in a way that is not read here; save it as one plain glb.");
        }
        int type = accessor.path("componentType").asInt(0);
        int width = switch (accessor.path("type").asString("")) {
            case "SCALAR" -> 1;
            case "VEC3" -> 3;
            default -> throw new ModelRefused("A list of it is of a kind that no part's shape has.");
        };
        int size = size(type);
        int stride = view.path("byteStride").asInt(width * size);
        long from = view.path("byteOffset").asLong(0) + accessor.path("byteOffset").asLong(0);
        long count = accessor.path("count").asLong(-1);
        long end = from + (count - 1) * stride + (long) width * size;
        if (count < 0 || count > Integer.MAX_VALUE / 4 || from < 0 || stride < width * size || stride > 252
                || count > 0 && end > binaryLength) {
            throw new ModelRefused("A list says more entries than it has; the file is damaged.");
        }
        return new Accessor((int) from, (int) count, stride, width, type, accessor.path("normalized").asBoolean(false),
                width == 3 ? box(accessor) : Box.EMPTY);
    }

    private static Box box(JsonNode accessor) {
        var min = accessor.path("min");
        var max = accessor.path("max");
        if (min.size() != 3 || max.size() != 3) {
            throw new ModelRefused("It does not say how large it is, which glTF wants.");
        }
        for (int i = 0; i < 3; i++) {
            double low = min.get(i).asDouble(Double.NaN);
            double high = max.get(i).asDouble(Double.NaN);
            if (!(low <= high) || !Double.isFinite(low) || !Double.isFinite(high)) {
                throw new ModelRefused("It says bounds that are none: from " + low + " to " + high + ".");
            }
        }
        return new Box(min.get(0).asDouble(), min.get(1).asDouble(), min.get(2).asDouble(), max.get(0).asDouble(), max.get(1).asDouble(),
                max.get(2).asDouble());
    }

    private static int size(int type) {
        return switch (type) {
            case BYTE, UNSIGNED_BYTE -> 1;
            case SHORT, UNSIGNED_SHORT -> 2;
            case UNSIGNED_INT, FLOAT -> 4;
            default -> throw new ModelRefused("A list of it holds numbers of a kind that glTF does not know.");
        };
    }

    double number(ByteBuffer in, int binaryAt, int entry, int component) {
        int at = binaryAt + from + entry * stride + component * size(type);
        return switch (type) {
            case BYTE -> in.get(at) / (normalized ? 127.0 : 1);
            case UNSIGNED_BYTE -> Byte.toUnsignedInt(in.get(at)) / (normalized ? 255.0 : 1);
            case SHORT -> in.getShort(at) / (normalized ? 32_767.0 : 1);
            case UNSIGNED_SHORT -> Short.toUnsignedInt(in.getShort(at)) / (normalized ? 65_535.0 : 1);
            case UNSIGNED_INT -> Integer.toUnsignedLong(in.getInt(at));
            default -> in.getFloat(at);
        };
    }
}
