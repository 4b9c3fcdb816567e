package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.PROFILE_ORIGIN;
import static yellowkite.server.tables.Tables.REVISION;

import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import yellowkite.server.revisions.RevisionHoldingRepository;

/** Which profiles began as copies, and of what. */
@Repository
public class OriginRepository implements RevisionHoldingRepository {
    private final DSLContext database;

    OriginRepository(DSLContext database) {
        this.database = database;
    }

    /** @param number of the revision that was copied. @param newest of the origin by now */
    public record Origin(String profileId, String name, int number, int newest) {}

    public void add(String profileId, String originRevisionId) {
        database.insertInto(PROFILE_ORIGIN, PROFILE_ORIGIN.PROFILE_ID, PROFILE_ORIGIN.ORIGIN_REVISION_ID)
            .values(profileId, originRevisionId)
            .execute();
    }

    /** {@return what a profile was copied from} */
    public Optional<Origin> find(String profileId) {
        var later = REVISION.as("later");
        var newest = DSL.field(DSL.select(DSL.max(later.NUMBER)).from(later).where(later.PROFILE_ID.eq(PROFILE.ID)));
        return database.select(PROFILE.ID, MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION.NUMBER, newest)
            .from(PROFILE_ORIGIN)
            .join(REVISION)
            .on(REVISION.ID.eq(PROFILE_ORIGIN.ORIGIN_REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(PROFILE_ORIGIN.PROFILE_ID.eq(profileId))
            .fetchOptional(mapping(Origin::new));
    }

    /** Copies stand on what they were made of. */
    @Override
    public Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds) {
        return DSL.exists(DSL.selectOne().from(PROFILE_ORIGIN).where(PROFILE_ORIGIN.ORIGIN_REVISION_ID.in(revisionIds)));
    }
}
