package yellowkite.server.drafts;

import java.time.LocalDateTime;
import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.server.drafts.DraftRepository.StoredDraft;

/**
 * A draft that is looked at and was never edited: nothing of it is stored until its first edit, and it keeps its id then.
 *
 * @param revisionId the profile's newest revision. @param discarded how many drafts of the profile were discarded before
 */
record Unopened(String revisionId, int discarded) {
    private static final Pattern ID = Pattern.compile("([0-9a-zA-Z-]{1,36})\\.(\\d{1,9})");

    /** {@return what an id says; none if it is another draft's} */
    static Optional<Unopened> of(String draftId) {
        var parts = ID.matcher(draftId);
        return parts.matches() ? Optional.of(new Unopened(parts.group(1), Integer.parseInt(parts.group(2)))) : Optional.empty();
    }

    String id() {
        return revisionId + "." + discarded;
    }

    /** @param by whoever edits it first */
    StoredDraft of(String profileId, String by, LocalDateTime at) {
        return new StoredDraft(id(), profileId, profileId, revisionId, 0, by, at, null, null);
    }
}
