package yellowkite.core.shape;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import yellowkite.core.shape.ModelFile.ModelRefused;
import yellowkite.core.shape.ModelFile.Texture;
import yellowkite.core.shape.Shape.Piece;

/**
 * Reads {@code .3ds}: chunks of an id (2 bytes), a length (4) and a content, in each other. Lengths are in millimetres, as GDTF wants them.
 * Materials are passed over but for the pictures that they name; z is up.
 */
final class ThreeDsReader {
    private static final int MAIN = 0x4D4D;
    private static final int EDITOR = 0x3D3D;
    private static final int OBJECT = 0x4000;
    private static final int MESH = 0x4100;
    private static final int POINTS = 0x4110;
    private static final int FACES = 0x4120;
    private static final int MATERIAL = 0xAFFF;
    private static final int TEXTURE = 0xA200;
    private static final int TEXTURE_FILE = 0xA300;
    private static final int HEADER = 6;
    private static final int MOST_CHUNKS = 200_000;
    private static final int DEEPEST = 12;
    private static final int MOST_TEXTURES = 64;
    private static final int FARTHEST_MM = 1_000_000;
    private static final double MILLIMETRE = 0.001;
    private static final int GREY = 0x59636b;

    private final ByteBuffer in;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Texture> textures = new ArrayList<>();
    private final Box.Grown grown = new Box.Grown();
    private float[] points = {};
    private long triangles;
    private int chunks;
    private boolean withShape;

    ThreeDsReader(byte[] content) {
        in = ByteBuffer.wrap(content).order(ByteOrder.LITTLE_ENDIAN);
    }

    ModelFile read(boolean shape) {
        withShape = shape;
        if (in.capacity() < HEADER || in.getShort(0) != (short) MAIN) {
            throw new ModelRefused("It is no 3ds file.");
        }
        into(0, in.capacity(), 0);
        var trouble = ModelFile.trouble(triangles, grown.box());
        return new ModelFile("3ds", in.capacity(), triangles, grown.box(), textures, trouble,
                withShape && trouble.isEmpty() ? new Shape(pieces) : null);
    }

    private void into(int from, int to, int depth) {
        if (depth > DEEPEST) {
            throw new ModelRefused("Its chunks lie too deep in each other; the file is damaged, or made to do harm.");
        }
        int at = from;
        while (at + HEADER <= to) {
            if (++chunks > MOST_CHUNKS) {
                throw new ModelRefused("It has more than " + MOST_CHUNKS + " chunks; the file is damaged, or made to do harm.");
            }
            int id = Short.toUnsignedInt(in.getShort(at));
            int length = in.getInt(at + 2);
            if (length < HEADER || length > to - at) {
                throw new ModelRefused("A chunk says a length that it does not have; the file is damaged.");
            }
            int end = at + length;
            switch (id) {
                case MAIN, EDITOR, MESH, MATERIAL, TEXTURE -> into(at + HEADER, end, depth + 1);
                case OBJECT -> into(textEnd(at + HEADER, end), end, depth + 1);
                case POINTS -> points(at + HEADER, end);
                case FACES -> faces(at + HEADER, end);
                case TEXTURE_FILE -> texture(at + HEADER, end);
                default -> {
                    // lights, cameras, key frames: nothing of a part's shape
                }
            }
            at = end;
        }
    }

    private int textEnd(int from, int to) {
        int at = from;
        while (at < to && in.get(at) != 0) {
            at++;
        }
        return Math.min(to, at + 1);
    }

    private void texture(int from, int to) {
        if (textures.size() < MOST_TEXTURES) {
            var name = new byte[Math.max(0, textEnd(from, to) - 1 - from)];
            in.get(from, name);
            textures.add(new Texture(new String(name, java.nio.charset.StandardCharsets.ISO_8859_1), 0, 0));
        }
    }

    private int count(int from, int to, int size) {
        int count = to - from < 2 ? 0 : Short.toUnsignedInt(in.getShort(from));
        if (count * size > to - from - 2) {
            throw new ModelRefused("A list says more entries than it has; the file is damaged.");
        }
        return count;
    }

    private void points(int from, int to) {
        int count = count(from, to, 12);
        points = new float[3 * count];
        for (int i = 0; i < points.length; i++) {
            float value = in.getFloat(from + 2 + 4 * i);
            if (!(Math.abs(value) <= FARTHEST_MM)) {
                throw new ModelRefused("A point lies nowhere, or more than a kilometre away; the file is damaged.");
            }
            points[i] = (float) (value * MILLIMETRE);
        }
        for (int i = 0; i < points.length; i += 3) {
            grown.take(points[i], points[i + 1], points[i + 2]);
        }
    }

    private void faces(int from, int to) {
        int count = count(from, to, 8);
        triangles += count;
        if (triangles > ModelFile.MOST_TRIANGLES || !withShape) {
            return;
        }
        var corners = new int[3 * count];
        for (int i = 0; i < count; i++) {
            for (int corner = 0; corner < 3; corner++) {
                int point = Short.toUnsignedInt(in.getShort(from + 2 + 8 * i + 2 * corner));
                if (3 * point >= points.length) {
                    throw new ModelRefused("A triangle has a corner that does not exist; the file is damaged.");
                }
                corners[3 * i + corner] = point;
            }
        }
        pieces.add(new Piece(points, corners, GREY));
    }
}
