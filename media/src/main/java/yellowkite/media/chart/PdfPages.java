package yellowkite.media.chart;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import yellowkite.core.archive.FormatException;

/** The pages of a PDF as pictures, and where on them its lines stand. */
public final class PdfPages {
    /** Pixels from left to right: small print can be read at it. */
    private static final int WIDTH = 1_200;
    /** Of a page that is far longer than wide. */
    private static final long MOST_PIXELS = 8_000_000;
    private static final double POINTS_AROUND = 0.5;

    private PdfPages() {}

    /**
     * A line of text on a page. @param place as the chart's lines are called. @param top share of the page's height; {@code height}
     * likewise
     */
    public record PageLine(String place, double top, double height) {}

    /** {@return how many pages a file has; 0 if it is no PDF, or none that can be opened} */
    public static int count(byte[] bytes) {
        if (!ChartFile.begins(bytes, "%PDF")) {
            return 0;
        }
        try (var document = Loader.loadPDF(bytes)) {
            return document.getNumberOfPages();
        } catch (IOException | RuntimeException damaged) {
            return 0;
        }
    }

    /** {@return a page as PNG, the first being 1; none if there is no such page} @throws FormatException if it cannot be drawn */
    public static Optional<byte[]> png(byte[] bytes, int page) {
        try (var document = Loader.loadPDF(bytes)) {
            if (page < 1 || page > document.getNumberOfPages()) {
                return Optional.empty();
            }
            var picture = drawn(document, page);
            var out = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", out);
            return Optional.of(out.toByteArray());
        } catch (IOException | RuntimeException | OutOfMemoryError damaged) {
            throw new FormatException("has a page that cannot be drawn");
        }
    }

    private static BufferedImage drawn(PDDocument document, int page) throws IOException {
        var box = document.getPage(page - 1).getCropBox();
        double width = Math.max(1, box.getWidth());
        double height = Math.max(1, box.getHeight());
        double scale = Math.min(WIDTH / width, Math.sqrt(MOST_PIXELS / (width * height)));
        return new PDFRenderer(document).renderImage(page - 1, (float) scale, ImageType.RGB);
    }

    /** {@return where the lines of a page stand} @throws FormatException if the file cannot be read */
    public static List<PageLine> lines(byte[] bytes, int page) {
        try (var document = Loader.loadPDF(bytes)) {
            if (page < 1 || page > document.getNumberOfPages()) {
                return List.of();
            }
            var sheet = document.getPage(page - 1);
            double height = Math.max(1, sheet.getRotation() % 180 == 0 ? sheet.getCropBox().getHeight() : sheet.getCropBox().getWidth());
            var found = PdfSheets.rows(document, page);
            var lines = new ArrayList<PageLine>();
            for (int i = 0; i < found.size(); i++) {
                var line = found.get(i);
                lines.add(new PageLine(PdfSheets.place(page, i), (line.top() - POINTS_AROUND) / height,
                        (line.bottom() - line.top() + 2 * POINTS_AROUND) / height));
            }
            return lines;
        } catch (IOException | RuntimeException damaged) {
            throw new FormatException("has a page that cannot be read");
        }
    }
}
