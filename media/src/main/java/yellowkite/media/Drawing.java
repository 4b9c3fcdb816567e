package yellowkite.media;

import com.ctc.wstx.stax.WstxInputFactory;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import yellowkite.core.gobo.PictureRefused;

/**
 * Drawings from outside (SVG), before anything draws them: no scripts, nothing that leads out of the file, not more than a page can hold.
 */
final class Drawing {
    private static final int MOST_ELEMENTS = 20_000;
    private static final int DEEPEST = 64;
    /** Copies of copies grow: with n of them up to the third root of 3 to the n. */
    private static final double GROWTH = 1.4423;
    private static final double MOST_DRAWN = 1e6;
    /** Letters of all lines together; a line's outline takes more than its length to find. */
    private static final int MOST_LINE_LETTERS = 120_000;
    private static final Set<String> LINES = Set.of("d", "points", "transform");
    /** Shapes that cut others: each is laid over each of the others before anything is drawn. */
    private static final int MOST_CUTTING = 12;
    /** What is alive, what comes from elsewhere, and what can take forever to draw. */
    private static final Set<String> REFUSED = Set.of("script", "foreignobject", "iframe", "image", "feimage", "audio", "video", "animate",
            "set", "handler",
            "pattern", "filter", "mask", "marker");
    private static final Pattern OUTSIDE = Pattern.compile("(?i)@import|dasharray|url\\s*\\(\\s*['\"]?\\s*(?!#)[^)'\"\\s]|javascript:");

    private Drawing() {}

    static boolean looksLike(byte[] bytes) {
        var start = new String(bytes, 0, Math.min(bytes.length, 4_096), StandardCharsets.UTF_8).toLowerCase(Locale.ROOT);
        return start.contains("<svg") && start.stripLeading().replace("\uFEFF", "").startsWith("<");
    }

    /** @throws PictureRefused if it is not harmless, or no XML */
    static void requireHarmless(byte[] bytes) {
        var factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, true);
        try {
            var reader = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
            int elements = 0;
            int uses = 0;
            int depth = 0;
            long letters = 0;
            int cutting = 0;
            int cutsFrom = Integer.MAX_VALUE;
            while (reader.hasNext()) {
                switch (reader.next()) {
                    case XMLStreamConstants.START_ELEMENT -> {
                        uses += reader.getLocalName().equals("use") ? 1 : 0;
                        if (++elements > MOST_ELEMENTS || ++depth > DEEPEST || elements * Math.pow(GROWTH, uses) > MOST_DRAWN) {
                            throw new PictureRefused("This drawing has too many parts; simplify it first.");
                        }
                        requireHarmless(reader);
                        letters += lineLetters(reader);
                        if (letters > MOST_LINE_LETTERS) {
                            throw new PictureRefused("The lines of this drawing are too long; simplify them first.");
                        }
                        if (reader.getLocalName().equalsIgnoreCase("clipPath")) {
                            cutsFrom = Math.min(cutsFrom, depth);
                        } else if (depth > cutsFrom && (++cutting > MOST_CUTTING || reader.getLocalName().equals("use"))) {
                            throw new PictureRefused("This drawing is cut by too many shapes; cut it for good before it is saved.");
                        }
                    }
                    case XMLStreamConstants.END_ELEMENT -> cutsFrom = --depth < cutsFrom ? Integer.MAX_VALUE : cutsFrom;
                    case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> requireInside(reader.getText());
                    case XMLStreamConstants.DTD -> {
                        if (reader.getText() != null && reader.getText().contains("[")) {
                            throw new PictureRefused(
                                    "This drawing defines entities of its own, which are not taken; save it without them.");
                        }
                    }
                    default -> {
                    }
                }
            }
        } catch (XMLStreamException broken) {
            throw new PictureRefused("This drawing is no sound XML and cannot be read.");
        }
    }

    private static long lineLetters(XMLStreamReader reader) {
        long letters = 0;
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            letters += LINES.contains(reader.getAttributeLocalName(i)) ? reader.getAttributeValue(i).length() : 0;
        }
        return letters;
    }

    private static void requireHarmless(XMLStreamReader reader) {
        var element = reader.getLocalName().toLowerCase(Locale.ROOT);
        if (REFUSED.contains(element)) {
            throw new PictureRefused(
                    "This drawing holds a '" + reader.getLocalName() + "'; only plain shapes are taken, so save it as such.");
        }
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            var name = reader.getAttributeLocalName(i).toLowerCase(Locale.ROOT);
            var value = reader.getAttributeValue(i).strip();
            if (name.startsWith("on")) {
                throw new PictureRefused(
                        "This drawing holds a script ('" + reader.getAttributeLocalName(i) + "'); save it as plain shapes.");
            }
            if (name.equals("href") && !value.startsWith("#")) {
                throw new PictureRefused("This drawing leads out of its file ('"
                        + (value.length() > 40 ? value.substring(0, 37) + "..." : value) + "'); save it with everything inside.");
            }
            if (name.equals("stroke-dasharray")) {
                throw new PictureRefused("This drawing holds dashed lines; save them as plain shapes.");
            }
            requireInside(value);
        }
    }

    private static void requireInside(String text) {
        if (OUTSIDE.matcher(text).find()) {
            throw new PictureRefused(
                    "This drawing leads out of its file, or holds dashed lines; save it as plain shapes with everything inside.");
        }
    }
}
