package yellowkite.media.paper;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** The A4 pages of one document, filled from the top. Measures in points, from the bottom left. */
public final class Pages {
    public static final float MARGIN = 36;
    /** Between the margins. */
    public static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    public static final Color INK = new Color(0x1B2226);
    public static final Color QUIET = new Color(0x5A666D);
    public static final Color RULE = new Color(0xC9C9C2);
    private static final float FOOT = 22;
    private static final float FOOT_SIZE = 8;
    private static final float COUNT_ROOM = 60;
    private final PDDocument document = new PDDocument();
    private final Lettering letters;
    private final List<PDPage> pages = new ArrayList<>();
    private PDPageContentStream pen;
    private float y;

    private Pages(String title) throws IOException {
        document.getDocumentInformation().setTitle(title);
        letters = Lettering.on(document);
        pen = page();
    }

    /** {@return a document with its first page} */
    public static Pages called(String title) throws IOException {
        return new Pages(title);
    }

    private PDPageContentStream page() throws IOException {
        var page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        pages.add(page);
        y = PDRectangle.A4.getHeight() - MARGIN;
        return new PDPageContentStream(document, page);
    }

    public Lettering letters() {
        return letters;
    }

    /** {@return what draws on the page} */
    public PDPageContentStream pen() {
        return pen;
    }

    /** {@return how far down the page is filled} */
    public float y() {
        return y;
    }

    public void moveTo(float to) {
        y = to;
    }

    public void down(float by) {
        y -= by;
    }

    public boolean hasRoom(float height) {
        return y - height >= MARGIN;
    }

    /** Begins a new page. */
    public void turn() throws IOException {
        pen.close();
        pen = page();
    }

    /** Draws a line across, where the page is filled to. @param from distance from the margin */
    public void rule(float from, Color color, float thick) throws IOException {
        pen.setStrokingColor(color);
        pen.setLineWidth(thick);
        pen.moveTo(MARGIN + from, y);
        pen.lineTo(MARGIN + WIDTH, y);
        pen.stroke();
    }

    public void text(float x, float at, float size, Color color, String words) throws IOException {
        letters.text(pen, x, at, size, color, words);
    }

    /** Draws a picture as large as it fits, from a bottom left. @param png as a file */
    public void fitted(byte[] png, float x, float at, float width, float height) throws IOException {
        var picture = PDImageXObject.createFromByteArray(document, png, "picture");
        float scale = Math.min(width / picture.getWidth(), height / picture.getHeight());
        pen.drawImage(picture, x, at, scale * picture.getWidth(), scale * picture.getHeight());
    }

    /** {@return the document as a PDF} @param foot stands under every page, beside its number */
    public byte[] done(String foot) throws IOException {
        pen.close();
        for (int i = 0; i < pages.size(); i++) {
            try (var under = new PDPageContentStream(document, pages.get(i), PDPageContentStream.AppendMode.APPEND, true)) {
                var count = (i + 1) + " / " + pages.size();
                letters.text(under, MARGIN, FOOT, FOOT_SIZE, QUIET, letters.fitted(foot, FOOT_SIZE, WIDTH - COUNT_ROOM));
                letters.text(under, MARGIN + WIDTH - letters.width(count, FOOT_SIZE), FOOT, FOOT_SIZE, QUIET, count);
            }
        }
        var out = new ByteArrayOutputStream();
        document.save(out);
        document.close();
        return out.toByteArray();
    }
}
