package yellowkite.server.wanted;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.WANTED;
import static yellowkite.server.tables.Tables.WANTED_FILE;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.server.revisions.RevisionHoldingRepository;

/** Wishes and their files. */
@Repository
class WantedRepository implements RevisionHoldingRepository {
    private final DSLContext database;

    WantedRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * @param version to be named with the next change. @param words what else is known, a link among them. @param answerRevisionId null
     * while it is open. @param askedAt UTC, as is {@code answeredAt}
     */
    record StoredWish(String id, int version, String manufacturer, String model, String mode, @Nullable LocalDate neededBy, String words,
            String askedBy, LocalDateTime askedAt, @Nullable String takenBy,
            @Nullable String answerRevisionId, @Nullable LocalDateTime answeredAt) {}

    void add(StoredWish wish) {
        database
            .insertInto(WANTED, WANTED.ID, WANTED.VERSION, WANTED.MANUFACTURER, WANTED.MODEL, WANTED.MODE, WANTED.NEEDED_BY, WANTED.WORDS,
                    WANTED.ASKED_BY, WANTED.ASKED_AT)
            .values(wish.id(), wish.version(), wish.manufacturer(), wish.model(), wish.mode(), wish.neededBy(), wish.words(),
                    wish.askedBy(), wish.askedAt())
            .execute();
    }

    Optional<StoredWish> find(String id) {
        return database.selectFrom(WANTED).where(WANTED.ID.eq(id)).fetchOptional(mapping(StoredWish::new));
    }

    /** {@return open wishes by the day on which they are needed, those without one last; then answered ones, the newest first} */
    List<StoredWish> list(int limit) {
        return database.selectFrom(WANTED)
            .orderBy(WANTED.ANSWER_REVISION_ID.isNotNull(), WANTED.ANSWERED_AT.desc(), WANTED.NEEDED_BY.isNull(), WANTED.NEEDED_BY,
                    WANTED.ASKED_AT, WANTED.ID)
            .limit(limit)
            .fetch(mapping(StoredWish::new));
    }

    /** {@return whether the wish was open at that version and is taken now} @param by null to give it back */
    boolean take(String id, int seen, @Nullable String by) {
        return database.update(WANTED).set(WANTED.TAKEN_BY, by).set(WANTED.VERSION, seen + 1).where(openAt(id, seen)).execute() == 1;
    }

    /** {@return whether the wish was open at that version and is answered now} */
    boolean answer(String id, int seen, String revisionId, LocalDateTime at) {
        return database.update(WANTED)
            .set(WANTED.ANSWER_REVISION_ID, revisionId)
            .set(WANTED.ANSWERED_AT, at)
            .set(WANTED.VERSION, seen + 1)
            .where(openAt(id, seen))
            .execute() == 1;
    }

    private static Condition openAt(String id, int seen) {
        return WANTED.ID.eq(id).and(WANTED.VERSION.eq(seen)).and(WANTED.ANSWER_REVISION_ID.isNull());
    }

    /** {@return whether the wish was open at that version; it is forgotten then} */
    boolean delete(String id, int seen) {
        if (database.select(WANTED.ID).from(WANTED).where(openAt(id, seen)).forUpdate().fetch().isEmpty()) {
            return false;
        }
        return database.deleteFrom(WANTED).where(WANTED.ID.eq(id)).execute() == 1;
    }

    void putFile(String id, String name, String sha256) {
        database.insertInto(WANTED_FILE, WANTED_FILE.WANTED_ID, WANTED_FILE.NAME, WANTED_FILE.SHA256)
            .values(id, name, sha256)
            .onDuplicateKeyUpdate()
            .set(WANTED_FILE.SHA256, sha256)
            .execute();
    }

    /** {@return the names of files by wish} */
    Map<String, List<String>> filesOf(Collection<String> ids) {
        return database.select(WANTED_FILE.WANTED_ID, WANTED_FILE.NAME)
            .from(WANTED_FILE)
            .where(WANTED_FILE.WANTED_ID.in(ids))
            .orderBy(WANTED_FILE.NAME)
            .fetchGroups(WANTED_FILE.WANTED_ID, WANTED_FILE.NAME);
    }

    /** {@return hashes of a wish's files by name} */
    Map<String, String> files(String id) {
        return database.select(WANTED_FILE.NAME, WANTED_FILE.SHA256)
            .from(WANTED_FILE)
            .where(WANTED_FILE.WANTED_ID.eq(id))
            .fetchMap(WANTED_FILE.NAME, WANTED_FILE.SHA256);
    }

    /** What answers a wish. */
    record Answer(String revisionId, String profileId, String name, int number) {}

    Map<String, Answer> answers(Collection<String> revisionIds) {
        return database.select(REVISION.ID, PROFILE.ID, MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION.NUMBER)
            .from(REVISION)
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(REVISION.ID.in(revisionIds))
            .fetchMap(REVISION.ID, mapping(Answer::new));
    }

    boolean hasProfile(String profileId) {
        return database.fetchExists(PROFILE, PROFILE.ID.eq(profileId));
    }

    /** A wish that was answered leads to its answer. */
    @Override
    public Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds) {
        return DSL.exists(DSL.selectOne().from(WANTED).where(WANTED.ANSWER_REVISION_ID.in(revisionIds)));
    }
}
