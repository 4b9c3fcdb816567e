package yellowkite.server.rigs;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.RIG;
import static yellowkite.server.tables.Tables.RIG_PIN;
import static yellowkite.server.tables.Tables.RIG_STEP;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.server.history.StoredStep;
import yellowkite.server.revisions.RevisionHoldingRepository;

/** Rigs, what happened to them, and the revisions that they pin. */
@Repository
class RigRepository implements RevisionHoldingRepository {
    private final DSLContext database;

    RigRepository(DSLContext database) {
        this.database = database;
    }

    /** @param units how many it has, as {@code universes}. @param binnedAt null while it is not in the bin */
    record StoredRig(String id, String name, String production, int units, int universes, int version, String openedBy,
            LocalDateTime openedAt, String changedBy, LocalDateTime changedAt, @Nullable LocalDateTime binnedAt) {}

    /** {@return all rigs, the one that was changed last first; those in the bin at the end} */
    List<StoredRig> list(int most) {
        return database.selectFrom(RIG)
            .orderBy(RIG.BINNED_AT.isNotNull(), RIG.CHANGED_AT.desc(), RIG.ID)
            .limit(most)
            .fetch(mapping(StoredRig::new));
    }

    int count() {
        return database.fetchCount(RIG);
    }

    Optional<StoredRig> find(String id) {
        return database.selectFrom(RIG).where(RIG.ID.eq(id)).fetchOptional(mapping(StoredRig::new));
    }

    /** Like {@link #find}, held until the transaction ends. */
    Optional<StoredRig> lock(String id) {
        return database.selectFrom(RIG).where(RIG.ID.eq(id)).forUpdate().fetchOptional(mapping(StoredRig::new));
    }

    void add(StoredRig rig) {
        database
            .insertInto(RIG, RIG.ID, RIG.NAME, RIG.PRODUCTION, RIG.UNITS, RIG.UNIVERSES, RIG.VERSION, RIG.OPENED_BY, RIG.OPENED_AT,
                    RIG.CHANGED_BY, RIG.CHANGED_AT)
            .values(rig.id(), rig.name(), rig.production(), rig.units(), rig.universes(), rig.version(), rig.openedBy(), rig.openedAt(),
                    rig.changedBy(), rig.changedAt())
            .execute();
    }

    /** Notes what a rig, which is held, has become. @param pins how many units each pinned revision has */
    void become(StoredRig rig, List<StoredStep> steps, Map<String, Integer> pins) {
        database.update(RIG)
            .set(RIG.NAME, rig.name())
            .set(RIG.PRODUCTION, rig.production())
            .set(RIG.UNITS, rig.units())
            .set(RIG.UNIVERSES, rig.universes())
            .set(RIG.VERSION, rig.version())
            .set(RIG.CHANGED_BY, rig.changedBy())
            .set(RIG.CHANGED_AT, rig.changedAt())
            .where(RIG.ID.eq(rig.id()))
            .execute();
        append(rig.id(), steps);
        pin(rig.id(), pins);
    }

    private void append(String rigId, List<StoredStep> steps) {
        var rows = database.insertInto(RIG_STEP, RIG_STEP.RIG_ID, RIG_STEP.VERSION, RIG_STEP.KIND, RIG_STEP.EDIT, RIG_STEP.SENTENCE,
                RIG_STEP.AUTHOR, RIG_STEP.CREATED_AT, RIG_STEP.CHANGE_ID);
        for (var step : steps) {
            rows = rows.values(rigId, step.version(), step.kind().name(), step.edit(), step.sentence(), step.author(), step.createdAt(),
                    step.changeId());
        }
        rows.execute();
    }

    private void pin(String rigId, Map<String, Integer> pins) {
        var before = database.selectFrom(RIG_PIN).where(RIG_PIN.RIG_ID.eq(rigId)).fetchMap(RIG_PIN.REVISION_ID, RIG_PIN.UNITS);
        if (before.equals(pins)) {
            return;
        }
        database.deleteFrom(RIG_PIN).where(RIG_PIN.RIG_ID.eq(rigId)).execute();
        var rows = database.insertInto(RIG_PIN, RIG_PIN.RIG_ID, RIG_PIN.REVISION_ID, RIG_PIN.UNITS);
        for (var each : pins.entrySet()) {
            rows = rows.values(rigId, each.getKey(), each.getValue());
        }
        if (!pins.isEmpty()) {
            rows.execute();
        }
    }

    boolean hasChange(String rigId, String changeId) {
        return database.fetchExists(RIG_STEP, RIG_STEP.RIG_ID.eq(rigId), RIG_STEP.CHANGE_ID.eq(changeId));
    }

    /** {@return what happened after a version, up to another one, in order} */
    List<StoredStep> steps(String rigId, int after, int upTo) {
        return database
            .select(RIG_STEP.VERSION, RIG_STEP.KIND.convertFrom(StoredStep.Kind::valueOf), RIG_STEP.EDIT, RIG_STEP.SENTENCE,
                    RIG_STEP.AUTHOR,
                    RIG_STEP.CREATED_AT, RIG_STEP.CHANGE_ID)
            .from(RIG_STEP)
            .where(RIG_STEP.RIG_ID.eq(rigId), RIG_STEP.VERSION.gt(after), RIG_STEP.VERSION.le(upTo))
            .orderBy(RIG_STEP.VERSION)
            .fetch(mapping(StoredStep::new));
    }

    /** @param at null = out of the bin */
    void bin(String rigId, @Nullable LocalDateTime at) {
        database.update(RIG).set(RIG.BINNED_AT, at).where(RIG.ID.eq(rigId)).execute();
    }

    /** Rigs pin what their units are. */
    @Override
    public Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds) {
        return DSL.exists(DSL.selectOne().from(RIG_PIN).where(RIG_PIN.REVISION_ID.in(revisionIds)));
    }
}
