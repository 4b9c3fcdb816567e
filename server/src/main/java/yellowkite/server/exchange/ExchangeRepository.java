package yellowkite.server.exchange;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.RIG;
import static yellowkite.server.tables.Tables.RIG_EXCHANGE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** When rigs and files said the same. */
@Repository
class ExchangeRepository {
    private final DSLContext database;

    ExchangeRepository(DSLContext database) {
        this.database = database;
    }

    enum Direction {
        IN, OUT
    }

    /**
     * @param sceneId the file; null where it is not kept. @param says what came or went, in words
     * @param version of the rig, right after it
     */
    record StoredExchange(String id, String rigId, Direction direction, @Nullable String sceneId, String name, String says, String author,
            LocalDateTime at, int version) {}

    /** One that was noted before is not noted again. */
    void add(StoredExchange each) {
        database
            .insertInto(RIG_EXCHANGE, RIG_EXCHANGE.ID, RIG_EXCHANGE.RIG_ID, RIG_EXCHANGE.DIRECTION, RIG_EXCHANGE.SCENE_ID,
                    RIG_EXCHANGE.NAME, RIG_EXCHANGE.SAYS, RIG_EXCHANGE.AUTHOR, RIG_EXCHANGE.EXCHANGED_AT, RIG_EXCHANGE.VERSION)
            .values(each.id(), each.rigId(), each.direction().name(), each.sceneId(), each.name(), each.says(), each.author(), each.at(),
                    each.version())
            .onDuplicateKeyIgnore()
            .execute();
    }

    Optional<StoredExchange> find(String id) {
        return newestOf(RIG_EXCHANGE.ID.eq(id));
    }

    /** {@return the last exchange of a rig} */
    Optional<StoredExchange> newest(String rigId) {
        return newestOf(RIG_EXCHANGE.RIG_ID.eq(rigId));
    }

    /** {@return the last one whose file is kept} */
    Optional<StoredExchange> newestWithScene(String rigId) {
        return newestOf(RIG_EXCHANGE.RIG_ID.eq(rigId).and(RIG_EXCHANGE.SCENE_ID.isNotNull()));
    }

    private Optional<StoredExchange> newestOf(Condition which) {
        return database
            .select(RIG_EXCHANGE.ID, RIG_EXCHANGE.RIG_ID, RIG_EXCHANGE.DIRECTION.convertFrom(Direction::valueOf), RIG_EXCHANGE.SCENE_ID,
                    RIG_EXCHANGE.NAME, RIG_EXCHANGE.SAYS, RIG_EXCHANGE.AUTHOR, RIG_EXCHANGE.EXCHANGED_AT, RIG_EXCHANGE.VERSION)
            .from(RIG_EXCHANGE)
            .where(which)
            .orderBy(RIG_EXCHANGE.EXCHANGED_AT.desc(), RIG_EXCHANGE.VERSION.desc(), RIG_EXCHANGE.ID)
            .limit(1)
            .fetchOptional(mapping(StoredExchange::new));
    }

    /** An exchange as it is listed. */
    record ListedExchange(String rigId, String rig, Direction direction, String name, String says, String author, LocalDateTime at) {}

    /** {@return the newest ones of all rigs} */
    List<ListedExchange> list(int most) {
        return database
            .select(RIG_EXCHANGE.RIG_ID, RIG.NAME, RIG_EXCHANGE.DIRECTION.convertFrom(Direction::valueOf), RIG_EXCHANGE.NAME,
                    RIG_EXCHANGE.SAYS, RIG_EXCHANGE.AUTHOR, RIG_EXCHANGE.EXCHANGED_AT)
            .from(RIG_EXCHANGE)
            .join(RIG)
            .on(RIG.ID.eq(RIG_EXCHANGE.RIG_ID))
            .orderBy(RIG_EXCHANGE.EXCHANGED_AT.desc(), RIG_EXCHANGE.ID)
            .limit(most)
            .fetch(mapping(ListedExchange::new));
    }
}
