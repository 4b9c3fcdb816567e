package yellowkite.server.revisions;

import java.time.LocalDateTime;

/** A revision as it lies in the database. @param createdAt UTC */
public record StoredRevision(String id, String profileId, int number, String summary, String author, LocalDateTime createdAt,
        String descriptionSha256, String fileSha256, int errors, int warnings) {}
