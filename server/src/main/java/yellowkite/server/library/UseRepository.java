package yellowkite.server.library;

import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.PROFILE_ORIGIN;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.RIG;
import static yellowkite.server.tables.Tables.RIG_PIN;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Who uses a profile: copies that were taken from it, what productions put into its fixtures, and rigs. */
@Repository
public class UseRepository {
    private final DSLContext database;

    UseRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * Copies were taken from it, production versions derive from it, twins are the same fixture by its id on the other shelf, and rigs pin
     * it.
     */
    public enum Kind {
        COPY, PRODUCTION_VERSION, TWIN, RIG
    }

    /**
     * @param profileId of the profile that uses it; of a rig its own id
     * @param name of the profile that uses it, of the production that a production version is for, or of the rig
     * @param revision that it was taken from, or is pinned; of a twin its own newest
     * @param units of a rig; else 0
     */
    public record Use(String profileId, String name, int revision, Kind kind, int units) {}

    /** {@return the uses of some profiles, by profile; copies first, by name} */
    public Map<String, List<Use>> of(Collection<String> profileIds) {
        var uses = new HashMap<String, List<Use>>();
        if (profileIds.isEmpty()) {
            return uses;
        }
        database.select(REVISION.PROFILE_ID, PROFILE.ID, MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION.NUMBER)
            .from(PROFILE_ORIGIN)
            .join(REVISION)
            .on(REVISION.ID.eq(PROFILE_ORIGIN.ORIGIN_REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(PROFILE_ORIGIN.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(REVISION.PROFILE_ID.in(profileIds), PROFILE.BINNED_AT.isNull())
            .orderBy(ManufacturerRepository.asRead(MANUFACTURER.NAME), ManufacturerRepository.asRead(PROFILE.NAME))
            .forEach(row -> uses.computeIfAbsent(row.value1(), none -> new ArrayList<>())
                .add(new Use(row.value2(), row.value3(), row.value4(), Kind.COPY, 0)));
        database.select(REVISION.PROFILE_ID, PRODUCTION_VERSION.PROFILE_ID, PRODUCTION_VERSION.PRODUCTION, REVISION.NUMBER)
            .from(PRODUCTION_VERSION)
            .join(REVISION)
            .on(REVISION.ID.eq(PRODUCTION_VERSION.ORIGIN_REVISION_ID))
            .join(PROFILE)
            .on(PROFILE.ID.eq(PRODUCTION_VERSION.PROFILE_ID))
            .where(REVISION.PROFILE_ID.in(profileIds), PROFILE.BINNED_AT.isNull())
            .orderBy(PRODUCTION_VERSION.PRODUCTION)
            .forEach(row -> uses.computeIfAbsent(row.value1(), none -> new ArrayList<>())
                .add(new Use(row.value2(), row.value3(), row.value4(), Kind.PRODUCTION_VERSION, 0)));
        database.select(REVISION.PROFILE_ID, RIG.ID, RIG.NAME, REVISION.NUMBER, RIG_PIN.UNITS)
            .from(RIG_PIN)
            .join(REVISION)
            .on(REVISION.ID.eq(RIG_PIN.REVISION_ID))
            .join(RIG)
            .on(RIG.ID.eq(RIG_PIN.RIG_ID))
            .where(REVISION.PROFILE_ID.in(profileIds), RIG.BINNED_AT.isNull())
            .orderBy(RIG.NAME, REVISION.NUMBER)
            .forEach(row -> uses.computeIfAbsent(row.value1(), none -> new ArrayList<>())
                .add(new Use(row.value2(), row.value3(), row.value4(), Kind.RIG, row.value5())));
        return uses;
    }

    /** {@return the profiles of the House shelf that are fixtures of some ids, by id} */
    public Map<String, Use> twins(Collection<String> fixtureTypeIds) {
        return database.select(PROFILE.FIXTURE_TYPE_ID, PROFILE.ID, MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION.NUMBER)
            .from(PROFILE)
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .join(REVISION)
            .on(REVISION.PROFILE_ID.eq(PROFILE.ID), CardRepository.isNewest())
            .where(PROFILE.SHELF.eq("HOUSE"), PROFILE.BINNED_AT.isNull(), PROFILE.FIXTURE_TYPE_ID.in(fixtureTypeIds))
            .fetchMap(PROFILE.FIXTURE_TYPE_ID, row -> new Use(row.value2(), row.value3(), row.value4(), Kind.TWIN, 0));
    }
}
