package yellowkite.server.bench;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.LOOK;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Looks that are kept of modes: what each channel was at. */
@Repository
class LookRepository {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int VERSION = 1;
    private final DSLContext database;

    LookRepository(DSLContext database) {
        this.database = database;
    }

    /** @param values raw, by the name of the channel in its place */
    record StoredLook(String id, String name, Map<String, Long> values, String author) {}

    List<StoredLook> list(String profileId, String mode) {
        return where(LOOK.PROFILE_ID.eq(profileId).and(LOOK.MODE.eq(mode)));
    }

    Optional<StoredLook> find(String id) {
        return where(LOOK.ID.eq(id)).stream().findFirst();
    }

    private List<StoredLook> where(Condition condition) {
        return database.select(LOOK.ID, LOOK.NAME, LOOK.CHANNELS.convertFrom(LookRepository::values), LOOK.AUTHOR)
            .from(LOOK)
            .where(condition)
            .orderBy(LOOK.NAME)
            .fetch(mapping(StoredLook::new));
    }

    void put(String profileId, String mode, String name, Map<String, Long> values, String author) {
        var json = JSON.writeValueAsString(new Kept(VERSION, values));
        database.insertInto(LOOK, LOOK.ID, LOOK.PROFILE_ID, LOOK.MODE, LOOK.NAME, LOOK.CHANNELS, LOOK.AUTHOR)
            .values(UUID.randomUUID().toString(), profileId, mode, name, json, author)
            .onDuplicateKeyUpdate()
            .set(LOOK.CHANNELS, json)
            .set(LOOK.AUTHOR, author)
            .execute();
    }

    private record Kept(int version, Map<String, Long> channels) {}

    /** Of a form that is not known here nothing is taken. */
    private static Map<String, Long> values(String json) {
        var kept = JSON.readValue(json, Kept.class);
        return kept.version() == VERSION ? kept.channels() : Map.of();
    }

    void remove(String id) {
        database.deleteFrom(LOOK).where(LOOK.ID.eq(id)).execute();
    }
}
