package yellowkite.core.edit;

import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.StandardName;

/** What may be a name. Source: GDTF value type "Name". */
final class Names {
    /** Longer names fit no list, no display and no label. */
    static final int MAX_LENGTH = 120;

    private Names() {}

    /** {@return why {@code name} is no name; none if it is one} */
    static Optional<Outcome<FixtureType>> refusal(String field, String name) {
        if (name.length() > MAX_LENGTH) {
            return Optional
                .of(Located.rejected(field, "A name has at most " + MAX_LENGTH + " characters; this one has " + name.length() + "."));
        }
        int bad = name.codePoints().filter(c -> !Character.isLetterOrDigit(c) && StandardName.SIGNS.indexOf(c) < 0).findFirst().orElse(-1);
        if (bad >= 0) {
            var sign = Character.isISOControl(bad) ? "a control character" : "'" + Character.toString(bad) + "'";
            return Optional.of(Located.rejected(field,
                    "A name cannot hold " + sign + "; letters, digits, spaces and " + StandardName.SIGNS.trim() + " are allowed."));
        }
        return Optional.empty();
    }

    /** Like {@link #refusal}, where the name may not be empty either. */
    static Optional<Outcome<FixtureType>> refusalOfRequired(String field, String name, String thing) {
        return name.isBlank() ? Optional.of(Located.rejected(field, thing + " needs a name.")) : refusal(field, name);
    }

    /** {@return why a text is no manufacturer; none if it is one} The standard takes it as text, so "Reed & Sons" is one. */
    static Optional<Outcome<FixtureType>> refusalOfManufacturer(String field, String manufacturer) {
        if (manufacturer.isBlank()) {
            return Optional.of(Located.rejected(field, "A manufacturer needs a name."));
        }
        if (manufacturer.length() > MAX_LENGTH) {
            return Optional.of(Located.rejected(field,
                    "A manufacturer's name has at most " + MAX_LENGTH + " characters; this one has " + manufacturer.length() + "."));
        }
        boolean unseen = manufacturer.codePoints().anyMatch(c -> Character.isISOControl(c) || Character.getType(c) == Character.FORMAT);
        return unseen ? Optional.of(Located.rejected(field, "A manufacturer's name cannot hold characters that nobody sees."))
                : Optional.empty();
    }
}
