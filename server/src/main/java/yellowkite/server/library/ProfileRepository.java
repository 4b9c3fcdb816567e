package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static yellowkite.server.tables.Tables.CHART;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.DRAFT_STEP;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.MANUFACTURER_FACTS;
import static yellowkite.server.tables.Tables.MANUFACTURER_SPELLING;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.PROFILE_FACTS;
import static yellowkite.server.tables.Tables.PROFILE_ORIGIN;
import static yellowkite.server.tables.Tables.PROFILE_SOURCE;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.REVISION_ENTRY;
import static yellowkite.server.tables.Tables.REVISION_MODE;
import static yellowkite.server.tables.Tables.REVISION_SYNOPSIS;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record7;
import org.jooq.SelectJoinStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.ManufacturerFacts;
import yellowkite.core.library.Shelf;
import yellowkite.server.revisions.LibraryChangeRepository;

/** Manufacturers and profiles, and what lists show of them. */
@Repository
public class ProfileRepository {
    private final DSLContext database;
    private final LibraryChangeRepository changes;

    ProfileRepository(DSLContext database, LibraryChangeRepository changes) {
        this.database = database;
        this.changes = changes;
    }

    /**
     * @param fixtureTypeId in capitals; null if its files give none. @param binnedAt UTC; null unless it lies in the bin. @param upstream
     * house that released it; empty for the House shelf
     */
    public record StoredProfile(String id, String manufacturerId, String name, @Nullable String fixtureTypeId, Shelf shelf,
            @Nullable LocalDateTime binnedAt, String upstream) {}

    /**
     * A profile with its newest revision.
     *
     * @param revisionId empty, and {@code revision} 0, if it was never published
     * @param draftBy null without an open draft
     */
    public record Listed(String id, String name, String manufacturer, Shelf shelf, String revisionId, int revision, int errors,
            int warnings, @Nullable String draftBy) {}

    public record ListedMode(String revisionId, String name, int footprint, int channels, String tail) {}

    /** {@return the id of the manufacturer of that name, or of which that is another spelling} */
    public String findOrAddManufacturer(String name) {
        return known(name).orElseGet(() -> {
            database.insertInto(MANUFACTURER, MANUFACTURER.ID, MANUFACTURER.NAME)
                .values(UUID.randomUUID().toString(), name)
                .onDuplicateKeyIgnore()
                .execute();
            // also if someone else has added it since this transaction began: a plain read would not see that
            return database.select(MANUFACTURER.ID)
                .from(MANUFACTURER)
                .where(MANUFACTURER.NAME.eq(name))
                .forShare()
                .fetchSingle(MANUFACTURER.ID);
        });
    }

    /** A name that is another spelling of a manufacturer counts as that, whatever else is called so. */
    private Optional<String> known(String name) {
        return database.select(MANUFACTURER_SPELLING.MANUFACTURER_ID, inline(0).as("place"))
            .from(MANUFACTURER_SPELLING)
            .where(MANUFACTURER_SPELLING.NAME.eq(name))
            .unionAll(DSL.select(MANUFACTURER.ID, inline(1)).from(MANUFACTURER).where(MANUFACTURER.NAME.eq(name)))
            .orderBy(DSL.field("place"))
            .limit(1)
            .fetchOptional(0, String.class);
    }

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
        return known(fixture.manufacturer()).flatMap(manufacturer -> stored()
            .where(there, PROFILE.MANUFACTURER_ID.eq(manufacturer), PROFILE.NAME.eq(fixture.name()), PROFILE.FIXTURE_TYPE_ID.isNull())
            .orderBy(PROFILE.ID)
            .limit(1)
            .fetchOptional(mapping(StoredProfile::new)));
    }

    /** Like {@link #find}; if there is none, nobody else adds it until the transaction ends. */
    public Optional<StoredProfile> findToAdd(Shelf shelf, String upstream, FixtureIdentity fixture) {
        if (fixture.id() == null) { // with one, its key keeps a second one out
            var manufacturer = findOrAddManufacturer(fixture.manufacturer());
            database.select(MANUFACTURER.ID).from(MANUFACTURER).where(MANUFACTURER.ID.eq(manufacturer)).forUpdate().fetch();
        }
        return find(shelf, upstream, fixture);
    }

    private SelectJoinStep<Record7<String, String, String, String, Shelf, LocalDateTime, String>> stored() {
        return database
            .select(PROFILE.ID, PROFILE.MANUFACTURER_ID, PROFILE.NAME, PROFILE.FIXTURE_TYPE_ID, PROFILE.SHELF.convertFrom(Shelf::valueOf),
                    PROFILE.BINNED_AT, PROFILE.UPSTREAM)
            .from(PROFILE);
    }

    /** @param upstream house that released it; empty for the House shelf */
    public StoredProfile add(Shelf shelf, String upstream, FixtureIdentity fixture) {
        var id = UUID.randomUUID().toString();
        var manufacturer = findOrAddManufacturer(fixture.manufacturer());
        database
            .insertInto(PROFILE, PROFILE.ID, PROFILE.MANUFACTURER_ID, PROFILE.NAME, PROFILE.FIXTURE_TYPE_ID, PROFILE.SHELF,
                    PROFILE.UPSTREAM)
            .values(id, manufacturer, fixture.name(), fixture.id(), shelf.name(), upstream)
            .execute();
        changes.note(id);
        return new StoredProfile(id, manufacturer, fixture.name(), fixture.id(), shelf, null, upstream);
    }

    public void rename(String id, String manufacturerId, String name) {
        changes.note(id);
        database.update(PROFILE).set(PROFILE.MANUFACTURER_ID, manufacturerId).set(PROFILE.NAME, name).where(PROFILE.ID.eq(id)).execute();
    }

    /** Forgets a profile that has no revision. */
    public void delete(String id) {
        changes.note(id);
        database.deleteFrom(PROFILE_FACTS).where(PROFILE_FACTS.PROFILE_ID.eq(id)).execute();
        database.deleteFrom(PROFILE_SOURCE).where(PROFILE_SOURCE.PROFILE_ID.eq(id)).execute();
        database.deleteFrom(CHART).where(CHART.PROFILE_ID.eq(id)).execute();
        database.deleteFrom(PROFILE).where(PROFILE.ID.eq(id)).execute();
    }

    public List<String> manufacturers() {
        return database.select(MANUFACTURER.NAME).from(MANUFACTURER).orderBy(asRead(MANUFACTURER.NAME)).fetch(MANUFACTURER.NAME);
    }

    /** @param version to be named with the next change; 0 = nothing is known yet */
    record StoredFacts(int version, ManufacturerFacts facts) {}

    /** {@return the id of a manufacturer} */
    public Optional<String> findManufacturer(String name) {
        return database.select(MANUFACTURER.ID).from(MANUFACTURER).where(MANUFACTURER.NAME.eq(name)).fetchOptional(MANUFACTURER.ID);
    }

    /**
     * Makes one manufacturer a spelling of another: its profiles and spellings move, what is known of it goes. {@return how many profiles
     * moved}
     */
    int merge(String fromId, String fromName, String intoId) {
        database.select(PROFILE.ID).from(PROFILE).where(PROFILE.MANUFACTURER_ID.eq(fromId)).forEach(row -> changes.note(row.value1()));
        int moved = database.update(PROFILE).set(PROFILE.MANUFACTURER_ID, intoId).where(PROFILE.MANUFACTURER_ID.eq(fromId)).execute();
        database.update(MANUFACTURER_SPELLING)
            .set(MANUFACTURER_SPELLING.MANUFACTURER_ID, intoId)
            .where(MANUFACTURER_SPELLING.MANUFACTURER_ID.eq(fromId))
            .execute();
        database.deleteFrom(MANUFACTURER_FACTS).where(MANUFACTURER_FACTS.MANUFACTURER_ID.eq(fromId)).execute();
        database.deleteFrom(MANUFACTURER).where(MANUFACTURER.ID.eq(fromId)).execute();
        database.insertInto(MANUFACTURER_SPELLING, MANUFACTURER_SPELLING.NAME, MANUFACTURER_SPELLING.MANUFACTURER_ID)
            .values(fromName, intoId)
            .execute();
        return moved;
    }

    List<String> spellings(String manufacturerId) {
        return database.select(MANUFACTURER_SPELLING.NAME)
            .from(MANUFACTURER_SPELLING)
            .where(MANUFACTURER_SPELLING.MANUFACTURER_ID.eq(manufacturerId))
            .orderBy(MANUFACTURER_SPELLING.NAME)
            .fetch(MANUFACTURER_SPELLING.NAME);
    }

    StoredFacts facts(String manufacturerId) {
        return database.selectFrom(MANUFACTURER_FACTS)
            .where(MANUFACTURER_FACTS.MANUFACTURER_ID.eq(manufacturerId))
            .fetchOptional(row -> new StoredFacts(row.getVersion(),
                    new ManufacturerFacts(row.getShortName(), row.getRdmId(), row.getWebsite(), row.getContact())))
            .orElse(new StoredFacts(0, ManufacturerFacts.NONE));
    }

    /** {@return whether they were at {@code seen} and are now one further} */
    boolean putFacts(String manufacturerId, int seen, ManufacturerFacts facts) {
        return seen == 0
                ? database.insertInto(MANUFACTURER_FACTS, MANUFACTURER_FACTS.MANUFACTURER_ID, MANUFACTURER_FACTS.VERSION,
                        MANUFACTURER_FACTS.SHORT_NAME, MANUFACTURER_FACTS.RDM_ID, MANUFACTURER_FACTS.WEBSITE, MANUFACTURER_FACTS.CONTACT)
                    .values(manufacturerId, 1, facts.shortName(), facts.rdmId(), facts.website(), facts.contact())
                    .onDuplicateKeyIgnore()
                    .execute() == 1
                : database.update(MANUFACTURER_FACTS)
                    .set(MANUFACTURER_FACTS.VERSION, seen + 1)
                    .set(MANUFACTURER_FACTS.SHORT_NAME, facts.shortName())
                    .set(MANUFACTURER_FACTS.RDM_ID, facts.rdmId())
                    .set(MANUFACTURER_FACTS.WEBSITE, facts.website())
                    .set(MANUFACTURER_FACTS.CONTACT, facts.contact())
                    .where(MANUFACTURER_FACTS.MANUFACTURER_ID.eq(manufacturerId), MANUFACTURER_FACTS.VERSION.eq(seen))
                    .execute() == 1;
    }

    /**
     * What a profile is found by beside its name. @param tags words parted by spaces. @param version to be named with the next change; 0 =
     * nothing is said yet
     */
    public record Tags(int version, String tags, String otherNames) {}

    Tags tags(String profileId) {
        return database.select(PROFILE_FACTS.VERSION, PROFILE_FACTS.TAGS, PROFILE_FACTS.OTHER_NAMES)
            .from(PROFILE_FACTS)
            .where(PROFILE_FACTS.PROFILE_ID.eq(profileId))
            .fetchOptional(mapping(Tags::new))
            .orElse(new Tags(0, "", ""));
    }

    /** {@return whether they were at that version and are now one further} */
    boolean putTags(String profileId, Tags seen) {
        changes.note(profileId);
        return seen.version() == 0
                ? database
                    .insertInto(PROFILE_FACTS, PROFILE_FACTS.PROFILE_ID, PROFILE_FACTS.VERSION, PROFILE_FACTS.TAGS,
                            PROFILE_FACTS.OTHER_NAMES)
                    .values(profileId, 1, seen.tags(), seen.otherNames())
                    .onDuplicateKeyIgnore()
                    .execute() == 1
                : database.update(PROFILE_FACTS)
                    .set(PROFILE_FACTS.VERSION, seen.version() + 1)
                    .set(PROFILE_FACTS.TAGS, seen.tags())
                    .set(PROFILE_FACTS.OTHER_NAMES, seen.otherNames())
                    .where(PROFILE_FACTS.PROFILE_ID.eq(profileId), PROFILE_FACTS.VERSION.eq(seen.version()))
                    .execute() == 1;
    }

    /** Names are told apart by each sign, and sorted as people look for them. */
    static Field<String> asRead(Field<String> name) {
        return name.collate("utf8mb4_unicode_ci");
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

    /** {@return some profiles by their ids, with their newest revisions} */
    public Map<String, Listed> listed(Collection<String> ids) {
        return database
            .select(PROFILE.ID, PROFILE.NAME, MANUFACTURER.NAME, PROFILE.SHELF.convertFrom(Shelf::valueOf),
                    coalesce(REVISION.ID, inline("")), coalesce(REVISION.NUMBER, inline(0)), coalesce(REVISION.ERRORS, inline(0)),
                    coalesce(REVISION.WARNINGS, inline(0)), DRAFT.OPENED_BY)
            .from(PROFILE)
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .leftJoin(REVISION)
            .on(REVISION.PROFILE_ID.eq(PROFILE.ID), CardRepository.isNewest())
            .leftJoin(DRAFT)
            .on(DRAFT.OPEN_PROFILE_ID.eq(PROFILE.ID), DRAFT.VERSION.gt(0))
            .where(PROFILE.ID.in(ids))
            .fetchMap(PROFILE.ID, mapping(Listed::new));
    }

    /** {@return the pictures of those of some revisions that have one, by revision: hashes of their contents} */
    Map<String, String> pictures(Collection<String> revisionIds) {
        var path = DSL.field("coalesce(json_value({0}, '$.is.picture'), json_value({0}, '$.picture'))", String.class,
                REVISION_SYNOPSIS.KEPT);
        return database.select(REVISION_ENTRY.REVISION_ID, REVISION_ENTRY.SHA256)
            .from(REVISION_SYNOPSIS)
            .join(REVISION_ENTRY)
            .on(REVISION_ENTRY.REVISION_ID.eq(REVISION_SYNOPSIS.REVISION_ID), REVISION_ENTRY.PATH.eq(path))
            .where(REVISION_SYNOPSIS.REVISION_ID.in(revisionIds))
            .fetchMap(REVISION_ENTRY.REVISION_ID, REVISION_ENTRY.SHA256);
    }

    /** A mode of another profile that has the same DMX map. @param own name of the mode that it is like */
    public record SameMap(String own, String profileId, String name, String mode) {}

    /**
     * {@return modes of other profiles' newest revisions whose DMX maps are those of a revision, except copies and production versions that
     * are known to derive from it}
     */
    List<SameMap> sameMaps(String profileId, String revisionId, int limit) {
        var own = REVISION_MODE.as("own");
        var later = REVISION.as("later");
        return database.select(own.NAME, PROFILE.ID, MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION_MODE.NAME)
            .from(own)
            .join(REVISION_MODE)
            .on(REVISION_MODE.MAP_SHA256.eq(own.MAP_SHA256))
            .join(REVISION)
            .on(REVISION.ID.eq(REVISION_MODE.REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(own.REVISION_ID.eq(revisionId), PROFILE.ID.ne(profileId), PROFILE.BINNED_AT.isNull(), CardRepository.isNewest())
            .and(PROFILE.ID.notIn(DSL.select(PROFILE_ORIGIN.PROFILE_ID)
                .from(PROFILE_ORIGIN)
                .join(later)
                .on(later.ID.eq(PROFILE_ORIGIN.ORIGIN_REVISION_ID))
                .where(later.PROFILE_ID.eq(profileId))))
            .and(PROFILE.ID.notIn(DSL.select(PRODUCTION_VERSION.PROFILE_ID)
                .from(PRODUCTION_VERSION)
                .join(later)
                .on(later.ID.eq(PRODUCTION_VERSION.ORIGIN_REVISION_ID))
                .where(later.PROFILE_ID.eq(profileId))))
            .orderBy(own.POSITION, asRead(MANUFACTURER.NAME), asRead(PROFILE.NAME), REVISION_MODE.POSITION)
            .limit(limit)
            .fetch(mapping(SameMap::new));
    }

    /** {@return the modes of those revisions by revision, in the order of each file} */
    public Map<String, List<ListedMode>> modes(Collection<String> revisionIds) {
        return database
            .select(REVISION_MODE.REVISION_ID, REVISION_MODE.NAME, REVISION_MODE.FOOTPRINT, REVISION_MODE.CHANNELS, REVISION_MODE.TAIL)
            .from(REVISION_MODE)
            .where(REVISION_MODE.REVISION_ID.in(revisionIds))
            .orderBy(REVISION_MODE.REVISION_ID, REVISION_MODE.POSITION)
            .fetchGroups(REVISION_MODE.REVISION_ID, mapping(ListedMode::new));
    }
}
