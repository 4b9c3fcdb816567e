package yellowkite.media;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.swing.JComponent;
import yellowkite.core.gobo.Picture;
import yellowkite.core.gobo.PictureRefused;

/** Pictures as files: PNG, JPEG, GIF (its first frame) and SVG, decoded under limits. */
public final class PictureFile {
    public static final int MOST_BYTES = 20 << 20;
    private static final int MOST_SVG_BYTES = 2 << 20;
    /** A drawing has no size of its own; so large it is drawn. */
    private static final int DRAWN_SIDE = 1_024;
    private static final Map<String, String> ENDINGS = Map.of("png", "PNG", "jpg", "JPEG", "jpeg", "JPEG", "gif", "GIF", "svg", "SVG");

    private PictureFile() {}

    /**
     * {@return the picture of a file}
     *
     * @param name as it was called; only its ending is looked at
     * @throws PictureRefused if it is no such picture, is too large, shows nothing, or is not what its ending says
     */
    public static Picture read(String name, byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new PictureRefused("This file has more than " + (MOST_BYTES >> 20) + " MB; make the picture smaller first.");
        }
        var kind = kind(bytes);
        var said = ENDINGS.get(name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT));
        if (kind.isEmpty()) {
            throw new PictureRefused("This is no picture that can be taken; PNG, JPEG, GIF and SVG are.");
        }
        if (said != null && !said.equals(kind)) {
            throw new PictureRefused(
                    "This file calls itself " + said + " but holds a " + kind + "; give it its right ending if it is what you meant.");
        }
        var picture = kind.equals("SVG") ? drawn(bytes) : decoded(bytes);
        if (picture.isTransparent()) {
            throw new PictureRefused("Every pixel of this picture is transparent: there is nothing to see.");
        }
        return picture;
    }

    private static String kind(byte[] bytes) {
        if (startsWith(bytes, 0x89, 'P', 'N', 'G')) {
            return "PNG";
        }
        if (startsWith(bytes, 0xFF, 0xD8, 0xFF)) {
            return "JPEG";
        }
        if (startsWith(bytes, 'G', 'I', 'F', '8')) {
            return "GIF";
        }
        return Drawing.looksLike(bytes) ? "SVG" : "";
    }

    private static boolean startsWith(byte[] bytes, int... signature) {
        for (int i = 0; i < signature.length; i++) {
            if (bytes.length <= i || (bytes[i] & 0xFF) != signature[i]) {
                return false;
            }
        }
        return true;
    }

    private static Picture decoded(byte[] bytes) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new PictureRefused("This picture cannot be read.");
            }
            var reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if (width > Picture.MOST_SIDE || height > Picture.MOST_SIDE) {
                    throw new PictureRefused("This picture has " + width + " by " + height + " pixels; at most " + Picture.MOST_SIDE
                            + " by " + Picture.MOST_SIDE + " can be taken.");
                }
                return of(reader.read(0));
            } finally {
                reader.dispose();
            }
        } catch (PictureRefused refused) {
            throw refused;
        } catch (IOException | RuntimeException broken) { // readers of the platform throw both on broken pictures
            throw new PictureRefused("This picture is broken and cannot be read.");
        }
    }

    private static Picture drawn(byte[] bytes) {
        if (bytes.length > MOST_SVG_BYTES) {
            throw new PictureRefused("This drawing has more than " + (MOST_SVG_BYTES >> 20) + " MB; simplify it first.");
        }
        Drawing.requireHarmless(bytes);
        SVGDocument document;
        try {
            document = new SVGLoader().load(new ByteArrayInputStream(bytes), null, LoaderContext.createDefault());
        } catch (RuntimeException broken) {
            document = null;
        }
        var size = document == null ? null : document.size();
        if (document == null || size == null || !(size.width > 0) || !(size.height > 0)) {
            throw new PictureRefused("This drawing cannot be read; it needs a size or a view box.");
        }
        double scale = DRAWN_SIDE / Math.max(size.width, size.height);
        var image = new BufferedImage(Math.max(1, (int) Math.round(size.width * scale)), Math.max(1, (int) Math.round(size.height * scale)),
                BufferedImage.TYPE_INT_ARGB);
        var pen = image.createGraphics();
        try {
            pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            pen.scale(scale, scale);
            document.render((JComponent) null, pen);
        } catch (RuntimeException | StackOverflowError broken) { // references that go round in circles end in either
            throw new PictureRefused("This drawing cannot be drawn; simplify it first.");
        } finally {
            pen.dispose();
        }
        return of(image);
    }

    private static Picture of(BufferedImage image) {
        return new Picture(image.getWidth(), image.getHeight(),
                image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()));
    }

    /** {@return the picture as a PNG} */
    public static byte[] png(Picture picture) {
        return png(image(picture));
    }

    static BufferedImage image(Picture picture) {
        var image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, picture.width(), picture.height(), picture.pixels(), 0, picture.width());
        return image;
    }

    static byte[] png(BufferedImage image) {
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
