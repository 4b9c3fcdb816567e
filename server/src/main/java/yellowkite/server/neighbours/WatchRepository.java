package yellowkite.server.neighbours;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.NEIGHBOUR;
import static yellowkite.server.tables.Tables.NEIGHBOUR_HIT;
import static yellowkite.server.tables.Tables.NEIGHBOUR_WATCH;
import static yellowkite.server.tables.Tables.WANTED;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** What is watched at neighbours, and what they have of what colleagues wish for. */
@Repository
class WatchRepository {
    private final DSLContext database;

    WatchRepository(DSLContext database) {
        this.database = database;
    }

    /** @param seen the revision that we know. @param newest theirs. @param toldAt null until there was a newer one */
    record Watch(String neighbourId, String neighbour, String remoteId, String manufacturer, String model, int seen, int newest,
            String note,
            @Nullable LocalDateTime toldAt, @Nullable String profileId) {}

    List<Watch> list() {
        return database
            .select(NEIGHBOUR_WATCH.NEIGHBOUR_ID, NEIGHBOUR.NAME, NEIGHBOUR_WATCH.REMOTE_ID, NEIGHBOUR_WATCH.MANUFACTURER,
                    NEIGHBOUR_WATCH.MODEL, NEIGHBOUR_WATCH.SEEN_REVISION, NEIGHBOUR_WATCH.NEWEST_REVISION, NEIGHBOUR_WATCH.NOTE,
                    NEIGHBOUR_WATCH.TOLD_AT, NEIGHBOUR_WATCH.PROFILE_ID)
            .from(NEIGHBOUR_WATCH)
            .join(NEIGHBOUR)
            .on(NEIGHBOUR.ID.eq(NEIGHBOUR_WATCH.NEIGHBOUR_ID))
            .orderBy(NEIGHBOUR_WATCH.TOLD_AT.isNull(), NEIGHBOUR_WATCH.TOLD_AT.desc(), NEIGHBOUR_WATCH.MANUFACTURER,
                    NEIGHBOUR_WATCH.MODEL)
            .fetch(mapping(Watch::new));
    }

    /** Watches a profile from the revision on that is known. What it became here is kept where nothing new is said of it. */
    void put(Watch watch) {
        var row = database
            .insertInto(NEIGHBOUR_WATCH, NEIGHBOUR_WATCH.NEIGHBOUR_ID, NEIGHBOUR_WATCH.REMOTE_ID, NEIGHBOUR_WATCH.MANUFACTURER,
                    NEIGHBOUR_WATCH.MODEL, NEIGHBOUR_WATCH.SEEN_REVISION, NEIGHBOUR_WATCH.NEWEST_REVISION, NEIGHBOUR_WATCH.NOTE,
                    NEIGHBOUR_WATCH.PROFILE_ID)
            .values(watch.neighbourId(), watch.remoteId(), watch.manufacturer(), watch.model(), watch.seen(), watch.newest(), watch.note(),
                    watch.profileId())
            .onDuplicateKeyUpdate()
            .set(NEIGHBOUR_WATCH.SEEN_REVISION, watch.seen());
        (watch.profileId() == null ? row : row.set(NEIGHBOUR_WATCH.PROFILE_ID, watch.profileId())).execute();
    }

    /** {@return ids of the profiles that are watched at a neighbour} */
    Set<String> of(String neighbourId) {
        return database.select(NEIGHBOUR_WATCH.REMOTE_ID)
            .from(NEIGHBOUR_WATCH)
            .where(NEIGHBOUR_WATCH.NEIGHBOUR_ID.eq(neighbourId))
            .fetchSet(NEIGHBOUR_WATCH.REMOTE_ID);
    }

    void remove(String neighbourId, String remoteId) {
        database.deleteFrom(NEIGHBOUR_WATCH)
            .where(NEIGHBOUR_WATCH.NEIGHBOUR_ID.eq(neighbourId), NEIGHBOUR_WATCH.REMOTE_ID.eq(remoteId))
            .execute();
    }

    /** Notes a revision of a profile, if it is watched. */
    void news(String neighbourId, ToldProfile told, LocalDateTime at) {
        database.update(NEIGHBOUR_WATCH)
            .set(NEIGHBOUR_WATCH.NEWEST_REVISION, told.revision())
            .set(NEIGHBOUR_WATCH.NOTE, told.note())
            .set(NEIGHBOUR_WATCH.TOLD_AT, at)
            .where(NEIGHBOUR_WATCH.NEIGHBOUR_ID.eq(neighbourId), NEIGHBOUR_WATCH.REMOTE_ID.eq(told.id()),
                    NEIGHBOUR_WATCH.NEWEST_REVISION.lt(told.revision()))
            .execute();
    }

    /** Whoever has read of it is not told again. */
    void read(String neighbourId, String remoteId) {
        database.update(NEIGHBOUR_WATCH)
            .set(NEIGHBOUR_WATCH.SEEN_REVISION, NEIGHBOUR_WATCH.NEWEST_REVISION)
            .where(NEIGHBOUR_WATCH.NEIGHBOUR_ID.eq(neighbourId), NEIGHBOUR_WATCH.REMOTE_ID.eq(remoteId))
            .execute();
    }

    /** A profile that answers a wish. */
    record WishHit(String wantedId, String neighbourId, String neighbour, String remoteId, String manufacturer, String model,
            int revision) {}

    List<WishHit> hits(int most) {
        return database
            .select(NEIGHBOUR_HIT.WANTED_ID, NEIGHBOUR_HIT.NEIGHBOUR_ID, NEIGHBOUR.NAME, NEIGHBOUR_HIT.REMOTE_ID,
                    NEIGHBOUR_HIT.MANUFACTURER, NEIGHBOUR_HIT.MODEL, NEIGHBOUR_HIT.REVISION)
            .from(NEIGHBOUR_HIT)
            .join(NEIGHBOUR)
            .on(NEIGHBOUR.ID.eq(NEIGHBOUR_HIT.NEIGHBOUR_ID))
            .orderBy(NEIGHBOUR_HIT.MANUFACTURER, NEIGHBOUR_HIT.MODEL, NEIGHBOUR.NAME)
            .limit(most)
            .fetch(mapping(WishHit::new));
    }

    /** Puts what a neighbour has for a wish in the place of what it had. */
    void putHits(String wantedId, String neighbourId, List<ToldProfile> found) {
        database.deleteFrom(NEIGHBOUR_HIT)
            .where(NEIGHBOUR_HIT.WANTED_ID.eq(wantedId), NEIGHBOUR_HIT.NEIGHBOUR_ID.eq(neighbourId))
            .execute();
        found.forEach(each -> database
            .insertInto(NEIGHBOUR_HIT, NEIGHBOUR_HIT.WANTED_ID, NEIGHBOUR_HIT.NEIGHBOUR_ID, NEIGHBOUR_HIT.REMOTE_ID,
                    NEIGHBOUR_HIT.MANUFACTURER, NEIGHBOUR_HIT.MODEL, NEIGHBOUR_HIT.REVISION)
            .select(DSL.select(WANTED.ID, DSL.val(neighbourId), DSL.val(each.id()), DSL.val(each.manufacturer()), DSL.val(each.model()),
                    DSL.val(each.revision()))
                .from(WANTED)
                .where(WANTED.ID.eq(wantedId))) // unless it was dropped meanwhile
            .onDuplicateKeyIgnore()
            .execute());
    }
}
