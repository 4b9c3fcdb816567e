package yellowkite.server.neighbours;

import static org.jooq.Records.mapping;
import static org.jooq.impl.DSL.select;
import static yellowkite.server.tables.Tables.NEIGHBOUR;
import static yellowkite.server.tables.Tables.NEIGHBOUR_PIECE;
import static yellowkite.server.tables.Tables.NEIGHBOUR_TAKING;

import java.nio.ByteBuffer;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Profiles on their way from neighbours. */
@Repository
class TakingRepository {
    private final DSLContext database;

    TakingRepository(DSLContext database) {
        this.database = database;
    }

    enum State {
        GOING, TAKEN, FAILED, STOPPED
    }

    /**
     * @param received bytes of {@code size}. @param says what became of it, one sentence
     * @param profileId what it became; null until then, as is its revision's number
     */
    record StoredTaking(String id, String neighbourId, String neighbour, String remoteId, String manufacturer, String model, int revision,
            String sha256, int size, boolean asNext, String author, LocalDateTime startedAt, State state, int received, String says,
            @Nullable String profileId, @Nullable Integer number) {}

    /** {@return whether it was not there before} */
    boolean add(StoredTaking each) {
        return database
            .insertInto(NEIGHBOUR_TAKING, NEIGHBOUR_TAKING.ID, NEIGHBOUR_TAKING.NEIGHBOUR_ID, NEIGHBOUR_TAKING.REMOTE_ID,
                    NEIGHBOUR_TAKING.MANUFACTURER, NEIGHBOUR_TAKING.MODEL, NEIGHBOUR_TAKING.REVISION, NEIGHBOUR_TAKING.SHA256,
                    NEIGHBOUR_TAKING.SIZE, NEIGHBOUR_TAKING.AS_NEXT, NEIGHBOUR_TAKING.AUTHOR, NEIGHBOUR_TAKING.STARTED_AT,
                    NEIGHBOUR_TAKING.STATE, NEIGHBOUR_TAKING.RECEIVED, NEIGHBOUR_TAKING.SAYS, NEIGHBOUR_TAKING.TOUCHED_AT)
            .values(each.id(), each.neighbourId(), each.remoteId(), each.manufacturer(), each.model(), each.revision(), each.sha256(),
                    each.size(), each.asNext(), each.author(), each.startedAt(), each.state().name(), each.received(), each.says(),
                    each.startedAt())
            .onDuplicateKeyIgnore()
            .execute() == 1;
    }

    Optional<StoredTaking> find(String id) {
        return where(NEIGHBOUR_TAKING.ID.eq(id), 1).stream().findFirst();
    }

    /** {@return the newest ones} */
    List<StoredTaking> list(int most) {
        return where(DSL.trueCondition(), most);
    }

    private List<StoredTaking> where(Condition condition, int most) {
        return database
            .select(NEIGHBOUR_TAKING.ID, NEIGHBOUR_TAKING.NEIGHBOUR_ID, NEIGHBOUR.NAME, NEIGHBOUR_TAKING.REMOTE_ID,
                    NEIGHBOUR_TAKING.MANUFACTURER, NEIGHBOUR_TAKING.MODEL, NEIGHBOUR_TAKING.REVISION, NEIGHBOUR_TAKING.SHA256,
                    NEIGHBOUR_TAKING.SIZE, NEIGHBOUR_TAKING.AS_NEXT, NEIGHBOUR_TAKING.AUTHOR, NEIGHBOUR_TAKING.STARTED_AT,
                    NEIGHBOUR_TAKING.STATE.convertFrom(State::valueOf), NEIGHBOUR_TAKING.RECEIVED, NEIGHBOUR_TAKING.SAYS,
                    NEIGHBOUR_TAKING.PROFILE_ID, NEIGHBOUR_TAKING.NUMBER)
            .from(NEIGHBOUR_TAKING)
            .join(NEIGHBOUR)
            .on(NEIGHBOUR.ID.eq(NEIGHBOUR_TAKING.NEIGHBOUR_ID))
            .where(condition)
            .orderBy(NEIGHBOUR_TAKING.STARTED_AT.desc(), NEIGHBOUR_TAKING.ID)
            .limit(most)
            .fetch(mapping(StoredTaking::new));
    }

    /** Keeps a piece. {@return whether it is still wanted} */
    boolean addPiece(String id, int from, byte[] bytes, LocalDateTime at) {
        database.insertInto(NEIGHBOUR_PIECE, NEIGHBOUR_PIECE.TAKING_ID, NEIGHBOUR_PIECE.FROM_BYTE, NEIGHBOUR_PIECE.BYTES)
            .select(select(NEIGHBOUR_TAKING.ID, DSL.val(from), DSL.val(bytes)).from(NEIGHBOUR_TAKING).where(NEIGHBOUR_TAKING.ID.eq(id)))
            .onDuplicateKeyIgnore()
            .execute();
        return database.update(NEIGHBOUR_TAKING)
            .set(NEIGHBOUR_TAKING.RECEIVED, from + bytes.length)
            .set(NEIGHBOUR_TAKING.TOUCHED_AT, at)
            .where(NEIGHBOUR_TAKING.ID.eq(id), NEIGHBOUR_TAKING.STATE.eq(State.GOING.name()))
            .execute() == 1;
    }

    /** Notes that somebody is working on it. */
    void touch(String id, LocalDateTime at) {
        database.update(NEIGHBOUR_TAKING).set(NEIGHBOUR_TAKING.TOUCHED_AT, at).where(NEIGHBOUR_TAKING.ID.eq(id)).execute();
    }

    /** {@return how many bytes have come} */
    int received(String id) {
        return database.select(DSL.coalesce(DSL.sum(DSL.octetLength(NEIGHBOUR_PIECE.BYTES.coerce(String.class))), 0))
            .from(NEIGHBOUR_PIECE)
            .where(NEIGHBOUR_PIECE.TAKING_ID.eq(id))
            .fetchSingle(0, Integer.class);
    }

    /** {@return all that has come} One piece after the other, so that it is in memory once. @param size of it */
    byte[] whole(String id, int size) {
        var whole = ByteBuffer.allocate(size);
        while (whole.hasRemaining()) {
            var piece = database.select(NEIGHBOUR_PIECE.BYTES)
                .from(NEIGHBOUR_PIECE)
                .where(NEIGHBOUR_PIECE.TAKING_ID.eq(id), NEIGHBOUR_PIECE.FROM_BYTE.eq(whole.position()))
                .fetchOne(NEIGHBOUR_PIECE.BYTES);
            if (piece == null || piece.length > whole.remaining()) {
                return new byte[0]; // two have worked on it; its hash is none then, and it is fetched anew
            }
            whole.put(piece);
        }
        return whole.array();
    }

    /** Notes what became of one that is going. @param keepPieces whether it can be gone on with */
    void end(String id, State state, String says, @Nullable String profileId, @Nullable Integer number, boolean keepPieces) {
        if (!keepPieces) {
            database.deleteFrom(NEIGHBOUR_PIECE).where(NEIGHBOUR_PIECE.TAKING_ID.eq(id)).execute();
        }
        var row = database.update(NEIGHBOUR_TAKING)
            .set(NEIGHBOUR_TAKING.STATE, state.name())
            .set(NEIGHBOUR_TAKING.SAYS, says)
            .set(NEIGHBOUR_TAKING.PROFILE_ID, profileId)
            .set(NEIGHBOUR_TAKING.NUMBER, number);
        (keepPieces || state == State.TAKEN ? row : row.set(NEIGHBOUR_TAKING.RECEIVED, 0))
            .where(NEIGHBOUR_TAKING.ID.eq(id), NEIGHBOUR_TAKING.STATE.eq(State.GOING.name()))
            .execute();
    }

    /** {@return whether it goes on now} */
    boolean goOn(String id, LocalDateTime at) {
        return database.update(NEIGHBOUR_TAKING)
            .set(NEIGHBOUR_TAKING.STATE, State.GOING.name())
            .set(NEIGHBOUR_TAKING.SAYS, "")
            .set(NEIGHBOUR_TAKING.TOUCHED_AT, at)
            .where(NEIGHBOUR_TAKING.ID.eq(id), NEIGHBOUR_TAKING.STATE.in(State.FAILED.name(), State.STOPPED.name()))
            .execute() == 1;
    }

    /** {@return one that nobody has worked on since a time, and that is the caller's now; none if there is none} */
    Optional<String> claim(LocalDateTime untouchedSince, LocalDateTime at) {
        var left = database.select(NEIGHBOUR_TAKING.ID, NEIGHBOUR_TAKING.TOUCHED_AT)
            .from(NEIGHBOUR_TAKING)
            .where(NEIGHBOUR_TAKING.STATE.eq(State.GOING.name()), NEIGHBOUR_TAKING.TOUCHED_AT.lt(untouchedSince))
            .limit(1)
            .fetchOne();
        if (left == null) {
            return Optional.empty();
        }
        boolean ours = database.update(NEIGHBOUR_TAKING)
            .set(NEIGHBOUR_TAKING.TOUCHED_AT, at)
            .where(NEIGHBOUR_TAKING.ID.eq(left.value1()), NEIGHBOUR_TAKING.TOUCHED_AT.eq(left.value2()))
            .execute() == 1;
        return ours ? Optional.of(left.value1()) : Optional.empty();
    }
}
