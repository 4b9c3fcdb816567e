package yellowkite.server.library;

import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.PROFILE_FACTS;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.REVISION_FACTS;
import static yellowkite.server.tables.Tables.REVISION_SYNOPSIS;
import static yellowkite.server.tables.Tables.REVISION_WITHDRAWN;
import static yellowkite.server.tables.Tables.WALK;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.library.Card;
import yellowkite.core.library.Shelf;
import yellowkite.core.library.Synopsis;
import yellowkite.server.revisions.RevisionFacts.RestsOn;
import yellowkite.server.revisions.RevisionReader;

/** The cards of the library, read from where their facts are kept. What lies in the bin has none. */
@Repository
class CardRepository {
    private static final LocalDateTime NEVER = LocalDateTime.of(1970, 1, 1, 0, 0);
    /** Whether a walk of the revision proves it. */
    private static final Field<Boolean> WALKED = DSL
        .field(DSL.exists(DSL.selectOne().from(WALK).where(WALK.REVISION_ID.eq(REVISION.ID), WALK.PROVEN.isTrue())))
        .as("walked");
    private final DSLContext database;
    private final RevisionReader reader;

    CardRepository(DSLContext database, RevisionReader reader) {
        this.database = database;
        this.reader = reader;
    }

    /** {@return the condition that a row of {@code revision} is the newest of its profile} */
    static Condition isNewest() {
        var later = REVISION.as("later");
        return REVISION.NUMBER.eq(DSL.field(DSL.select(max(later.NUMBER)).from(later).where(later.PROFILE_ID.eq(REVISION.PROFILE_ID))));
    }

    /** {@return the next profiles by id, those in the bin too} @param after id of the last one seen; empty = from the first */
    List<String> idsAfter(String after, int limit) {
        return database.select(PROFILE.ID).from(PROFILE).where(PROFILE.ID.gt(after)).orderBy(PROFILE.ID).limit(limit).fetch(PROFILE.ID);
    }

    /** {@return the cards of some profiles; those that are gone, or in the bin, have none} */
    List<Card> of(Collection<String> profileIds) {
        return database
            .select(PROFILE.ID, MANUFACTURER.NAME, PROFILE.NAME, PROFILE.SHELF, coalesce(PROFILE_FACTS.TAGS, inline("")),
                    coalesce(PROFILE_FACTS.OTHER_NAMES, inline("")), coalesce(PRODUCTION_VERSION.PRODUCTION, inline("")),
                    REVISION.ID, REVISION.AUTHOR, REVISION.ERRORS, REVISION.WARNINGS, REVISION.CREATED_AT, REVISION_WITHDRAWN.REVISION_ID,
                    REVISION_FACTS.RESTS_ON, WALKED, REVISION_SYNOPSIS.KEPT, DRAFT.OPENED_BY, DRAFT.OPENED_AT)
            .from(PROFILE)
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .leftJoin(REVISION)
            .on(REVISION.PROFILE_ID.eq(PROFILE.ID), isNewest())
            .leftJoin(REVISION_SYNOPSIS)
            .on(REVISION_SYNOPSIS.REVISION_ID.eq(REVISION.ID))
            .leftJoin(REVISION_FACTS)
            .on(REVISION_FACTS.REVISION_ID.eq(REVISION.ID))
            .leftJoin(REVISION_WITHDRAWN)
            .on(REVISION_WITHDRAWN.REVISION_ID.eq(REVISION.ID))
            .leftJoin(PROFILE_FACTS)
            .on(PROFILE_FACTS.PROFILE_ID.eq(PROFILE.ID))
            .leftJoin(PRODUCTION_VERSION)
            .on(PRODUCTION_VERSION.PROFILE_ID.eq(PROFILE.ID))
            .leftJoin(DRAFT)
            .on(DRAFT.OPEN_PROFILE_ID.eq(PROFILE.ID))
            .where(PROFILE.ID.in(profileIds), PROFILE.BINNED_AT.isNull())
            .fetch(row -> {
                var revisionId = row.get(REVISION.ID);
                var synopsis = revisionId == null ? Synopsis.NONE : reader.synopsis(revisionId, row.get(REVISION_SYNOPSIS.KEPT));
                var state = revisionId == null ? Card.State.DRAFT
                        : row.get(REVISION_WITHDRAWN.REVISION_ID) != null ? Card.State.WITHDRAWN
                                : state(row.get(REVISION.ERRORS), row.get(REVISION.WARNINGS));
                var author = revisionId == null ? orEmpty(row.get(DRAFT.OPENED_BY)) : row.get(REVISION.AUTHOR);
                var changed = revisionId == null ? row.get(DRAFT.OPENED_AT) : row.get(REVISION.CREATED_AT);
                return new Card(row.value1(), row.value2(), row.value3(), Shelf.valueOf(row.value4()), row.value5(), row.value6(),
                        row.value7(), author, state,
                        RestsOn.LAMP.name().equals(row.get(REVISION_FACTS.RESTS_ON)) || row.get(WALKED), changed == null ? NEVER : changed,
                        synopsis);
            });
    }

    private static Card.State state(int errors, int warnings) {
        return errors > 0 ? Card.State.ERRORS : warnings > 0 ? Card.State.WARNINGS : Card.State.CLEAN;
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }
}
