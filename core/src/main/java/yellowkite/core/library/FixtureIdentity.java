package yellowkite.core.library;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;

/**
 * What a fixture is known by in a library: the id of its type, else its manufacturer and its name. Source: GDTF
 * {@code FixtureType/@FixtureTypeID}, a GUID, in which letters count alike in either case.
 *
 * @param id in capitals; null if its file gives none that can be one
 * @param manufacturer as lists show it; never empty
 * @param name as lists show it
 */
public record FixtureIdentity(@Nullable String id, String manufacturer, String name) {
    private static final int LONGEST_ID = 64;
    private static final int LISTED_LENGTH = 200;
    private static final String NOBODY = "Unknown manufacturer";

    /** @param otherwise name of a fixture whose file gives none */
    public static FixtureIdentity of(FixtureType type, String otherwise) {
        return of(type.fixtureTypeId(), type.manufacturer(), type.name().isBlank() ? otherwise : type.name());
    }

    public static FixtureIdentity of(String id, String manufacturer, String name) {
        return new FixtureIdentity(idOf(id), manufacturer.isBlank() ? NOBODY : listed(manufacturer.strip()), listed(name.strip()));
    }

    /** {@return an id as it is kept, in capitals; null if it is empty or too long to be one} */
    public static @Nullable String idOf(String id) {
        var stripped = id.strip();
        return stripped.isEmpty() || stripped.length() > LONGEST_ID ? null : stripped.toUpperCase(Locale.ROOT);
    }

    /** {@return a name as lists show it, cut between signs if it is long; the whole of it stays in the description} */
    public static String listed(String name) {
        if (name.length() <= LISTED_LENGTH) {
            return name;
        }
        int end = LISTED_LENGTH - 3;
        return name.substring(0, Character.isHighSurrogate(name.charAt(end - 1)) ? end - 1 : end) + "...";
    }
}
