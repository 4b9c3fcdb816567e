package yellowkite.core.edit;

import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.TypedText;

/** What may stand in a text that is no name. */
final class Texts {
    private Texts() {}

    static Optional<Outcome<FixtureType>> refusal(String field, String text, int longest) {
        return TypedText.flaw(text, longest).map(why -> Located.rejected(field, why));
    }

    /** {@return the text, cut to what a line of the history holds} */
    static String shortened(String text) {
        return text.length() <= 60 ? text : text.substring(0, 57) + "...";
    }
}
