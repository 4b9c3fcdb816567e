package yellowkite.server.library;

import static yellowkite.server.tables.Tables.HOUSE_STATE;

import java.time.LocalDateTime;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What the house as a whole has been through, and when. */
@Repository
public class HouseStateRepository {
    private final DSLContext database;

    HouseStateRepository(DSLContext database) {
        this.database = database;
    }

    /** What can be said of a house, once. */
    public enum State {
        /** It was given something to begin with, or began with something of its own: nothing is given to it any more. */
        FURNISHED,
        /** Since when it has been looked after without a long break. */
        WATCHED_SINCE,
        /** When it was looked after last. */
        WATCHED_LAST,
        /** When its Reference shelf changed last. */
        RELEASED
    }

    /** {@return when that was, UTC; none if it never was} */
    public Optional<LocalDateTime> find(State state) {
        return database.select(HOUSE_STATE.AT).from(HOUSE_STATE).where(HOUSE_STATE.NAME.eq(state.name())).fetchOptional(HOUSE_STATE.AT);
    }

    /** @param at UTC */
    public void put(State state, LocalDateTime at) {
        database.insertInto(HOUSE_STATE, HOUSE_STATE.NAME, HOUSE_STATE.AT)
            .values(state.name(), at)
            .onDuplicateKeyUpdate()
            .set(HOUSE_STATE.AT, at)
            .execute();
    }
}
