package yellowkite.server.neighbours;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.NEIGHBOUR;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Who the neighbours are. */
@Repository
class NeighbourRepository {
    private final DSLContext database;

    NeighbourRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * @param secret encrypted. @param askedAt null until it was asked for news. @param changeSeen number of the last change that it told of
     * @param trouble why it did not answer then; empty if it did
     */
    record StoredNeighbour(String id, int version, String name, String address, String login, byte[] secret, String addedBy,
            LocalDateTime addedAt, @Nullable LocalDateTime askedAt, int changeSeen, String trouble) {}

    List<StoredNeighbour> list() {
        return database.selectFrom(NEIGHBOUR).orderBy(NEIGHBOUR.NAME, NEIGHBOUR.ID).fetch(mapping(StoredNeighbour::new));
    }

    Optional<StoredNeighbour> find(String id) {
        return database.selectFrom(NEIGHBOUR).where(NEIGHBOUR.ID.eq(id)).fetchOptional(mapping(StoredNeighbour::new));
    }

    void add(StoredNeighbour each) {
        database
            .insertInto(NEIGHBOUR, NEIGHBOUR.ID, NEIGHBOUR.VERSION, NEIGHBOUR.NAME, NEIGHBOUR.ADDRESS, NEIGHBOUR.LOGIN, NEIGHBOUR.SECRET,
                    NEIGHBOUR.ADDED_BY, NEIGHBOUR.ADDED_AT, NEIGHBOUR.CHANGE_SEEN, NEIGHBOUR.TROUBLE)
            .values(each.id(), each.version(), each.name(), each.address(), each.login(), each.secret(), each.addedBy(), each.addedAt(),
                    each.changeSeen(), each.trouble())
            .execute();
    }

    /** {@return whether it was at that version and is changed now} */
    boolean change(String id, int seen, String name, String address, String login, byte[] secret) {
        return database.update(NEIGHBOUR)
            .set(NEIGHBOUR.NAME, name)
            .set(NEIGHBOUR.ADDRESS, address)
            .set(NEIGHBOUR.LOGIN, login)
            .set(NEIGHBOUR.SECRET, secret)
            .set(NEIGHBOUR.VERSION, seen + 1)
            .where(NEIGHBOUR.ID.eq(id), NEIGHBOUR.VERSION.eq(seen))
            .execute() == 1;
    }

    /** It told of its changes up to one. */
    void told(String id, int changeSeen) {
        database.update(NEIGHBOUR).set(NEIGHBOUR.CHANGE_SEEN, changeSeen).where(NEIGHBOUR.ID.eq(id)).execute();
    }

    /** @param trouble why it did not answer; empty if it did */
    void asked(String id, LocalDateTime at, String trouble) {
        database.update(NEIGHBOUR)
            .set(NEIGHBOUR.ASKED_AT, at)
            .set(NEIGHBOUR.TROUBLE, trouble)
            .where(NEIGHBOUR.ID.eq(id))
            .execute();
    }

    void delete(String id) {
        database.deleteFrom(NEIGHBOUR).where(NEIGHBOUR.ID.eq(id)).execute();
    }
}
