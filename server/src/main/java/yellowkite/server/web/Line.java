package yellowkite.server.web;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.text.TypedText;

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
        if (line.length() > longest || line.codePoints().anyMatch(TypedText::isUnseen)) {
            throw Refusal.unfit(field, "This fits in one line of at most " + longest + " letters.");
        }
        return line;
    }
}
