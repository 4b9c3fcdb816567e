package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.PROFILE_SOURCE;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Charts and photographs that a profile was written from: they stay with it. */
@Repository
public class SourceRepository {
    private final DSLContext database;

    SourceRepository(DSLContext database) {
        this.database = database;
    }

    /** @param addedAt UTC */
    public record Source(String name, String sha256, String addedBy, LocalDateTime addedAt) {}

    public void put(String profileId, String name, String sha256, String by, LocalDateTime at) {
        database
            .insertInto(PROFILE_SOURCE, PROFILE_SOURCE.PROFILE_ID, PROFILE_SOURCE.NAME, PROFILE_SOURCE.SHA256, PROFILE_SOURCE.ADDED_BY,
                    PROFILE_SOURCE.ADDED_AT)
            .values(profileId, name, sha256, by, at)
            .onDuplicateKeyUpdate()
            .set(PROFILE_SOURCE.SHA256, sha256)
            .set(PROFILE_SOURCE.ADDED_BY, by)
            .set(PROFILE_SOURCE.ADDED_AT, at)
            .execute();
    }

    public List<Source> list(String profileId) {
        return database.select(PROFILE_SOURCE.NAME, PROFILE_SOURCE.SHA256, PROFILE_SOURCE.ADDED_BY, PROFILE_SOURCE.ADDED_AT)
            .from(PROFILE_SOURCE)
            .where(PROFILE_SOURCE.PROFILE_ID.eq(profileId))
            .orderBy(PROFILE_SOURCE.NAME)
            .fetch(mapping(Source::new));
    }
}
