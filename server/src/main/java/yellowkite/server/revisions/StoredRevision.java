package yellowkite.server.revisions;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A revision as it lies in the database.
 *
 * @param createdAt UTC
 * @param despite why it was published although checks found errors; null if they found none, or it came as a file
 */
public record StoredRevision(String id, String profileId, int number, String summary, String author, LocalDateTime createdAt,
        String descriptionSha256, String fileSha256, int errors, int warnings, @Nullable String despite,
        @Nullable String pictureSha256) {}
