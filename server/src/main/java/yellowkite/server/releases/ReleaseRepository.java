package yellowkite.server.releases;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.LIBRARY_RELEASE;
import static yellowkite.server.tables.Tables.MANUFACTURER;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.RELEASE_PROFILE;
import static yellowkite.server.tables.Tables.REVISION;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Record9;
import org.jooq.Select;
import org.jooq.SelectJoinStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.compare.Rank;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.server.revisions.RevisionHoldingRepository;

/** Releases and their lines. Rows are only added. */
@Repository
class ReleaseRepository implements RevisionHoldingRepository {
    private final DSLContext database;

    ReleaseRepository(DSLContext database) {
        this.database = database;
    }

    /** Made here, or taken in. */
    enum Origin {
        OURS, THEIRS
    }

    /** @param publishedAt UTC, by the house that made it. @param earlier notes of the releases before it, as JSON */
    record StoredRelease(String id, Origin origin, String house, String title, LocalDate dated, String notes, String author,
            LocalDateTime publishedAt, String earlier) {}

    /** @param revisionId of a withdrawn profile, the last one that was part of a release */
    record NewLine(String profileId, String revisionId, Kind kind, @Nullable Rank worst, String note) {
        static NewLine of(StoredLine line) {
            return new NewLine(line.profileId(), line.revisionId(), line.kind(), line.worst(), line.note());
        }
    }

    /** @param number of the revision */
    record StoredLine(String profileId, String manufacturer, String name, String fixtureTypeId, String revisionId, int number, Kind kind,
            @Nullable Rank worst, String note) {
        /** {@return what the release says of it that does not have it any more} */
        StoredLine withdrawn() {
            return new StoredLine(profileId, manufacturer, name, fixtureTypeId, revisionId, number, Kind.WITHDRAWN, null, "");
        }

        boolean isPart() {
            return kind != Kind.WITHDRAWN;
        }
    }

    void add(StoredRelease release, List<NewLine> lines) {
        database.insertInto(LIBRARY_RELEASE, LIBRARY_RELEASE.ID, LIBRARY_RELEASE.ORIGIN, LIBRARY_RELEASE.HOUSE, LIBRARY_RELEASE.TITLE,
                LIBRARY_RELEASE.DATED, LIBRARY_RELEASE.NOTES, LIBRARY_RELEASE.AUTHOR, LIBRARY_RELEASE.CREATED_AT, LIBRARY_RELEASE.EARLIER)
            .values(release.id(), release.origin().name(), release.house(), release.title(), release.dated(), release.notes(),
                    release.author(), release.publishedAt(), release.earlier())
            .execute();
        var rows = database.insertInto(RELEASE_PROFILE, RELEASE_PROFILE.RELEASE_ID, RELEASE_PROFILE.POSITION, RELEASE_PROFILE.PROFILE_ID,
                RELEASE_PROFILE.REVISION_ID, RELEASE_PROFILE.KIND, RELEASE_PROFILE.WORST, RELEASE_PROFILE.NOTE);
        int position = 0;
        for (var line : lines) {
            rows = rows.values(release.id(), position++, line.profileId(), line.revisionId(), line.kind().name(),
                    line.worst() == null ? null : line.worst().name(), line.note());
        }
        if (!lines.isEmpty()) {
            rows.execute();
        }
    }

    /** {@return hash of the list that its archive is made of; none for one that was made before lists were kept} */
    Optional<String> manifest(String id) {
        return database.select(LIBRARY_RELEASE.MANIFEST_SHA256)
            .from(LIBRARY_RELEASE)
            .where(LIBRARY_RELEASE.ID.eq(id))
            .fetchOptional(LIBRARY_RELEASE.MANIFEST_SHA256);
    }

    void putManifest(String id, String sha256) {
        database.update(LIBRARY_RELEASE).set(LIBRARY_RELEASE.MANIFEST_SHA256, sha256).where(LIBRARY_RELEASE.ID.eq(id)).execute();
    }

    Optional<StoredRelease> find(String id) {
        return releases().where(LIBRARY_RELEASE.ID.eq(id)).fetchOptional(mapping(StoredRelease::new));
    }

    /** {@return all releases, the newest first} */
    List<StoredRelease> list() {
        return releases().orderBy(LIBRARY_RELEASE.CREATED_AT.desc(), LIBRARY_RELEASE.ID).fetch(mapping(StoredRelease::new));
    }

    /** {@return those that came before, the newest first} @param house that made them */
    List<StoredRelease> before(Origin origin, String house, LocalDateTime publishedAt) {
        return releases()
            .where(LIBRARY_RELEASE.ORIGIN.eq(origin.name()), LIBRARY_RELEASE.HOUSE.eq(house), LIBRARY_RELEASE.CREATED_AT.lt(publishedAt))
            .orderBy(LIBRARY_RELEASE.CREATED_AT.desc())
            .fetch(mapping(StoredRelease::new));
    }

    Optional<StoredRelease> findNewest(Origin origin) {
        return releases().where(LIBRARY_RELEASE.ORIGIN.eq(origin.name()))
            .orderBy(LIBRARY_RELEASE.CREATED_AT.desc())
            .limit(1)
            .fetchOptional(mapping(StoredRelease::new));
    }

    Optional<StoredRelease> findNewest(Origin origin, String house) {
        return releases().where(LIBRARY_RELEASE.ORIGIN.eq(origin.name()), LIBRARY_RELEASE.HOUSE.eq(house))
            .orderBy(LIBRARY_RELEASE.CREATED_AT.desc())
            .limit(1)
            .fetchOptional(mapping(StoredRelease::new));
    }

    private SelectJoinStep<Record9<String, Origin, String, String, LocalDate, String, String, LocalDateTime, String>> releases() {
        return database
            .select(LIBRARY_RELEASE.ID, LIBRARY_RELEASE.ORIGIN.convertFrom(Origin::valueOf), LIBRARY_RELEASE.HOUSE, LIBRARY_RELEASE.TITLE,
                    LIBRARY_RELEASE.DATED, LIBRARY_RELEASE.NOTES, LIBRARY_RELEASE.AUTHOR,
                    LIBRARY_RELEASE.CREATED_AT, LIBRARY_RELEASE.EARLIER)
            .from(LIBRARY_RELEASE);
    }

    /** {@return what a release says of each profile, in its order} */
    List<StoredLine> lines(String releaseId) {
        return database
            .select(RELEASE_PROFILE.PROFILE_ID, MANUFACTURER.NAME, PROFILE.NAME,
                    PROFILE.FIXTURE_TYPE_ID.convertFrom(each -> each == null ? "" : each), RELEASE_PROFILE.REVISION_ID, REVISION.NUMBER,
                    RELEASE_PROFILE.KIND.convertFrom(Kind::valueOf),
                    RELEASE_PROFILE.WORST.convertFrom(each -> each == null ? null : Rank.valueOf(each)), RELEASE_PROFILE.NOTE)
            .from(RELEASE_PROFILE)
            .join(PROFILE)
            .on(PROFILE.ID.eq(RELEASE_PROFILE.PROFILE_ID))
            .join(MANUFACTURER)
            .on(MANUFACTURER.ID.eq(PROFILE.MANUFACTURER_ID))
            .join(REVISION)
            .on(REVISION.ID.eq(RELEASE_PROFILE.REVISION_ID))
            .where(RELEASE_PROFILE.RELEASE_ID.eq(releaseId))
            .orderBy(RELEASE_PROFILE.POSITION)
            .fetch(mapping(StoredLine::new));
    }

    /** What was released is told for ever. */
    @Override
    public Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds) {
        return DSL.exists(DSL.selectOne().from(RELEASE_PROFILE).where(RELEASE_PROFILE.PROFILE_ID.eq(profileId)));
    }
}
