package yellowkite.media.paper;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Words on the pages of one document, in one font. Measures in points, from the bottom left. */
public final class Lettering {
    /** Of a name, or of what a function does, that a page shows. */
    private static final int MOST_LETTERS = 600;
    /** The font that the library brings with it: Latin, Greek and Cyrillic letters. */
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private final PDFont font;

    private Lettering(PDFont font) {
        this.font = font;
    }

    public static Lettering on(PDDocument document) throws IOException {
        try (var file = Objects.requireNonNull(PDDocument.class.getResourceAsStream(FONT))) {
            return new Lettering(PDType0Font.load(document, file));
        }
    }

    public void text(PDPageContentStream pen, float x, float at, float size, Color color, String words) throws IOException {
        pen.beginText();
        pen.setFont(font, size);
        pen.setNonStrokingColor(color);
        pen.newLineAtOffset(x, at);
        pen.showText(printable(words));
        pen.endText();
    }

    /** {@return the text with a box for each letter that the font does not have} */
    private String printable(String words) {
        var text = new StringBuilder();
        words.codePoints().forEach(letter -> {
            var each = Character.toString(letter);
            text.append(Character.isISOControl(letter) ? " " : has(each) ? each : "\u25A1");
        });
        return text.toString();
    }

    private boolean has(String letter) {
        try {
            font.encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }

    public float width(String words, float size) throws IOException {
        return font.getStringWidth(printable(words)) / 1000 * size;
    }

    /** {@return the words in lines that fit} A word that is wider is cut. */
    public List<String> wrapped(String words, float size, float room) {
        var lines = new ArrayList<String>();
        var line = "";
        try {
            for (var word : shortened(words).split(" ")) {
                var longer = line.isEmpty() ? word : line + " " + word;
                if (!line.isEmpty() && width(longer, size) > room) {
                    lines.add(fitted(line, size, room));
                    longer = word;
                }
                line = longer;
            }
            lines.add(fitted(line, size, room));
        } catch (IOException impossible) { // the font is in memory
            throw new UncheckedIOException(impossible);
        }
        return lines;
    }

    /** {@return as many of the letters as fit, found by halving} No line of a page holds more than {@code MOST_LETTERS}. */
    public String fitted(String words, float size, float room) throws IOException {
        var text = shortened(words);
        if (width(text, size) <= room) {
            return text;
        }
        int fits = 1;
        int tooLong = text.length();
        while (tooLong - fits > 1) {
            int middle = (fits + tooLong) >>> 1;
            if (width(text.substring(0, middle) + "...", size) <= room) {
                fits = middle;
            } else {
                tooLong = middle;
            }
        }
        return text.substring(0, fits) + "...";
    }

    private static String shortened(String words) {
        return words.length() <= MOST_LETTERS ? words : words.substring(0, MOST_LETTERS) + "...";
    }
}
