package yellowkite.server.gobos;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.DRAFT_ENTRY;
import static yellowkite.server.tables.Tables.GOBO;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.REVISION_ENTRY;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The house's gobos. */
@Repository
class GoboRepository {
    private final DSLContext database;

    GoboRepository(DSLContext database) {
        this.database = database;
    }

    /** @param tags words parted by a space. @param createdAt UTC */
    record StoredGobo(String id, String name, String tags, String manufacturer, String manufacturerNumber, String origin, String rights,
            String pictureSha256, String outlineSha256, int size,
            String author, LocalDateTime createdAt, int version) {}

    /** {@return whether it is new; false if its picture is on the shelf already} */
    boolean add(StoredGobo gobo) {
        return database
            .insertInto(GOBO, GOBO.ID, GOBO.NAME, GOBO.TAGS, GOBO.MANUFACTURER, GOBO.MANUFACTURER_NUMBER, GOBO.ORIGIN, GOBO.RIGHTS,
                    GOBO.PICTURE_SHA256, GOBO.OUTLINE_SHA256, GOBO.SIZE, GOBO.AUTHOR, GOBO.CREATED_AT)
            .values(gobo.id(), gobo.name(), gobo.tags(), gobo.manufacturer(), gobo.manufacturerNumber(), gobo.origin(), gobo.rights(),
                    gobo.pictureSha256(), gobo.outlineSha256(), gobo.size(), gobo.author(), gobo.createdAt())
            .onDuplicateKeyIgnore()
            .execute() == 1;
    }

    /** {@return whether there was one that nobody has described since} @param seen its version */
    boolean describe(String id, int seen, String name, String tags, String manufacturer, String manufacturerNumber, String origin,
            String rights) {
        return database.update(GOBO)
            .set(GOBO.NAME, name)
            .set(GOBO.TAGS, tags)
            .set(GOBO.MANUFACTURER, manufacturer)
            .set(GOBO.MANUFACTURER_NUMBER, manufacturerNumber)
            .set(GOBO.ORIGIN, origin)
            .set(GOBO.RIGHTS, rights)
            .set(GOBO.VERSION, seen + 1)
            .where(GOBO.ID.eq(id), GOBO.VERSION.eq(seen))
            .execute() == 1;
    }

    boolean delete(String id) {
        return database.deleteFrom(GOBO).where(GOBO.ID.eq(id)).execute() > 0;
    }

    Optional<StoredGobo> find(String id) {
        return database.selectFrom(GOBO).where(GOBO.ID.eq(id)).fetchOptional(mapping(StoredGobo::new));
    }

    Optional<StoredGobo> findByPicture(String sha256) {
        return database.selectFrom(GOBO).where(GOBO.PICTURE_SHA256.eq(sha256)).fetchOptional(mapping(StoredGobo::new));
    }

    int count() {
        return database.fetchCount(GOBO);
    }

    /** {@return the gobos in which every word stands somewhere, by name; all for no words} */
    List<StoredGobo> search(List<String> words, int limit) {
        var all = DSL.concat(GOBO.NAME, DSL.inline(" "), GOBO.TAGS, DSL.inline(" "), GOBO.MANUFACTURER, DSL.inline(" "),
                GOBO.MANUFACTURER_NUMBER, DSL.inline(" "), GOBO.ORIGIN);
        var found = words.stream().map(all::containsIgnoreCase).reduce(DSL.noCondition(), (a, b) -> a.and(b));
        return database.selectFrom(GOBO).where(found).orderBy(GOBO.NAME, GOBO.ID).limit(limit).fetch(mapping(StoredGobo::new));
    }

    /** @param revision the newest that holds it; null for a draft */
    record Use(String profileId, String manufacturer, String name, @Nullable Integer revision) {}

    /** {@return the profiles whose files hold a picture: their newest revision that does, or an open draft} */
    List<Use> uses(String sha256) {
        var newest = DSL.max(REVISION.NUMBER);
        var published = database.select(PROFILE.ID, MANUFACTURER.NAME, PROFILE.NAME, newest)
            .from(REVISION_ENTRY)
            .join(REVISION)
            .on(REVISION.ID.eq(REVISION_ENTRY.REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(REVISION_ENTRY.SHA256.eq(sha256))
            .groupBy(PROFILE.ID, MANUFACTURER.NAME, PROFILE.NAME)
            .orderBy(MANUFACTURER.NAME, PROFILE.NAME)
            .fetch(mapping(Use::new));
        var drafted = database.selectDistinct(PROFILE.ID, MANUFACTURER.NAME, PROFILE.NAME, DSL.castNull(Integer.class))
            .from(DRAFT_ENTRY)
            .join(DRAFT)
            .on(DRAFT.ID.eq(DRAFT_ENTRY.DRAFT_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(DRAFT.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(DRAFT_ENTRY.SHA256.eq(sha256), DRAFT.OPEN_PROFILE_ID.isNotNull())
            .fetch(mapping(Use::new));
        return Stream.concat(published.stream(), drafted.stream()).toList();
    }

    Set<String> names() {
        return database.select(GOBO.NAME).from(GOBO).fetchSet(GOBO.NAME);
    }
}
