package yellowkite.core.shape;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.joml.Matrix4d;
import org.joml.Matrix4dc;
import org.joml.Quaterniond;
import org.joml.Vector3d;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.shape.ModelFile.ModelRefused;
import yellowkite.core.shape.ModelFile.Texture;
import yellowkite.core.shape.Shape.Piece;

/**
 * Reads {@code .glb}: glTF 2.0 in one file (a head, a JSON chunk, a binary chunk). Nothing outside of the file is ever looked for. Points
 * are in metres with y up there, and with z up here. Colours are those of the materials; pictures are told, and not drawn.
 */
final class GlbReader {
    private static final int MAGIC = 0x46546C67;
    private static final int JSON = 0x4E4F534A;
    private static final int BINARY = 0x004E4942;
    private static final int HEAD = 12;
    private static final int CHUNK_HEAD = 8;
    private static final int MOST_JSON = 16 << 20;
    private static final int MOST_INSTANCES = 20_000;
    private static final int DEEPEST = 64;
    private static final int MOST_TEXTURES = 256;
    private static final double FARTHEST = 1_000;
    private static final int GREY = 0x59636b;
    private static final Set<String> UNDERSTOOD = Set.of("KHR_mesh_quantization", "KHR_materials_unlit", "KHR_texture_transform");
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final Matrix4dc UPRIGHT = new Matrix4d().rotationX(Math.PI / 2);

    private final ByteBuffer in;
    private JsonNode root = MAPPER.createObjectNode();
    private int binaryAt;
    private int binaryLength;
    private final List<Piece> pieces = new ArrayList<>();
    private final Box.Grown grown = new Box.Grown();
    private long triangles;
    private int instances;
    private boolean withShape;

    GlbReader(byte[] content) {
        in = ByteBuffer.wrap(content).order(ByteOrder.LITTLE_ENDIAN);
    }

    ModelFile read(boolean shape) {
        withShape = shape;
        chunks();
        refuseWhatIsOutside();
        var nodes = root.path("nodes");
        for (int top : topNodes(nodes)) {
            into(nodes, top, new Matrix4d(UPRIGHT), 0, new HashSet<>());
        }
        var trouble = ModelFile.trouble(triangles, grown.box());
        return new ModelFile("glb", in.capacity(), triangles, grown.box(), textures(), trouble,
                withShape && trouble.isEmpty() ? new Shape(pieces) : null);
    }

    private void chunks() {
        if (in.capacity() < HEAD + CHUNK_HEAD || in.getInt(0) != MAGIC) {
            throw new ModelRefused("It is no glb file.");
        }
        if (in.getInt(4) != 2) {
            throw new ModelRefused("It is of version " + Integer.toUnsignedString(in.getInt(4)) + "; version 2 is read.");
        }
        int at = HEAD;
        while (at + CHUNK_HEAD <= in.capacity()) {
            int length = in.getInt(at);
            if (length < 0 || length > in.capacity() - at - CHUNK_HEAD) {
                throw new ModelRefused("A chunk says a length that it does not have; the file is damaged.");
            }
            if (at == HEAD) {
                json(at, length);
            } else if (in.getInt(at + 4) == BINARY && binaryLength == 0) {
                binaryAt = at + CHUNK_HEAD;
                binaryLength = length;
            }
            at += CHUNK_HEAD + length;
        }
    }

    private void json(int at, int length) {
        if (in.getInt(at + 4) != JSON || length > MOST_JSON) {
            throw new ModelRefused("Its description is missing, or larger than " + (MOST_JSON >> 20) + " MB.");
        }
        try {
            root = MAPPER.readTree(in.array(), at + CHUNK_HEAD, length);
        } catch (JacksonException bad) {
            throw new ModelRefused("Its description is no JSON; the file is damaged.");
        }
    }

    private void refuseWhatIsOutside() {
        for (var buffer : root.path("buffers")) {
            if (buffer.has("uri")) {
                throw new ModelRefused(
                        "Its points lie outside of the file; such a model cannot be read. Save it as one glb with all in it.");
            }
        }
        for (var extension : root.path("extensionsRequired")) {
            if (!UNDERSTOOD.contains(extension.asString(""))) {
                throw new ModelRefused(
                        "It needs the extension " + cut(extension.asString("")) + ", which is not read here. Save it without.");
            }
        }
    }

    private static String cut(String text) {
        return text.length() <= 60 ? text : text.substring(0, 60);
    }

    private List<Integer> topNodes(JsonNode nodes) {
        var scenes = root.path("scenes");
        var scene = scenes.path(root.path("scene").asInt(0));
        var top = new ArrayList<Integer>();
        if (scene.isMissingNode()) {
            var inside = new HashSet<Integer>();
            nodes.forEach(node -> node.path("children").forEach(child -> inside.add(child.asInt(-1))));
            for (int i = 0; i < nodes.size(); i++) {
                if (!inside.contains(i)) {
                    top.add(i);
                }
            }
        }
        scene.path("nodes").forEach(node -> top.add(node.asInt(-1)));
        return top;
    }

    private void into(JsonNode nodes, int index, Matrix4d outer, int depth, Set<Integer> above) {
        if (depth > DEEPEST || !above.add(index)) {
            throw new ModelRefused("Its nodes stand in a circle, or too deep in each other.");
        }
        if (++instances > MOST_INSTANCES) {
            throw new ModelRefused("It has more than " + MOST_INSTANCES + " nodes.");
        }
        var node = nodes.path(index);
        var here = new Matrix4d(outer).mul(frame(node));
        var mesh = node.has("mesh") ? root.path("meshes").path(node.path("mesh").asInt(-1)) : null;
        if (mesh != null) {
            for (var primitive : mesh.path("primitives")) {
                if (++instances > MOST_INSTANCES) {
                    throw new ModelRefused("It has more than " + MOST_INSTANCES + " pieces.");
                }
                piece(primitive, here);
            }
        }
        for (var child : node.path("children")) {
            into(nodes, child.asInt(-1), here, depth + 1, above);
        }
        above.remove(index);
    }

    private static Matrix4d frame(JsonNode node) {
        var frame = new Matrix4d();
        var matrix = node.path("matrix");
        if (matrix.size() == 16) {
            for (int i = 0; i < 16; i++) {
                frame.set(i / 4, i % 4, finite(matrix.get(i)));
            }
            return frame;
        }
        var move = node.path("translation");
        var turn = node.path("rotation");
        var scale = node.path("scale");
        if (move.size() == 3) {
            frame.translate(finite(move.get(0)), finite(move.get(1)), finite(move.get(2)));
        }
        if (turn.size() == 4) {
            frame.rotate(new Quaterniond(finite(turn.get(0)), finite(turn.get(1)), finite(turn.get(2)), finite(turn.get(3))).normalize());
        }
        if (scale.size() == 3) {
            frame.scale(finite(scale.get(0)), finite(scale.get(1)), finite(scale.get(2)));
        }
        return frame;
    }

    private static double finite(JsonNode number) {
        double value = number.asDouble(Double.NaN);
        if (!Double.isFinite(value)) {
            throw new ModelRefused("A matrix of it holds something that is no number.");
        }
        return value;
    }

    private void piece(JsonNode primitive, Matrix4d frame) {
        var mode = primitive.path("mode").asInt(4);
        if (mode < 4 || mode > 6 || !primitive.path("attributes").has("POSITION")) {
            return; // points and lines have no surface
        }
        var points = Accessor.of(root, primitive.path("attributes").path("POSITION").asInt(-1), binaryLength);
        var corners = primitive.has("indices") ? Accessor.of(root, primitive.path("indices").asInt(-1), binaryLength) : null;
        long count = corners == null ? points.count() : corners.count();
        triangles += mode == 4 ? count / 3 : Math.max(0, count - 2);
        grown.take(points.box().in(frame));
        requireNear(grown.box());
        if (withShape && triangles <= ModelFile.MOST_TRIANGLES) {
            pieces.add(new Piece(points(points, frame), corners(corners, points.count(), mode), rgb(primitive)));
        }
    }

    private static void requireNear(Box box) {
        if (!(box.longest() <= FARTHEST && Math.abs(box.fromX()) <= FARTHEST && Math.abs(box.fromY()) <= FARTHEST
                && Math.abs(box.fromZ()) <= FARTHEST)) {
            throw new ModelRefused("It reaches more than a kilometre; its bounds are wrong.");
        }
    }

    private float[] points(Accessor accessor, Matrix4d frame) {
        var points = new float[3 * accessor.count()];
        var point = new Vector3d();
        for (int i = 0; i < accessor.count(); i++) {
            frame.transformPosition(point.set(accessor.number(in, binaryAt, i, 0), accessor.number(in, binaryAt, i, 1),
                    accessor.number(in, binaryAt, i, 2)));
            if (!point.isFinite()) {
                throw new ModelRefused("A point of it lies nowhere; the file is damaged.");
            }
            points[3 * i] = (float) point.x;
            points[3 * i + 1] = (float) point.y;
            points[3 * i + 2] = (float) point.z;
        }
        return points;
    }

    private int[] corners(@Nullable Accessor accessor, int points, int mode) {
        int count = accessor == null ? points : accessor.count();
        var order = new int[count];
        for (int i = 0; i < count; i++) {
            long corner = accessor == null ? i : (long) accessor.number(in, binaryAt, i, 0);
            if (corner < 0 || corner >= points) {
                throw new ModelRefused("A triangle has a corner that does not exist; the file is damaged.");
            }
            order[i] = (int) corner;
        }
        if (mode == 4) {
            return count % 3 == 0 ? order : java.util.Arrays.copyOf(order, count - count % 3);
        }
        var corners = new int[Math.max(0, 3 * (count - 2))];
        for (int i = 0; i + 2 < count; i++) {
            boolean strip = mode == 5;
            corners[3 * i] = strip ? order[i] : order[0];
            corners[3 * i + 1] = strip && i % 2 == 1 ? order[i + 2] : order[i + 1];
            corners[3 * i + 2] = strip && i % 2 == 1 ? order[i + 1] : order[i + 2];
        }
        return corners;
    }

    private int rgb(JsonNode primitive) {
        var factor = root.path("materials").path(primitive.path("material").asInt(-1)).path("pbrMetallicRoughness").path("baseColorFactor");
        if (factor.size() < 3) {
            return GREY;
        }
        int rgb = 0;
        for (int i = 0; i < 3; i++) {
            rgb = rgb << 8 | (int) Math.round(255 * Math.pow(Math.clamp(factor.get(i).asDouble(0), 0, 1), 1 / 2.2));
        }
        return rgb;
    }

    private List<Texture> textures() {
        var found = new ArrayList<Texture>();
        for (var image : root.path("images")) {
            if (found.size() == MOST_TEXTURES) {
                break;
            }
            var name = image.has("name") ? image.path("name").asString("") : "picture " + (found.size() + 1);
            var view = root.path("bufferViews").path(image.path("bufferView").asInt(-1));
            int from = view.path("byteOffset").asInt(0);
            int length = view.path("byteLength").asInt(0);
            found.add(from >= 0 && length > 0 && (long) from + length <= binaryLength
                    ? PictureHead.of(cut(name), in.array(), binaryAt + from, length)
                    : new Texture(cut(name), 0, 0));
        }
        return found;
    }
}
