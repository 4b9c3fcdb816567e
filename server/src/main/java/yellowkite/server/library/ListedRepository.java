package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static yellowkite.server.tables.Tables.DRAFT;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PRODUCTION_VERSION;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.PROFILE_ORIGIN;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.REVISION_MODE;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.library.Shelf;

/** Profiles with their newest revisions, as lists show them. */
@Repository
public class ListedRepository {
    private final DSLContext database;

    ListedRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * A profile with its newest revision.
     *
     * @param revisionId empty, and {@code revision} 0, if it was never published
     * @param draftBy null without an open draft. @param modes how many it has
     */
    public record Listed(String id, String name, String manufacturer, Shelf shelf, String revisionId, int revision, int errors,
            int warnings, @Nullable String draftBy, boolean isBinned, @Nullable String pictureSha256, int modes,
            boolean isProductionVersion) {}

    public record ListedMode(String revisionId, String name, int footprint, int channels, String tail) {}

    /** {@return some profiles by their ids, with their newest revisions} */
    public Map<String, Listed> of(Collection<String> ids) {
        return database
            .select(PROFILE.ID, PROFILE.NAME, MANUFACTURER.NAME, PROFILE.SHELF.convertFrom(Shelf::valueOf),
                    coalesce(REVISION.ID, inline("")), coalesce(REVISION.NUMBER, inline(0)), coalesce(REVISION.ERRORS, inline(0)),
                    coalesce(REVISION.WARNINGS, inline(0)), DRAFT.OPENED_BY, DSL.field(PROFILE.BINNED_AT.isNotNull()),
                    REVISION.PICTURE_SHA256,
                    DSL.field(DSL.select(DSL.count()).from(REVISION_MODE).where(REVISION_MODE.REVISION_ID.eq(REVISION.ID))),
                    DSL.field(DSL.exists(DSL.selectOne().from(PRODUCTION_VERSION).where(PRODUCTION_VERSION.PROFILE_ID.eq(PROFILE.ID)))))
            .from(PROFILE)
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .leftJoin(REVISION)
            .on(REVISION.PROFILE_ID.eq(PROFILE.ID), CardRepository.isNewest())
            .leftJoin(DRAFT)
            .on(DRAFT.OPEN_PROFILE_ID.eq(PROFILE.ID), DRAFT.VERSION.gt(0))
            .where(PROFILE.ID.in(ids))
            .fetchMap(PROFILE.ID, mapping(Listed::new));
    }

    /** A mode of another profile that has the same DMX map. @param own name of the mode that it is like */
    public record SameMap(String own, String profileId, String name, String mode) {}

    /**
     * {@return modes of other profiles' newest revisions whose DMX maps are those of a revision, except copies and production versions that
     * are known to derive from it}
     */
    List<SameMap> sameMaps(String profileId, String revisionId, int limit) {
        var own = REVISION_MODE.as("own");
        var later = REVISION.as("later");
        // each revision once, before anything is asked of it: of a map that is common, old revisions hold thousands of modes
        var alike = DSL.selectDistinct(REVISION_MODE.REVISION_ID)
            .from(REVISION_MODE)
            .where(REVISION_MODE.MAP_SHA256.in(DSL.select(own.MAP_SHA256).from(own).where(own.REVISION_ID.eq(revisionId))))
            .asTable("alike", "revision_id");
        return database.select(own.NAME, PROFILE.ID, MANUFACTURER.NAME.concat(" ").concat(PROFILE.NAME), REVISION_MODE.NAME)
            .from(alike)
            .join(REVISION)
            .on(REVISION.ID.eq(alike.field(REVISION_MODE.REVISION_ID)))
            .join(REVISION_MODE)
            .on(REVISION_MODE.REVISION_ID.eq(REVISION.ID))
            .join(own)
            .on(own.MAP_SHA256.eq(REVISION_MODE.MAP_SHA256))
            .join(PROFILE)
            .on(PROFILE.ID.eq(REVISION.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .where(own.REVISION_ID.eq(revisionId), PROFILE.ID.ne(profileId), PROFILE.BINNED_AT.isNull(), CardRepository.isNewest())
            .and(PROFILE.ID.notIn(DSL.select(PROFILE_ORIGIN.PROFILE_ID)
                .from(PROFILE_ORIGIN)
                .join(later)
                .on(later.ID.eq(PROFILE_ORIGIN.ORIGIN_REVISION_ID))
                .where(later.PROFILE_ID.eq(profileId))))
            .and(PROFILE.ID.notIn(DSL.select(PRODUCTION_VERSION.PROFILE_ID)
                .from(PRODUCTION_VERSION)
                .join(later)
                .on(later.ID.eq(PRODUCTION_VERSION.ORIGIN_REVISION_ID))
                .where(later.PROFILE_ID.eq(profileId))))
            .orderBy(own.POSITION, ManufacturerRepository.asRead(MANUFACTURER.NAME), ManufacturerRepository.asRead(PROFILE.NAME),
                    REVISION_MODE.POSITION)
            .limit(limit)
            .fetch(mapping(SameMap::new));
    }

    /** {@return the first modes of those revisions by revision, in the order of each file} @param most of each */
    public Map<String, List<ListedMode>> modes(Collection<String> revisionIds, int most) {
        return database
            .select(REVISION_MODE.REVISION_ID, REVISION_MODE.NAME, REVISION_MODE.FOOTPRINT, REVISION_MODE.CHANNELS, REVISION_MODE.TAIL)
            .from(REVISION_MODE)
            .where(REVISION_MODE.REVISION_ID.in(revisionIds), REVISION_MODE.POSITION.lt(most))
            .orderBy(REVISION_MODE.REVISION_ID, REVISION_MODE.POSITION)
            .fetchGroups(REVISION_MODE.REVISION_ID, mapping(ListedMode::new));
    }
}
