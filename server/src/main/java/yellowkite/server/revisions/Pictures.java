package yellowkite.server.revisions;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;

/** Pictures from files, decoded under limits and encoded anew before anyone sees them. */
final class Pictures {
    /** The standard allows 1024 for gobos; a thumbnail may be larger. */
    private static final int MAX_SIDE = 4_096;

    private Pictures() {}

    /** {@return the picture as a PNG of our own making; none if the bytes are no picture, or an absurdly large one} */
    static Optional<byte[]> reencode(byte[] bytes) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            var reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if (reader.getWidth(0) > MAX_SIDE || reader.getHeight(0) > MAX_SIDE) {
                    return Optional.empty();
                }
                return Optional.of(png(reader.read(0)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException broken) { // readers of the platform throw both on broken pictures
            return Optional.empty();
        }
    }

    private static byte[] png(BufferedImage image) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
