package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import yellowkite.server.revisions.LibraryChangeRepository;
import yellowkite.server.revisions.RevisionHoldingRepository;

/** What was thrown away: out of the lists, and gone for good after a while unless something else stands on it. */
@Repository
public class BinRepository {
    private final DSLContext database;
    private final LibraryChangeRepository changes;
    private final List<RevisionHoldingRepository> holders;

    BinRepository(DSLContext database, LibraryChangeRepository changes, List<RevisionHoldingRepository> holders) {
        this.database = database;
        this.holders = List.copyOf(holders);
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

    /** Removes a draft that is open and was not edited; nothing happens if there is none. */
    void removeOpenDraft(String profileId) {
        database.deleteFrom(DRAFT).where(DRAFT.OPEN_PROFILE_ID.eq(profileId), DRAFT.VERSION.eq(0)).execute();
    }

    private Condition isNeeded() {
        var own = DSL.select(REVISION.ID).from(REVISION).where(REVISION.PROFILE_ID.eq(PROFILE.ID));
        return holders.stream().map(each -> each.holds(PROFILE.ID, own)).reduce(DSL.falseCondition(), Condition::or);
    }

    /** Removes a profile; what belongs to it goes with it. */
    void remove(String profileId) {
        changes.note(profileId);
        database.deleteFrom(DRAFT).where(DRAFT.PROFILE_ID.eq(profileId)).execute(); // before the revisions that they stand on
        database.deleteFrom(PROFILE).where(PROFILE.ID.eq(profileId)).execute();
    }
}
