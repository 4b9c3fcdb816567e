package yellowkite.media.chart;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/**
 * A table on a page as manufacturers print them: with or without lines around its cells, text in the middle or at the left, long text in
 * two lines.
 */
final class PdfTable {
    private static final PDFont FONT = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
    private static final float SIZE = 8;
    private static final float LEADING = 9.5f;
    private static final float PADDING = 4;
    private static final float LEFT = 40;
    private static final float TOP = 740;

    private final float[] widths;
    private final List<List<String>> rows = new ArrayList<>();
    private boolean across = true;
    private boolean down = true;
    private boolean centred;
    /** Whether cells of the first columns are one with the empty ones below them. */
    private int merged;

    private PdfTable(float... widths) {
        this.widths = widths;
    }

    static PdfTable columns(float... widths) {
        return new PdfTable(widths);
    }

    PdfTable row(String... cells) {
        rows.add(List.of(cells));
        return this;
    }

    PdfTable lines(boolean acrossThePage, boolean downThePage) {
        across = acrossThePage;
        down = downThePage;
        return this;
    }

    PdfTable centred() {
        centred = true;
        return this;
    }

    PdfTable mergedInTheFirst(int columns) {
        merged = columns;
        return this;
    }

    private List<String> wrapped(String text, float width) throws IOException {
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        for (var word : text.split(" ")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && wide(longer) > width - 2 * PADDING) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private static float wide(String text) throws IOException {
        return FONT.getStringWidth(text) / 1000 * SIZE;
    }

    byte[] pdf() {
        try (var document = new PDDocument()) {
            var page = new PDPage();
            document.addPage(page);
            try (var content = new PDPageContentStream(document, page)) {
                draw(content);
            }
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private void draw(PDPageContentStream content) throws IOException {
        var tops = new float[rows.size() + 1];
        tops[0] = TOP;
        for (int i = 0; i < rows.size(); i++) {
            int most = 1;
            for (int c = 0; c < widths.length; c++) {
                most = Math.max(most, wrapped(rows.get(i).get(c), widths[c]).size());
            }
            tops[i + 1] = tops[i] - most * LEADING - 2 * PADDING;
        }
        for (int i = 0; i < rows.size(); i++) {
            float x = LEFT;
            for (int c = 0; c < widths.length; c++) {
                int end = i + 1;
                boolean covered = c < merged && i > 0 && rows.get(i).get(c).isEmpty();
                while (c < merged && end < rows.size() && rows.get(end).get(c).isEmpty()) {
                    end++;
                }
                if (!covered) {
                    cell(content, rows.get(i).get(c), x, widths[c], tops[i], tops[end]);
                }
                x += widths[c];
            }
        }
    }

    private void cell(PDPageContentStream content, String text, float x, float width, float top, float bottom) throws IOException {
        var lines = wrapped(text, width);
        float high = lines.size() * LEADING;
        float y = (top + bottom) / 2 + high / 2 - SIZE;
        for (var line : lines) {
            content.beginText();
            content.setFont(FONT, SIZE);
            content.newLineAtOffset(centred ? x + (width - wide(line)) / 2 : x + PADDING,
                    centred || down ? y : top - PADDING - SIZE - LEADING * lines.indexOf(line));
            content.showText(line);
            content.endText();
            y -= LEADING;
        }
        if (across) {
            line(content, x, top, x + width, top);
            line(content, x, bottom, x + width, bottom);
        }
        if (down) {
            line(content, x, top, x, bottom);
            line(content, x + width, top, x + width, bottom);
        }
    }

    private static void line(PDPageContentStream content, float x1, float y1, float x2, float y2) throws IOException {
        content.moveTo(x1, y1);
        content.lineTo(x2, y2);
        content.stroke();
    }
}
