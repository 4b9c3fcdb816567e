package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.DRAFT_STEP;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record8;
import org.jooq.SelectJoinStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.server.revisions.LibraryChangeRepository;

/** Manufacturers and profiles, and what lists show of them. */
@Repository
public class ProfileRepository {
    private final DSLContext database;
    private final LibraryChangeRepository changes;
    private final ManufacturerRepository manufacturers;

    ProfileRepository(DSLContext database, LibraryChangeRepository changes, ManufacturerRepository manufacturers) {
        this.manufacturers = manufacturers;
        this.database = database;
        this.changes = changes;
    }

    /**
     * @param fixtureTypeId in capitals; null if its files give none. @param binnedAt UTC; null unless it lies in the bin. @param upstream
     * house that released it; empty for the House shelf. @param discarded how many drafts of it were thrown away
     */
    public record StoredProfile(String id, String manufacturerId, String name, @Nullable String fixtureTypeId, Shelf shelf,
            @Nullable LocalDateTime binnedAt, String upstream, int discarded) {}

    public Optional<StoredProfile> findById(String id) {
        return stored().where(PROFILE.ID.eq(id)).fetchOptional(mapping(StoredProfile::new));
    }

    /**
     * {@return the profile of a fixture on a shelf} Where its file gives no id, it is the first one of its manufacturer and name that has
     * none either. Reads only.
     *
     * @param upstream house that released it; empty for the House shelf
     */
    public Optional<StoredProfile> find(Shelf shelf, String upstream, FixtureIdentity fixture) {
        var there = PROFILE.SHELF.eq(shelf.name()).and(PROFILE.UPSTREAM.eq(upstream));
        if (fixture.id() != null) {
            return stored().where(there, PROFILE.FIXTURE_TYPE_ID.eq(fixture.id())).fetchOptional(mapping(StoredProfile::new));
        }
        return manufacturers.findKnown(fixture.manufacturer())
            .flatMap(manufacturer -> stored()
                .where(there, PROFILE.MANUFACTURER_ID.eq(manufacturer), PROFILE.NAME.eq(fixture.name()), PROFILE.FIXTURE_TYPE_ID.isNull())
                .orderBy(PROFILE.ID)
                .limit(1)
                .fetchOptional(mapping(StoredProfile::new)));
    }

    /** Like {@link #find}; if there is none, nobody else adds it until the transaction ends. */
    public Optional<StoredProfile> findToAdd(Shelf shelf, String upstream, FixtureIdentity fixture) {
        if (fixture.id() == null) { // with one, its key keeps a second one out
            manufacturers.lock(fixture.manufacturer());
        }
        return find(shelf, upstream, fixture);
    }

    private SelectJoinStep<Record8<String, String, String, String, Shelf, LocalDateTime, String, Integer>> stored() {
        return database
            .select(PROFILE.ID, PROFILE.MANUFACTURER_ID, PROFILE.NAME, PROFILE.FIXTURE_TYPE_ID, PROFILE.SHELF.convertFrom(Shelf::valueOf),
                    PROFILE.BINNED_AT, PROFILE.UPSTREAM, PROFILE.DISCARDED)
            .from(PROFILE);
    }

    /** @param upstream house that released it; empty for the House shelf */
    public StoredProfile add(Shelf shelf, String upstream, FixtureIdentity fixture) {
        var id = UUID.randomUUID().toString();
        var manufacturer = manufacturers.findOrAdd(fixture.manufacturer());
        database
            .insertInto(PROFILE, PROFILE.ID, PROFILE.MANUFACTURER_ID, PROFILE.NAME, PROFILE.FIXTURE_TYPE_ID, PROFILE.SHELF,
                    PROFILE.UPSTREAM)
            .values(id, manufacturer, fixture.name(), fixture.id(), shelf.name(), upstream)
            .execute();
        changes.note(id);
        return new StoredProfile(id, manufacturer, fixture.name(), fixture.id(), shelf, null, upstream, 0);
    }

    /** Like {@link #add}, several at once. {@return their ids, in their order} */
    public List<String> addAll(Shelf shelf, String upstream, List<FixtureIdentity> fixtures) {
        var makers = new HashMap<String, String>();
        var ids = new ArrayList<String>();
        var rows = database.insertInto(PROFILE, PROFILE.ID, PROFILE.MANUFACTURER_ID, PROFILE.NAME, PROFILE.FIXTURE_TYPE_ID, PROFILE.SHELF,
                PROFILE.UPSTREAM);
        for (var fixture : fixtures) {
            var id = UUID.randomUUID().toString();
            rows = rows.values(id, makers.computeIfAbsent(fixture.manufacturer(), manufacturers::findOrAdd), fixture.name(), fixture.id(),
                    shelf.name(), upstream);
            changes.note(id);
            ids.add(id);
        }
        if (!ids.isEmpty()) {
            rows.execute();
        }
        return ids;
    }

    /** {@return all profiles of a shelf that came from a house, by id} */
    public Map<String, StoredProfile> allOf(Shelf shelf, String upstream) {
        return stored().where(PROFILE.SHELF.eq(shelf.name()), PROFILE.UPSTREAM.eq(upstream))
            .fetchMap(PROFILE.ID, mapping(StoredProfile::new));
    }

    /** Calls a profile as its newest revision does. */
    public void rename(String id, FixtureIdentity fixture) {
        var manufacturerId = manufacturers.findOrAdd(fixture.manufacturer());
        var name = fixture.name();
        changes.note(id);
        database.update(PROFILE).set(PROFILE.MANUFACTURER_ID, manufacturerId).set(PROFILE.NAME, name).where(PROFILE.ID.eq(id)).execute();
    }

    /** Notes that a draft of a profile was thrown away: what is looked at next is another one. */
    public void noteDiscarded(String id) {
        database.update(PROFILE).set(PROFILE.DISCARDED, PROFILE.DISCARDED.plus(1)).where(PROFILE.ID.eq(id)).execute();
    }

    /** Forgets a profile that has no revision, with what belongs to it. */
    public void delete(String id) {
        changes.note(id);
        database.deleteFrom(PROFILE).where(PROFILE.ID.eq(id)).execute();
    }

    public int count() {
        return database.fetchCount(PROFILE);
    }

    /** {@return whether nobody but those authors has put a revision into the library, or there is none, and nobody has edited anything} */
    public boolean areAllOf(Collection<String> authors) {
        return !database.fetchExists(REVISION, REVISION.AUTHOR.notIn(authors))
                && !database.fetchExists(DSL.selectOne().from(DRAFT_STEP));
    }

    /**
     * Locks a profile's row until the transaction ends, so that what is done to it is done one after the other. {@return it as it is now}
     */
    public Optional<StoredProfile> lock(String id) {
        return stored().where(PROFILE.ID.eq(id)).forUpdate().fetchOptional(mapping(StoredProfile::new));
    }

}
