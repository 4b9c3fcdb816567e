package yellowkite.core.edit;

import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** What may stand in a text that is no name. */
final class Texts {
    private Texts() {}

    static Optional<Outcome<FixtureType>> refusal(String field, String text, int longest) {
        if (text.length() > longest) {
            return Optional.of(Located.rejected(field, "This text has at most " + longest + " characters; it has " + text.length() + "."));
        }
        boolean control = text.codePoints().anyMatch(c -> Character.isISOControl(c) && c != '\n' && c != '\t');
        return control ? Optional.of(Located.rejected(field, "A text cannot hold control characters.")) : Optional.empty();
    }

    /** {@return the text, cut to what a line of the history holds} */
    static String shortened(String text) {
        return text.length() <= 60 ? text : text.substring(0, 57) + "...";
    }
}
