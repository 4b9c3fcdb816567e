package yellowkite.server.intake;

import static org.jooq.Records.mapping;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.sum;
import static org.jooq.impl.DSL.when;
import static yellowkite.server.tables.Tables.INTAKE_FILE;
import static yellowkite.server.tables.Tables.INTAKE_RUN;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record7;
import org.jooq.SelectOnConditionStep;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Files that come in together, and what became of each. */
@Repository
class RunRepository {
    private static final int AT_ONCE = 100;
    private final DSLContext database;

    RunRepository(DSLContext database) {
        this.database = database;
    }

    /** {@code KNOWN}: the library had it already. {@code WAITS}: a question has to be answered first. */
    enum Outcome {
        TAKEN, KNOWN, REFUSED, WAITS
    }

    /** A file that is to come in. @param size bytes */
    record Announced(String name, long size) {}

    /** @param outcome null until the file was sent. @param says one sentence */
    record FileLine(int position, String name, long size, @Nullable Outcome outcome, String says,
            @Nullable String profileId) {}

    /** @param done files that were sent; {@code troubled} ones were refused or wait. @param closed whether nobody wants to go on with it */
    record RunLine(String id, String author, LocalDateTime startedAt, boolean closed, int total, int done, int troubled) {}

    void add(String id, String author, LocalDateTime at, List<Announced> files) {
        database.insertInto(INTAKE_RUN, INTAKE_RUN.ID, INTAKE_RUN.AUTHOR, INTAKE_RUN.STARTED_AT, INTAKE_RUN.CLOSED)
            .values(id, author, at, false)
            .execute();
        for (int from = 0; from < files.size(); from += 500) {
            var rows = database.insertInto(INTAKE_FILE, INTAKE_FILE.RUN_ID, INTAKE_FILE.POSITION, INTAKE_FILE.NAME, INTAKE_FILE.SIZE,
                    INTAKE_FILE.SAYS);
            for (int i = from; i < Math.min(files.size(), from + 500); i++) {
                rows = rows.values(id, i, files.get(i).name(), files.get(i).size(), "");
            }
            rows.execute();
        }
    }

    /** Notes what became of a file; the last word counts. */
    void note(String runId, FileLine line) {
        database.update(INTAKE_FILE)
            .set(INTAKE_FILE.OUTCOME, line.outcome() == null ? null : line.outcome().name())
            .set(INTAKE_FILE.SAYS, line.says())
            .set(INTAKE_FILE.PROFILE_ID, line.profileId())
            .where(INTAKE_FILE.RUN_ID.eq(runId), INTAKE_FILE.POSITION.eq(line.position()))
            .execute();
    }

    void close(String runId) {
        database.update(INTAKE_RUN).set(INTAKE_RUN.CLOSED, true).where(INTAKE_RUN.ID.eq(runId)).execute();
    }

    /** Forgets the reports of runs that began before a time. {@return how many} */
    int forgetBefore(LocalDateTime time) {
        var old = database.select(INTAKE_RUN.ID).from(INTAKE_RUN).where(INTAKE_RUN.STARTED_AT.lt(time)).limit(AT_ONCE).fetch(INTAKE_RUN.ID);
        return database.deleteFrom(INTAKE_RUN).where(INTAKE_RUN.ID.in(old)).execute();
    }

    Optional<RunLine> find(String runId) {
        return runs().where(INTAKE_RUN.ID.eq(runId)).groupBy(INTAKE_RUN.ID).fetchOptional(mapping(RunLine::new));
    }

    /** {@return the newest runs} */
    List<RunLine> list(int limit) {
        return runs().groupBy(INTAKE_RUN.ID).orderBy(INTAKE_RUN.STARTED_AT.desc(), INTAKE_RUN.ID).limit(limit).fetch(mapping(RunLine::new));
    }

    private SelectOnConditionStep<Record7<String, String, LocalDateTime, Boolean, Integer, Integer, Integer>> runs() {
        var troubled = sum(when(INTAKE_FILE.OUTCOME.in(Outcome.REFUSED.name(), Outcome.WAITS.name()), 1).otherwise(0)).cast(Integer.class);
        return database
            .select(INTAKE_RUN.ID, INTAKE_RUN.AUTHOR, INTAKE_RUN.STARTED_AT, INTAKE_RUN.CLOSED, count(INTAKE_FILE.POSITION),
                    count(INTAKE_FILE.OUTCOME), troubled)
            .from(INTAKE_RUN)
            .leftJoin(INTAKE_FILE)
            .on(INTAKE_FILE.RUN_ID.eq(INTAKE_RUN.ID));
    }

    List<FileLine> files(String runId) {
        return database
            .select(INTAKE_FILE.POSITION, INTAKE_FILE.NAME, INTAKE_FILE.SIZE,
                    INTAKE_FILE.OUTCOME.convertFrom(each -> each == null ? null : Outcome.valueOf(each)), INTAKE_FILE.SAYS,
                    INTAKE_FILE.PROFILE_ID)
            .from(INTAKE_FILE)
            .where(INTAKE_FILE.RUN_ID.eq(runId))
            .orderBy(INTAKE_FILE.POSITION)
            .fetch(mapping(FileLine::new));
    }
}
