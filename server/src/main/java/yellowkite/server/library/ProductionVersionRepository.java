package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Record6;
import org.jooq.Select;
import org.jooq.SelectOnConditionStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import yellowkite.server.revisions.RevisionHoldingRepository;

/** What productions put into fixtures: which profiles they are, and what they derive from. */
@Repository
public class ProductionVersionRepository implements RevisionHoldingRepository {
    private final DSLContext database;

    ProductionVersionRepository(DSLContext database) {
        this.database = database;
    }

    /** @param origin manufacturer and name of the profile that it derives from, and {@code number} of its revision */
    public record ProductionVersion(String profileId, String production, String originRevisionId, String originProfileId, String origin,
            int number) {}

    public void add(String profileId, String production, String originRevisionId) {
        database
            .insertInto(PRODUCTION_VERSION, PRODUCTION_VERSION.PROFILE_ID, PRODUCTION_VERSION.PRODUCTION,
                    PRODUCTION_VERSION.ORIGIN_REVISION_ID)
            .values(profileId, production, originRevisionId)
            .execute();
    }

    public Optional<ProductionVersion> find(String profileId) {
        return all().where(PRODUCTION_VERSION.PROFILE_ID.eq(profileId)).fetchOptional(mapping(ProductionVersion::new));
    }

    /** {@return the profile that a production has for another one, of whichever revision it derives; none in the bin} */
    public Optional<String> findFor(String originProfileId, String production) {
        return database.select(PRODUCTION_VERSION.PROFILE_ID)
            .from(PRODUCTION_VERSION)
            .join(REVISION)
            .on(REVISION.ID.eq(PRODUCTION_VERSION.ORIGIN_REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(PRODUCTION_VERSION.PROFILE_ID))
            .where(REVISION.PROFILE_ID.eq(originProfileId), PRODUCTION_VERSION.PRODUCTION.eq(production), PROFILE.BINNED_AT.isNull())
            .orderBy(PRODUCTION_VERSION.PROFILE_ID)
            .limit(1)
            .fetchOptional(PRODUCTION_VERSION.PROFILE_ID);
    }

    /** {@return those of some profiles that are production versions, by profile} */
    public Map<String, ProductionVersion> of(Collection<String> profileIds) {
        return all().where(PRODUCTION_VERSION.PROFILE_ID.in(profileIds))
            .fetchMap(PRODUCTION_VERSION.PROFILE_ID, mapping(ProductionVersion::new));
    }

    private SelectOnConditionStep<Record6<String, String, String, String, String, Integer>> all() {
        return database
            .select(PRODUCTION_VERSION.PROFILE_ID, PRODUCTION_VERSION.PRODUCTION, PRODUCTION_VERSION.ORIGIN_REVISION_ID, PROFILE.ID,
                    MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION.NUMBER)
            .from(PRODUCTION_VERSION)
            .join(REVISION)
            .on(REVISION.ID.eq(PRODUCTION_VERSION.ORIGIN_REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID));
    }

    /** A version of a production stands on what it derives from. */
    @Override
    public Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds) {
        return DSL.exists(DSL.selectOne().from(PRODUCTION_VERSION).where(PRODUCTION_VERSION.ORIGIN_REVISION_ID.in(revisionIds)));
    }
}
