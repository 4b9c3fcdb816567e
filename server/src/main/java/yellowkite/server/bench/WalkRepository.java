package yellowkite.server.bench;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.WALK;
import static yellowkite.server.tables.Tables.WALK_ANSWER;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.bench.Walk.Verdict;

/** Walks, and what was answered on them. */
@Repository
class WalkRepository {
    /** Of one profile; older ones are in nobody's mind. */
    static final int MOST = 200;
    private final DSLContext database;

    WalkRepository(DSLContext database) {
        this.database = database;
    }

    enum State {
        GOING, DONE, STOPPED, FAILED
    }

    /**
     * @param mode of the revision's modes, from 0. @param since id of the walk whose steps are left out where nothing changed; null = none
     * @param edition of the rules that made its steps. @param telemetry empty where hands answer
     * @param says what became of it, a sentence. @param footprint null where the fixture says none
     */
    record StoredWalk(String id, String revisionId, String profileId, int number, int mode, boolean quick,
            @Nullable String since, int edition, String destination,
            int universe, int address, String telemetry, String fixtureSerial, String firmware, String notes, String author,
            LocalDateTime startedAt, State state, String says, int steps, @Nullable Integer footprint) {
        StoredWalk with(int count) {
            return new StoredWalk(id, revisionId, profileId, number, mode, quick, since, edition, destination, universe, address, telemetry,
                    fixtureSerial, firmware, notes, author, startedAt, state, says, count, footprint);
        }
    }

    /**
     * @param value of a step that was made on the way, {@code madeFrom} one of the walk's own; both null else. @param seen JSON, null by
     * hand
     */
    record StoredAnswer(int step, @Nullable Long value, @Nullable Integer madeFrom, Verdict verdict, String reason,
            @Nullable String seen) {}

    void add(StoredWalk each) {
        database
            .insertInto(WALK, WALK.ID, WALK.REVISION_ID, WALK.MODE, WALK.QUICK, WALK.SINCE, WALK.EDITION, WALK.DESTINATION, WALK.UNIVERSE,
                    WALK.ADDRESS,
                    WALK.TELEMETRY, WALK.FIXTURE_SERIAL, WALK.FIRMWARE, WALK.NOTES, WALK.AUTHOR, WALK.STARTED_AT, WALK.STATE, WALK.SAYS,
                    WALK.STEPS, WALK.TOUCHED_AT)
            .values(each.id(), each.revisionId(), each.mode(), each.quick(), each.since(), each.edition(), each.destination(),
                    each.universe(),
                    each.address(), each.telemetry(), each.fixtureSerial(), each.firmware(), each.notes(), each.author(), each.startedAt(),
                    each.state().name(), each.says(), each.steps(), each.startedAt())
            .execute();
    }

    private List<StoredWalk> where(Condition condition, int most) {
        return database
            .select(WALK.ID, WALK.REVISION_ID, REVISION.PROFILE_ID, REVISION.NUMBER, WALK.MODE, WALK.QUICK, WALK.SINCE, WALK.EDITION,
                    WALK.DESTINATION,
                    WALK.UNIVERSE, WALK.ADDRESS, WALK.TELEMETRY, WALK.FIXTURE_SERIAL, WALK.FIRMWARE, WALK.NOTES, WALK.AUTHOR,
                    WALK.STARTED_AT, WALK.STATE.convertFrom(State::valueOf), WALK.SAYS, WALK.STEPS, WALK.FOOTPRINT)
            .from(WALK)
            .join(REVISION)
            .on(REVISION.ID.eq(WALK.REVISION_ID))
            .where(condition)
            .orderBy(WALK.STARTED_AT.desc(), WALK.ID)
            .limit(most)
            .fetch(mapping(StoredWalk::new));
    }

    Optional<StoredWalk> find(String id) {
        return where(WALK.ID.eq(id), 1).stream().findFirst();
    }

    /** {@return the newest} */
    List<StoredWalk> list(int most) {
        return where(DSL.trueCondition(), most);
    }

    /** {@return the newest of a profile} */
    List<StoredWalk> ofProfile(String profileId, int most) {
        return where(REVISION.PROFILE_ID.eq(profileId), most);
    }

    /** {@return walks of a profile up to a revision that prove their mode, the newest revision first} */
    List<StoredWalk> proving(String profileId, int upTo) {
        return where(REVISION.PROFILE_ID.eq(profileId).and(REVISION.NUMBER.le(upTo)).and(WALK.PROVEN.isTrue()), MOST).stream()
            .sorted(Comparator.comparingInt(StoredWalk::number).reversed())
            .toList();
    }

    /** {@return those of some profiles that were walked} */
    Set<String> walkedAmong(Collection<String> profileIds) {
        return database.selectDistinct(REVISION.PROFILE_ID)
            .from(WALK)
            .join(REVISION)
            .on(REVISION.ID.eq(WALK.REVISION_ID))
            .where(REVISION.PROFILE_ID.in(profileIds))
            .fetchSet(REVISION.PROFILE_ID);
    }

    /** Notes that a walk proves its mode. */
    void prove(String walkId) {
        database.update(WALK).set(WALK.PROVEN, true).where(WALK.ID.eq(walkId)).execute();
    }

    /** Keeps an answer; the last word on a step counts. {@return whether the walk still goes on} */
    boolean answer(String walkId, StoredAnswer answer, LocalDateTime at) {
        database
            .insertInto(WALK_ANSWER, WALK_ANSWER.WALK_ID, WALK_ANSWER.STEP, WALK_ANSWER.VALUE, WALK_ANSWER.MADE_FROM, WALK_ANSWER.VERDICT,
                    WALK_ANSWER.REASON, WALK_ANSWER.SEEN, WALK_ANSWER.ANSWERED_AT)
            .values(walkId, answer.step(), answer.value(), answer.madeFrom(), answer.verdict().name(), answer.reason(), answer.seen(), at)
            .onDuplicateKeyUpdate()
            .set(WALK_ANSWER.VERDICT, answer.verdict().name())
            .set(WALK_ANSWER.REASON, answer.reason())
            .set(WALK_ANSWER.SEEN, answer.seen())
            .set(WALK_ANSWER.ANSWERED_AT, at)
            .execute();
        return database.update(WALK)
            .set(WALK.TOUCHED_AT, at)
            .where(WALK.ID.eq(walkId), WALK.STATE.eq(State.GOING.name()))
            .execute() == 1;
    }

    /** {@return in the order of the steps} */
    List<StoredAnswer> answers(String walkId) {
        return answersWhere(WALK_ANSWER.WALK_ID.eq(walkId));
    }

    Optional<StoredAnswer> answer(String walkId, int step) {
        return answersWhere(WALK_ANSWER.WALK_ID.eq(walkId).and(WALK_ANSWER.STEP.eq(step))).stream().findFirst();
    }

    private List<StoredAnswer> answersWhere(Condition condition) {
        return database
            .select(WALK_ANSWER.STEP, WALK_ANSWER.VALUE, WALK_ANSWER.MADE_FROM, WALK_ANSWER.VERDICT.convertFrom(Verdict::valueOf),
                    WALK_ANSWER.REASON, WALK_ANSWER.SEEN)
            .from(WALK_ANSWER)
            .where(condition)
            .orderBy(WALK_ANSWER.STEP)
            .fetch(mapping(StoredAnswer::new));
    }

    /** {@return how many steps of the walk itself were answered so} */
    Map<Verdict, Integer> counts(String walkId) {
        return database.select(WALK_ANSWER.VERDICT, DSL.count())
            .from(WALK_ANSWER)
            .where(WALK_ANSWER.WALK_ID.eq(walkId), WALK_ANSWER.VALUE.isNull())
            .groupBy(WALK_ANSWER.VERDICT)
            .fetchMap(each -> Verdict.valueOf(each.value1()), each -> each.value2());
    }

    /** Notes what became of one that goes on. {@return whether it did} */
    boolean end(String walkId, State state, String says, @Nullable Integer footprint) {
        return database.update(WALK)
            .set(WALK.STATE, state.name())
            .set(WALK.SAYS, says)
            .set(WALK.FOOTPRINT, footprint)
            .where(WALK.ID.eq(walkId), WALK.STATE.eq(State.GOING.name()))
            .execute() == 1;
    }

    /** One that was stopped goes on. {@return whether it was} */
    boolean goOn(String walkId, LocalDateTime at) {
        return database.update(WALK)
            .set(WALK.STATE, State.GOING.name())
            .set(WALK.SAYS, "")
            .set(WALK.TOUCHED_AT, at)
            .where(WALK.ID.eq(walkId), WALK.STATE.ne(State.GOING.name()), WALK.STATE.ne(State.DONE.name()))
            .execute() == 1;
    }

    /** Walks by instruments that nobody has worked on since: whoever did is gone. */
    int leaveAlone(LocalDateTime before, String says) {
        return database.update(WALK)
            .set(WALK.STATE, State.STOPPED.name())
            .set(WALK.SAYS, says)
            .where(WALK.STATE.eq(State.GOING.name()), WALK.TELEMETRY.ne(""), WALK.TOUCHED_AT.lt(before))
            .execute();
    }
}
