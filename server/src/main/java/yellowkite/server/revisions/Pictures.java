package yellowkite.server.revisions;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import yellowkite.core.gobo.PictureFile;
import yellowkite.core.gobo.PictureRefused;

/** Pictures from files, decoded under limits and encoded anew before anyone sees them. */
public final class Pictures {
    private Pictures() {}

    /** {@return the picture as a PNG of our own making; none if the bytes are no picture, or an absurdly large one} */
    static Optional<byte[]> reencode(byte[] bytes) {
        return decode(bytes).map(Pictures::png);
    }

    /** {@return the picture as a PNG of our own making, at most {@code side} pixels wide and high; none if the bytes are no picture, or an absurdly large one} */
    public static Optional<byte[]> fitted(byte[] bytes, int side) {
        return decode(bytes).map(image -> {
            double scale = Math.min(1, (double) side / Math.max(image.getWidth(), image.getHeight()));
            int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
            int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
            var small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
            var pen = small.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            pen.drawImage(image, 0, 0, width, height, null);
            pen.dispose();
            return png(small);
        });
    }

    private static Optional<BufferedImage> decode(byte[] bytes) {
        try {
            var picture = PictureFile.read("", bytes);
            var image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
            image.setRGB(0, 0, picture.width(), picture.height(), picture.pixels(), 0, picture.width());
            return Optional.of(image);
        } catch (PictureRefused refused) {
            return Optional.empty();
        }
    }

    /** {@return the picture as a file} */
    public static byte[] png(BufferedImage image) {
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
