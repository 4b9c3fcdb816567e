package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.CHART;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.DRAFT_ENTRY;
import static yellowkite.server.tables.Tables.DRAFT_STEP;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.PROFILE_FACTS;
import static yellowkite.server.tables.Tables.PROFILE_ORIGIN;
import static yellowkite.server.tables.Tables.PROFILE_SOURCE;
import static yellowkite.server.tables.Tables.RELEASE_PROFILE;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.REVISION_ENTRY;
import static yellowkite.server.tables.Tables.REVISION_FACTS;
import static yellowkite.server.tables.Tables.REVISION_HOUSE;
import static yellowkite.server.tables.Tables.REVISION_MODE;
import static yellowkite.server.tables.Tables.REVISION_SYNOPSIS;
import static yellowkite.server.tables.Tables.REVISION_WITHDRAWN;
import static yellowkite.server.tables.Tables.WANTED;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import yellowkite.server.revisions.LibraryChangeRepository;

/** What was thrown away: out of the lists, and gone for good after a while unless something else stands on it. */
@Repository
public class BinRepository {
    private final DSLContext database;
    private final LibraryChangeRepository changes;

    BinRepository(DSLContext database, LibraryChangeRepository changes) {
        this.database = database;
        this.changes = changes;
    }

    /** @param at UTC. @param kept whether copies, production versions, releases or answers stand on it, so that it never goes by itself */
    record Binned(String id, String manufacturer, String name, String by, LocalDateTime at, boolean kept) {}

    void put(String profileId, String by, LocalDateTime at) {
        changes.note(profileId);
        database.update(PROFILE)
            .set(PROFILE.BINNED_AT, at)
            .set(PROFILE.BINNED_BY, by)
            .where(PROFILE.ID.eq(profileId), PROFILE.BINNED_AT.isNull())
            .execute();
    }

    /** Takes a profile out again; nothing happens if it is not in the bin. */
    public void restore(String profileId) {
        changes.note(profileId);
        database.update(PROFILE).setNull(PROFILE.BINNED_AT).setNull(PROFILE.BINNED_BY).where(PROFILE.ID.eq(profileId)).execute();
    }

    /** {@return what lies in the bin, the newest first} */
    List<Binned> list(int limit) {
        return database.select(PROFILE.ID, MANUFACTURER.NAME, PROFILE.NAME, PROFILE.BINNED_BY, PROFILE.BINNED_AT, DSL.field(isNeeded()))
            .from(PROFILE)
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(PROFILE.BINNED_AT.isNotNull())
            .orderBy(PROFILE.BINNED_AT.desc(), PROFILE.ID)
            .limit(limit)
            .fetch(mapping(Binned::new));
    }

    /** {@return what lies there since before a time, and nothing stands on} */
    List<String> due(LocalDateTime before) {
        return database.select(PROFILE.ID).from(PROFILE).where(PROFILE.BINNED_AT.lt(before), DSL.not(isNeeded())).fetch(PROFILE.ID);
    }

    /**
     * {@return whether a profile, which nobody else can change until the transaction ends, still lies there since before a time for
     * nothing}
     */
    boolean lockIfStillDue(String profileId, LocalDateTime before) {
        database.select(PROFILE.ID).from(PROFILE).where(PROFILE.ID.eq(profileId)).forUpdate().fetch();
        return database.fetchExists(PROFILE, PROFILE.ID.eq(profileId), PROFILE.BINNED_AT.lt(before), DSL.not(isNeeded()));
    }

    /**
     * {@return who opened the profile's draft, if it was edited; none if nobody did, and then nobody edits it until the transaction ends}
     */
    Optional<String> lockEditedDraft(String profileId) {
        return database.select(DRAFT.OPENED_BY, DRAFT.VERSION)
            .from(DRAFT)
            .where(DRAFT.OPEN_PROFILE_ID.eq(profileId))
            .forUpdate()
            .fetchOptional()
            .filter(row -> row.value2() > 0)
            .map(row -> row.value1());
    }

    /** Removes a draft that is open and was not edited. {@return its id; none if there was no such draft} */
    Optional<String> removeOpenDraft(String profileId) {
        var open = database.select(DRAFT.ID)
            .from(DRAFT)
            .where(DRAFT.OPEN_PROFILE_ID.eq(profileId), DRAFT.VERSION.eq(0))
            .fetchOptional(DRAFT.ID);
        open.ifPresent(id -> {
            database.deleteFrom(DRAFT_ENTRY).where(DRAFT_ENTRY.DRAFT_ID.eq(id)).execute();
            database.deleteFrom(DRAFT).where(DRAFT.ID.eq(id)).execute();
        });
        return open;
    }

    private static Condition isNeeded() {
        var own = DSL.select(REVISION.ID).from(REVISION).where(REVISION.PROFILE_ID.eq(PROFILE.ID));
        return DSL.exists(DSL.selectOne().from(PROFILE_ORIGIN).where(PROFILE_ORIGIN.ORIGIN_REVISION_ID.in(own)))
            .or(DSL.exists(DSL.selectOne().from(PRODUCTION_VERSION).where(PRODUCTION_VERSION.ORIGIN_REVISION_ID.in(own))))
            .or(DSL.exists(DSL.selectOne().from(DRAFT).where(DRAFT.BASE_REVISION_ID.in(own), DRAFT.PROFILE_ID.ne(PROFILE.ID))))
            .or(DSL.exists(DSL.selectOne().from(DRAFT).where(DRAFT.OPEN_PROFILE_ID.eq(PROFILE.ID), DRAFT.VERSION.gt(0))))
            .or(DSL.exists(DSL.selectOne().from(WANTED).where(WANTED.ANSWER_REVISION_ID.in(own))))
            .or(DSL.exists(DSL.selectOne().from(RELEASE_PROFILE).where(RELEASE_PROFILE.PROFILE_ID.eq(PROFILE.ID))));
    }

    /** Removes a profile with its revisions and drafts. */
    void remove(String profileId) {
        changes.note(profileId);
        Select<Record1<String>> revisions = DSL.select(REVISION.ID).from(REVISION).where(REVISION.PROFILE_ID.eq(profileId));
        Select<Record1<String>> drafts = DSL.select(DRAFT.ID).from(DRAFT).where(DRAFT.PROFILE_ID.eq(profileId));
        database.deleteFrom(DRAFT_ENTRY).where(DRAFT_ENTRY.DRAFT_ID.in(drafts)).execute();
        database.deleteFrom(DRAFT_STEP).where(DRAFT_STEP.DRAFT_ID.in(drafts)).execute();
        database.deleteFrom(DRAFT).where(DRAFT.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(REVISION_ENTRY).where(REVISION_ENTRY.REVISION_ID.in(revisions)).execute();
        database.deleteFrom(REVISION_MODE).where(REVISION_MODE.REVISION_ID.in(revisions)).execute();
        database.deleteFrom(REVISION_HOUSE).where(REVISION_HOUSE.REVISION_ID.in(revisions)).execute();
        database.deleteFrom(REVISION_SYNOPSIS).where(REVISION_SYNOPSIS.REVISION_ID.in(revisions)).execute();
        database.deleteFrom(REVISION_FACTS).where(REVISION_FACTS.REVISION_ID.in(revisions)).execute();
        database.deleteFrom(REVISION_WITHDRAWN).where(REVISION_WITHDRAWN.REVISION_ID.in(revisions)).execute();
        database.deleteFrom(PROFILE_ORIGIN).where(PROFILE_ORIGIN.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(PRODUCTION_VERSION).where(PRODUCTION_VERSION.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(PROFILE_FACTS).where(PROFILE_FACTS.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(PROFILE_SOURCE).where(PROFILE_SOURCE.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(CHART).where(CHART.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(REVISION).where(REVISION.PROFILE_ID.eq(profileId)).execute();
        database.deleteFrom(PROFILE).where(PROFILE.ID.eq(profileId)).execute();
    }
}
