package yellowkite.media;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Optional;
import yellowkite.core.gobo.Picture;
import yellowkite.core.gobo.PictureRefused;

/** Pictures from files, decoded under limits and encoded anew before anyone sees them. */
public final class Thumbnails {
    private Thumbnails() {}

    /** {@return the picture as a PNG of our own making; none if the bytes are no picture, or an absurdly large one} */
    public static Optional<byte[]> reencode(byte[] bytes) {
        return decode(bytes).map(PictureFile::png);
    }

    /**
     * {@return the picture as a PNG of our own making, at most {@code side} pixels wide and high; none if the bytes are no picture, or an
     * absurdly large one}
     */
    public static Optional<byte[]> fitted(byte[] bytes, int side) {
        return decode(bytes).map(picture -> {
            double scale = Math.min(1, (double) side / Math.max(picture.width(), picture.height()));
            int width = Math.max(1, (int) Math.round(picture.width() * scale));
            int height = Math.max(1, (int) Math.round(picture.height() * scale));
            var small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
            var pen = small.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            pen.drawImage(PictureFile.image(picture), 0, 0, width, height, null);
            pen.dispose();
            return PictureFile.png(small);
        });
    }

    private static Optional<Picture> decode(byte[] bytes) {
        try {
            return Optional.of(PictureFile.read("", bytes));
        } catch (PictureRefused refused) {
            return Optional.empty();
        }
    }
}
