package yellowkite.core.text;

import java.util.Optional;

/** What may stand in a text that somebody types. */
public final class TypedText {
    private TypedText() {}

    /** {@return why a text of several lines cannot be taken, as one sentence; none if it can} @param longest in characters */
    public static Optional<String> flaw(String text, int longest) {
        return tooLong(text, longest).or(() -> text.codePoints().anyMatch(c -> Character.isISOControl(c) && c != '\n' && c != '\t')
                ? Optional.of("A text cannot hold control characters.")
                : Optional.empty());
    }

    /** Like {@link #flaw}, of a text that stands in one line. */
    public static Optional<String> flawOfLine(String text, int longest) {
        return tooLong(text, longest).or(() -> text.codePoints().anyMatch(TypedText::isUnseen)
                ? Optional.of("This stands in one line: it cannot hold breaks, nor marks that nobody sees.")
                : Optional.empty());
    }

    private static Optional<String> tooLong(String text, int longest) {
        return text.length() <= longest ? Optional.empty()
                : Optional.of("This text has at most " + longest + " characters; it has " + text.length() + ".");
    }

    /** {@return whether a letter is a break, or a mark that turns the direction of writing: they would let one name look like another} */
    public static boolean isUnseen(int letter) {
        return Character.isISOControl(letter) || Character.getType(letter) == Character.FORMAT
                || Character.getType(letter) == Character.LINE_SEPARATOR || Character.getType(letter) == Character.PARAGRAPH_SEPARATOR;
    }
}
