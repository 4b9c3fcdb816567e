package yellowkite.core.shape;

import java.nio.ByteBuffer;
import yellowkite.core.shape.ModelFile.Texture;

/** How large a PNG or JPEG is, by its head alone. */
final class PictureHead {
    private static final int PNG = 0x89504E47;

    private PictureHead() {}

    static Texture of(String name, byte[] content, int from, int length) {
        var in = ByteBuffer.wrap(content, from, length).slice();
        if (length >= 24 && in.getInt(0) == PNG) {
            return new Texture(name, Integer.toUnsignedLong(in.getInt(16)), Integer.toUnsignedLong(in.getInt(20)));
        }
        int at = 2;
        while (length > 4 && in.getShort(0) == (short) 0xFFD8 && at + 9 < length && in.get(at) == (byte) 0xFF) {
            int marker = Byte.toUnsignedInt(in.get(at + 1));
            boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
            if (frame) {
                return new Texture(name, Short.toUnsignedInt(in.getShort(at + 7)), Short.toUnsignedInt(in.getShort(at + 5)));
            }
            at += 2 + Math.max(2, Short.toUnsignedInt(in.getShort(at + 2)));
        }
        return new Texture(name, 0, 0);
    }
}
