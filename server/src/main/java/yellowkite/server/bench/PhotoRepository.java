package yellowkite.server.bench;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.WALK_PHOTO;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import yellowkite.server.bench.WalkRecord.WalkPhoto;

/** Photographs of walks. */
@Repository
class PhotoRepository {
    private final DSLContext database;

    PhotoRepository(DSLContext database) {
        this.database = database;
    }

    List<WalkPhoto> list(String walkId) {
        return database.select(WALK_PHOTO.SHA256, WALK_PHOTO.NAME)
            .from(WALK_PHOTO)
            .where(WALK_PHOTO.WALK_ID.eq(walkId))
            .orderBy(WALK_PHOTO.ADDED_AT)
            .fetch(mapping(WalkPhoto::new));
    }

    void add(String walkId, String sha256, String name, LocalDateTime at) {
        database.insertInto(WALK_PHOTO, WALK_PHOTO.WALK_ID, WALK_PHOTO.SHA256, WALK_PHOTO.NAME, WALK_PHOTO.ADDED_AT)
            .values(walkId, sha256, name, at)
            .onDuplicateKeyIgnore()
            .execute();
    }

    void remove(String walkId, String sha256) {
        database.deleteFrom(WALK_PHOTO).where(WALK_PHOTO.WALK_ID.eq(walkId), WALK_PHOTO.SHA256.eq(sha256)).execute();
    }
}
