package yellowkite.server.web;

import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** One line of text that somebody typed. */
public final class Line {
    private Line() {}

    /**
     * {@return the text without the space around it; empty for none}
     *
     * @throws Refusal 422 if it has more than {@code longest} letters, or breaks and marks that nobody sees
     */
    public static String of(String field, @Nullable String text, int longest) {
        var line = Objects.requireNonNullElse(text, "").strip();
        if (line.length() > longest || line.codePoints().anyMatch(Line::isUnseen)) {
            throw Refusal.unfit(field, "This fits in one line of at most " + longest + " letters.");
        }
        return line;
    }

    /** Breaks, and marks that turn the direction of writing: they would let one name look like another. */
    static boolean isUnseen(int letter) {
        return Character.isISOControl(letter) || Character.getType(letter) == Character.FORMAT
                || Character.getType(letter) == Character.LINE_SEPARATOR || Character.getType(letter) == Character.PARAGRAPH_SEPARATOR;
    }
}
