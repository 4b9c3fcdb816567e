package yellowkite.server.web;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A change that somebody asks for.
 *
 * @param id the asker's own, the same when it is asked for again because no answer came; null if it says none
 */
public record Change(Author author, @Nullable String id) {
    public static final String HEADER = "Kite-Change";

    /** {@return a change that our own code makes, once} */
    public static Change by(Author author) {
        return new Change(author, null);
    }

    /** @throws Refusal if there is something that is no UUID */
    static Change of(Author author, @Nullable String header) {
        try {
            return new Change(author, Optional.ofNullable(header).map(UUID::fromString).map(UUID::toString).orElse(null));
        } catch (IllegalArgumentException none) {
            throw Refusal.unfit("change", "The id of a change is a UUID.");
        }
    }
}
