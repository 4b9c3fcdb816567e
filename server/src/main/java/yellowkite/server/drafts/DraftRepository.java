package yellowkite.server.drafts;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.DRAFT_ENTRY;
import static yellowkite.server.tables.Tables.DRAFT_STEP;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;

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

/** Drafts and what happened to them. */
@Repository
public class DraftRepository implements RevisionHoldingRepository {
    private final DSLContext database;

    DraftRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * @param openProfileId null once it is published
     * @param closingChange id of the change that published it; null if it had none, or is open
     * @param publishedNumber of the revision that it became; null while it is open
     * @param baseRevisionId null if it began from an empty page; of another profile if it began as a copy
     */
    public record StoredDraft(String id, String profileId, @Nullable String openProfileId, @Nullable String baseRevisionId, int version,
            String openedBy, LocalDateTime openedAt, @Nullable String closingChange,
            @Nullable Integer publishedNumber) {
        /** {@return this draft as far as another version} */
        StoredDraft at(int to) {
            return new StoredDraft(id, profileId, openProfileId, baseRevisionId, to, openedBy, openedAt, closingChange, publishedNumber);
        }
    }

    Optional<StoredDraft> find(String id) {
        return database.selectFrom(DRAFT).where(DRAFT.ID.eq(id)).fetchOptional(mapping(StoredDraft::new));
    }

    /** Like {@link #find}, held until the transaction ends. */
    Optional<StoredDraft> lock(String id) {
        return database.selectFrom(DRAFT).where(DRAFT.ID.eq(id)).forUpdate().fetchOptional(mapping(StoredDraft::new));
    }

    /** {@return the profile of a draft that was never edited; none if it cannot be opened any more} */
    Optional<String> profileOf(Unopened draft) {
        var later = REVISION.as("later");
        return database.select(PROFILE.ID)
            .from(REVISION)
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .where(REVISION.ID.eq(draft.revisionId()), PROFILE.DISCARDED.eq(draft.discarded()), PROFILE.BINNED_AT.isNull(),
                    DSL.notExists(DSL.selectOne()
                        .from(later)
                        .where(later.PROFILE_ID.eq(REVISION.PROFILE_ID), later.NUMBER.gt(REVISION.NUMBER))),
                    DSL.notExists(DSL.selectOne().from(DRAFT).where(DRAFT.OPEN_PROFILE_ID.eq(PROFILE.ID))))
            .fetchOptional(PROFILE.ID);
    }

    Optional<StoredDraft> findOpen(String profileId) {
        return database.selectFrom(DRAFT).where(DRAFT.OPEN_PROFILE_ID.eq(profileId)).fetchOptional(mapping(StoredDraft::new));
    }

    /** Like {@link #findOpen}, also if someone else has opened it since this transaction began: a plain read would not see that. */
    Optional<StoredDraft> findOpenNow(String profileId) {
        return database.selectFrom(DRAFT).where(DRAFT.OPEN_PROFILE_ID.eq(profileId)).forShare().fetchOptional(mapping(StoredDraft::new));
    }

    /** Opens a draft unless someone else has just opened one for this profile. */
    void open(StoredDraft draft) {
        database
            .insertInto(DRAFT, DRAFT.ID, DRAFT.PROFILE_ID, DRAFT.OPEN_PROFILE_ID, DRAFT.BASE_REVISION_ID, DRAFT.VERSION, DRAFT.OPENED_BY,
                    DRAFT.OPENED_AT)
            .values(draft.id(), draft.profileId(), draft.openProfileId(), draft.baseRevisionId(), draft.version(), draft.openedBy(),
                    draft.openedAt())
            .onDuplicateKeyIgnore()
            .execute();
    }

    /** {@return whether the open draft was at {@code seen} and is now one further, with that step} */
    boolean append(String draftId, int seen, StoredStep step) {
        boolean hit = database.update(DRAFT)
            .set(DRAFT.VERSION, step.version())
            .where(DRAFT.ID.eq(draftId), DRAFT.VERSION.eq(seen), DRAFT.OPEN_PROFILE_ID.isNotNull())
            .execute() == 1;
        if (hit) {
            database
                .insertInto(DRAFT_STEP, DRAFT_STEP.DRAFT_ID, DRAFT_STEP.VERSION, DRAFT_STEP.KIND, DRAFT_STEP.EDIT, DRAFT_STEP.SENTENCE,
                        DRAFT_STEP.AUTHOR, DRAFT_STEP.CREATED_AT, DRAFT_STEP.CHANGE_ID)
                .values(draftId, step.version(), step.kind().name(), step.edit(), step.sentence(), step.author(), step.createdAt(),
                        step.changeId())
                .execute();
        }
        return hit;
    }

    /** {@return whether a change with that id was made to the draft} */
    boolean hasChange(String draftId, String changeId) {
        return database.fetchExists(DRAFT_STEP, DRAFT_STEP.DRAFT_ID.eq(draftId), DRAFT_STEP.CHANGE_ID.eq(changeId));
    }

    /** {@return whether the draft was open at {@code seen} and is now closed} */
    boolean close(String draftId, int seen, @Nullable String change, int revision) {
        return database.update(DRAFT)
            .setNull(DRAFT.OPEN_PROFILE_ID)
            .set(DRAFT.CLOSING_CHANGE, change)
            .set(DRAFT.PUBLISHED_NUMBER, revision)
            .where(DRAFT.ID.eq(draftId), DRAFT.VERSION.eq(seen), DRAFT.OPEN_PROFILE_ID.isNotNull())
            .execute() == 1;
    }

    void putEntry(String draftId, String path, String sha256) {
        database.insertInto(DRAFT_ENTRY, DRAFT_ENTRY.DRAFT_ID, DRAFT_ENTRY.PATH, DRAFT_ENTRY.SHA256)
            .values(draftId, path, sha256)
            .onDuplicateKeyIgnore()
            .execute();
    }

    /**
     * What stands around a draft.
     *
     * @param newest number of the profile's newest revision; 0 if it was never published. @param hasFiles whether it adds files of its own
     * @param isProductionVersion whether its profile is what a production puts into another one's fixtures
     */
    record Around(int newest, boolean hasFiles, boolean isProductionVersion) {}

    /** {@return what stands around a draft, in one question} */
    Around around(String draftId, String profileId) {
        return database
            .select(DSL.coalesce(DSL.field(DSL.select(DSL.max(REVISION.NUMBER)).from(REVISION).where(REVISION.PROFILE_ID.eq(profileId))),
                    0),
                    DSL.field(DSL.exists(DSL.selectOne().from(DRAFT_ENTRY).where(DRAFT_ENTRY.DRAFT_ID.eq(draftId)))),
                    DSL.field(DSL.exists(DSL.selectOne().from(PRODUCTION_VERSION).where(PRODUCTION_VERSION.PROFILE_ID.eq(profileId)))))
            .fetchSingle(mapping(Around::new));
    }

    /** {@return the files that a draft adds to those of its base: path to content} */
    Map<String, String> entries(String draftId) {
        return database.select(DRAFT_ENTRY.PATH, DRAFT_ENTRY.SHA256)
            .from(DRAFT_ENTRY)
            .where(DRAFT_ENTRY.DRAFT_ID.eq(draftId))
            .orderBy(DRAFT_ENTRY.PATH)
            .fetchMap(DRAFT_ENTRY.PATH, DRAFT_ENTRY.SHA256);
    }

    /** Forgets a draft with all its steps. */
    void delete(String draftId) {
        database.deleteFrom(DRAFT).where(DRAFT.ID.eq(draftId)).execute();
    }

    /** {@return what happened after that version, in order} */
    List<StoredStep> stepsAfter(String draftId, int version) {
        return steps(draftId, version, Integer.MAX_VALUE);
    }

    /** {@return what happened after a version, up to another one, in order} */
    List<StoredStep> steps(String draftId, int after, int upTo) {
        return database
            .select(DRAFT_STEP.VERSION, DRAFT_STEP.KIND.convertFrom(StoredStep.Kind::valueOf), DRAFT_STEP.EDIT, DRAFT_STEP.SENTENCE,
                    DRAFT_STEP.AUTHOR,
                    DRAFT_STEP.CREATED_AT, DRAFT_STEP.CHANGE_ID)
            .from(DRAFT_STEP)
            .where(DRAFT_STEP.DRAFT_ID.eq(draftId), DRAFT_STEP.VERSION.gt(after), DRAFT_STEP.VERSION.le(upTo))
            .orderBy(DRAFT_STEP.VERSION)
            .fetch(mapping(StoredStep::new));
    }

    /** Drafts of other profiles stand on what they began from; one that was edited is work of somebody. */
    @Override
    public Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds) {
        return DSL.exists(DSL.selectOne().from(DRAFT).where(DRAFT.BASE_REVISION_ID.in(revisionIds), DRAFT.PROFILE_ID.ne(profileId)))
            .or(DSL.exists(DSL.selectOne().from(DRAFT).where(DRAFT.OPEN_PROFILE_ID.eq(profileId), DRAFT.VERSION.gt(0))));
    }
}
