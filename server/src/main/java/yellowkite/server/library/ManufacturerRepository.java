package yellowkite.server.library;

import static org.jooq.impl.DSL.inline;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.MANUFACTURER_FACTS;
import static yellowkite.server.tables.Tables.MANUFACTURER_SPELLING;
import static yellowkite.server.tables.Tables.PROFILE;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import yellowkite.core.library.ManufacturerFacts;
import yellowkite.server.revisions.LibraryChangeRepository;

/** Manufacturers: their names and spellings, and what is known of them. */
@Repository
public class ManufacturerRepository {
    private final DSLContext database;
    private final LibraryChangeRepository changes;

    ManufacturerRepository(DSLContext database, LibraryChangeRepository changes) {
        this.database = database;
        this.changes = changes;
    }

    /** {@return the id of the manufacturer of that name, or of which that is another spelling} */
    public String findOrAdd(String name) {
        return findKnown(name).orElseGet(() -> {
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
    Optional<String> findKnown(String name) {
        return database.select(MANUFACTURER_SPELLING.MANUFACTURER_ID, inline(0).as("place"))
            .from(MANUFACTURER_SPELLING)
            .where(MANUFACTURER_SPELLING.NAME.eq(name))
            .unionAll(DSL.select(MANUFACTURER.ID, inline(1)).from(MANUFACTURER).where(MANUFACTURER.NAME.eq(name)))
            .orderBy(DSL.field("place"))
            .limit(1)
            .fetchOptional(0, String.class);
    }

    /** {@return the ids of all by their names and by what else counts as them; a spelling comes before a name} */
    public Map<String, String> idsByName() {
        var ids = new HashMap<>(
                database.select(MANUFACTURER.NAME, MANUFACTURER.ID).from(MANUFACTURER).fetchMap(MANUFACTURER.NAME, MANUFACTURER.ID));
        ids.putAll(database.select(MANUFACTURER_SPELLING.NAME, MANUFACTURER_SPELLING.MANUFACTURER_ID)
            .from(MANUFACTURER_SPELLING)
            .fetchMap(MANUFACTURER_SPELLING.NAME, MANUFACTURER_SPELLING.MANUFACTURER_ID));
        return ids;
    }

    /** {@return the names of all, by id} */
    public Map<String, String> namesById() {
        return database.select(MANUFACTURER.ID, MANUFACTURER.NAME).from(MANUFACTURER).fetchMap(MANUFACTURER.ID, MANUFACTURER.NAME);
    }

    public List<String> names() {
        return database.select(MANUFACTURER.NAME).from(MANUFACTURER).orderBy(asRead(MANUFACTURER.NAME)).fetch(MANUFACTURER.NAME);
    }

    /** @param version to be named with the next change; 0 = nothing is known yet */
    record StoredFacts(int version, ManufacturerFacts facts) {}

    /** {@return the id of a manufacturer} */
    public Optional<String> find(String name) {
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

    /** {@return the manufacturer of that name, added if there is none} Nobody else adds a profile of it until the transaction ends. */
    String lock(String name) {
        var id = findOrAdd(name);
        database.select(MANUFACTURER.ID).from(MANUFACTURER).where(MANUFACTURER.ID.eq(id)).forUpdate().fetch();
        return id;
    }

    /** Names are told apart by each sign, and sorted as people look for them. */
    static Field<String> asRead(Field<String> name) {
        return name.collate("utf8mb4_unicode_ci");
    }
}
