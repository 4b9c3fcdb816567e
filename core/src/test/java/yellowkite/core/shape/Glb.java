package yellowkite.core.shape;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Builds a {@code .glb} of one mesh, y up as the format wants it; each part of it can be spoilt. */
public final class Glb {
    private final List<float[]> points = new ArrayList<>();
    private final List<int[]> corners = new ArrayList<>();
    private String node = "";
    private String more = "";
    private String buffer = "";
    private String bounds = "";
    private Integer count;

    private Glb() {}

    /** A box from a corner to its opposite, with twelve triangles. */
    public static Glb box(double length, double height, double depth) {
        var glb = new Glb();
        for (int i = 0; i < 8; i++) {
            glb.points.add(new float[]{(float) ((i & 1) == 0 ? -length / 2 : length / 2), (float) ((i & 2) == 0 ? -height / 2 : height / 2),
                    (float) ((i & 4) == 0 ? -depth / 2 : depth / 2)});
        }
        for (int[] face : new int[][]{{0, 2, 1}, {1, 2, 3}, {4, 5, 6}, {5, 7, 6}, {0, 1, 4}, {1, 5, 4}, {2, 6, 3}, {3, 6, 7}, {0, 4, 2},
                {2, 4, 6}, {1, 3, 5}, {3, 7, 5}}) {
            glb.corners.add(face);
        }
        return glb;
    }

    /** The same triangles so many times. */
    public Glb times(int times) {
        var one = List.copyOf(corners);
        for (int i = 1; i < times; i++) {
            corners.addAll(one);
        }
        return this;
    }

    /** JSON members of its node, such as {@code "translation":[0,1,0]}. */
    public Glb node(String json) {
        node = "," + json;
        return this;
    }

    /** JSON members of the whole. */
    public Glb more(String json) {
        more = "," + json;
        return this;
    }

    /** JSON members of its buffer. */
    public Glb buffer(String json) {
        buffer = "," + json;
        return this;
    }

    /** Other bounds than it has: JSON members {@code min} and {@code max}. */
    public Glb bounds(String json) {
        bounds = json;
        return this;
    }

    /** Says so many corners, whatever there are. */
    public Glb sayingCorners(int corners) {
        count = corners;
        return this;
    }

    public byte[] bytes() {
        var binary = ByteBuffer.allocate(12 * points.size() + 12 * corners.size()).order(ByteOrder.LITTLE_ENDIAN);
        points.forEach(each -> binary.putFloat(each[0]).putFloat(each[1]).putFloat(each[2]));
        corners.forEach(each -> binary.putInt(each[0]).putInt(each[1]).putInt(each[2]));
        float x = points.getLast()[0];
        float y = points.getLast()[1];
        float z = points.getLast()[2];
        var said = bounds.isEmpty() ? "\"min\":[" + -x + "," + -y + "," + -z + "],\"max\":[" + x + "," + y + "," + z + "]" : bounds;
        var json = "{\"asset\":{\"version\":\"2.0\"},\"scene\":0,\"scenes\":[{\"nodes\":[0]}],\"nodes\":[{\"mesh\":0" + node + "}],"
                + "\"meshes\":[{\"primitives\":[{\"attributes\":{\"POSITION\":0},\"indices\":1,\"material\":0}]}],"
                + "\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorFactor\":[1,0,0,1]}}],"
                + "\"accessors\":[{\"bufferView\":0,\"componentType\":5126,\"count\":" + points.size() + ",\"type\":\"VEC3\"," + said + "},"
                + "{\"bufferView\":1,\"componentType\":5125,\"count\":" + (count == null ? 3 * corners.size() : count)
                + ",\"type\":\"SCALAR\"}],"
                + "\"bufferViews\":[{\"buffer\":0,\"byteLength\":" + 12 * points.size() + "},{\"buffer\":0,\"byteOffset\":"
                + 12 * points.size()
                + ",\"byteLength\":" + 12 * corners.size() + "}],\"buffers\":[{\"byteLength\":" + binary.capacity() + buffer + "}]" + more
                + "}";
        var text = (json + "   ".substring(0, (4 - json.length() % 4) % 4)).getBytes(StandardCharsets.UTF_8);
        return ByteBuffer.allocate(12 + 8 + text.length + 8 + binary.capacity())
            .order(ByteOrder.LITTLE_ENDIAN)
            .putInt(0x46546C67)
            .putInt(2)
            .putInt(12 + 8 + text.length + 8 + binary.capacity())
            .putInt(text.length)
            .putInt(0x4E4F534A)
            .put(text)
            .putInt(binary.capacity())
            .putInt(0x004E4942)
            .put(binary.array())
            .array();
    }
}
