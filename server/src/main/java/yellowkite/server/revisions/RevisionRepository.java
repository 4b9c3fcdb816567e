package yellowkite.server.revisions;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.REVISION;
import static yellowkite.server.tables.Tables.REVISION_ENTRY;
import static yellowkite.server.tables.Tables.REVISION_FACTS;
import static yellowkite.server.tables.Tables.REVISION_FINDINGS;
import static yellowkite.server.tables.Tables.REVISION_HOUSE;
import static yellowkite.server.tables.Tables.REVISION_MODE;
import static yellowkite.server.tables.Tables.REVISION_SYNOPSIS;
import static yellowkite.server.tables.Tables.REVISION_WITHDRAWN;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.library.Shelf;

/**
 * Revisions, their files, what is searched of them and what they rest on. Rows are added and never changed, but for a synopsis that is made
 * anew and a withdrawal that is taken back; what is long in the bin is deleted elsewhere.
 */
@Repository
public class RevisionRepository {
    /** Rows of revisions in one statement. */
    private static final int AT_ONCE = 200;
    private final DSLContext database;

    RevisionRepository(DSLContext database) {
        this.database = database;
    }

    /** @param ready what is worked out of each, in the same order */
    void insertAll(List<StoredRevision> revisions, List<ReadyRevision> ready) {
        for (int from = 0; from < revisions.size(); from += AT_ONCE) {
            int to = Math.min(revisions.size(), from + AT_ONCE);
            insertSome(revisions.subList(from, to), ready.subList(from, to));
        }
    }

    private void insertSome(List<StoredRevision> revisions, List<ReadyRevision> ready) {
        var rows = database.insertInto(REVISION, REVISION.ID, REVISION.PROFILE_ID, REVISION.NUMBER, REVISION.SUMMARY, REVISION.AUTHOR,
                REVISION.CREATED_AT, REVISION.DESCRIPTION_SHA256, REVISION.FILE_SHA256, REVISION.ERRORS, REVISION.WARNINGS,
                REVISION.DESPITE, REVISION.PICTURE_SHA256);
        var entries = database.insertInto(REVISION_ENTRY, REVISION_ENTRY.REVISION_ID, REVISION_ENTRY.POSITION, REVISION_ENTRY.PATH,
                REVISION_ENTRY.SHA256);
        var modes = database.insertInto(REVISION_MODE, REVISION_MODE.REVISION_ID, REVISION_MODE.POSITION, REVISION_MODE.NAME,
                REVISION_MODE.FOOTPRINT, REVISION_MODE.CHANNELS, REVISION_MODE.TAIL, REVISION_MODE.MAP_SHA256);
        var synopses = database.insertInto(REVISION_SYNOPSIS, REVISION_SYNOPSIS.REVISION_ID, REVISION_SYNOPSIS.KEPT);
        var findings = database.insertInto(REVISION_FINDINGS, REVISION_FINDINGS.REVISION_ID, REVISION_FINDINGS.EDITION,
                REVISION_FINDINGS.KEPT);
        var houses = database.insertInto(REVISION_HOUSE, REVISION_HOUSE.REVISION_ID, REVISION_HOUSE.KEPT);
        boolean hasEntries = false;
        boolean hasModes = false;
        boolean hasHouses = false;
        boolean hasFindings = false;
        for (int i = 0; i < revisions.size(); i++) {
            var revision = revisions.get(i);
            var of = ready.get(i);
            rows = rows.values(revision.id(), revision.profileId(), revision.number(), revision.summary(), revision.author(),
                    revision.createdAt(), revision.descriptionSha256(), revision.fileSha256(), revision.errors(), revision.warnings(),
                    revision.despite(), revision.pictureSha256());
            synopses = synopses.values(revision.id(), of.synopsis());
            if (of.findings() != null) {
                findings = findings.values(revision.id(), of.findings().edition(), of.findings().kept());
                hasFindings = true;
            }
            int position = 0;
            for (var entry : of.entries().entrySet()) {
                entries = entries.values(revision.id(), position++, entry.getKey(), entry.getValue());
                hasEntries = true;
            }
            position = 0;
            for (var mode : of.modes()) {
                modes = modes.values(revision.id(), position++, mode.name(), mode.footprint(), mode.channels(), mode.tail(),
                        mode.mapSha256());
                hasModes = true;
            }
            if (of.house() != null) {
                houses = houses.values(revision.id(), of.house());
                hasHouses = true;
            }
        }
        rows.execute();
        synopses.execute();
        if (hasFindings) {
            findings.execute();
        }
        if (hasEntries) {
            entries.execute();
        }
        if (hasModes) {
            modes.execute();
        }
        if (hasHouses) {
            houses.execute();
        }
    }

    /** Keeps what lists know of a revision. @param kept as JSON */
    void putSynopsis(String revisionId, String kept) {
        database.insertInto(REVISION_SYNOPSIS, REVISION_SYNOPSIS.REVISION_ID, REVISION_SYNOPSIS.KEPT)
            .values(revisionId, kept)
            .onDuplicateKeyIgnore()
            .execute();
    }

    /** Keeps what the checks found, in the place of what they found before. */
    void putFindings(String revisionId, FoundBefore found) {
        database.insertInto(REVISION_FINDINGS, REVISION_FINDINGS.REVISION_ID, REVISION_FINDINGS.EDITION, REVISION_FINDINGS.KEPT)
            .values(revisionId, found.edition(), found.kept())
            .onDuplicateKeyUpdate()
            .set(REVISION_FINDINGS.EDITION, found.edition())
            .set(REVISION_FINDINGS.KEPT, found.kept())
            .execute();
    }

    Optional<FoundBefore> findFindings(String revisionId) {
        return database.select(REVISION_FINDINGS.EDITION, REVISION_FINDINGS.KEPT)
            .from(REVISION_FINDINGS)
            .where(REVISION_FINDINGS.REVISION_ID.eq(revisionId))
            .fetchOptional(mapping(FoundBefore::new));
    }

    Optional<String> findHouse(String revisionId) {
        return database.select(REVISION_HOUSE.KEPT)
            .from(REVISION_HOUSE)
            .where(REVISION_HOUSE.REVISION_ID.eq(revisionId))
            .fetchOptional(REVISION_HOUSE.KEPT);
    }

    /** {@return what the house keeps beside the revisions of a profile, by revision, as JSON} */
    Map<String, String> housesOf(String profileId) {
        return database.select(REVISION_HOUSE.REVISION_ID, REVISION_HOUSE.KEPT)
            .from(REVISION_HOUSE)
            .join(REVISION)
            .on(REVISION.ID.eq(REVISION_HOUSE.REVISION_ID))
            .where(REVISION.PROFILE_ID.eq(profileId))
            .fetchMap(REVISION_HOUSE.REVISION_ID, REVISION_HOUSE.KEPT);
    }

    /** @param facts by revision */
    void putFacts(Map<String, RevisionFacts> facts) {
        var rows = database.insertInto(REVISION_FACTS, REVISION_FACTS.REVISION_ID, REVISION_FACTS.FIRMWARE, REVISION_FACTS.RESTS_ON,
                REVISION_FACTS.FROM_WHOM);
        for (var each : facts.entrySet()) {
            rows = rows.values(each.getKey(), each.getValue().firmware(), each.getValue().restsOn().name(), each.getValue().fromWhom());
        }
        if (!facts.isEmpty()) {
            rows.execute();
        }
    }

    Optional<RevisionFacts> findFacts(String revisionId) {
        return database
            .select(REVISION_FACTS.FIRMWARE, REVISION_FACTS.RESTS_ON.convertFrom(RevisionFacts.RestsOn::valueOf), REVISION_FACTS.FROM_WHOM)
            .from(REVISION_FACTS)
            .where(REVISION_FACTS.REVISION_ID.eq(revisionId))
            .fetchOptional(mapping(RevisionFacts::new));
    }

    /** {@return what revisions of a profile rest on, by revision; those that say nothing are not among them} */
    Map<String, RevisionFacts> factsOf(String profileId) {
        return database
            .select(REVISION_FACTS.REVISION_ID, REVISION_FACTS.FIRMWARE,
                    REVISION_FACTS.RESTS_ON.convertFrom(RevisionFacts.RestsOn::valueOf), REVISION_FACTS.FROM_WHOM)
            .from(REVISION_FACTS)
            .join(REVISION)
            .on(REVISION.ID.eq(REVISION_FACTS.REVISION_ID))
            .where(REVISION.PROFILE_ID.eq(profileId))
            .fetchMap(REVISION_FACTS.REVISION_ID, row -> new RevisionFacts(row.value2(), row.value3(), row.value4()));
    }

    /** {@return whether a revision came in a release} */
    boolean isReference(StoredRevision revision) {
        return database.fetchExists(PROFILE, PROFILE.ID.eq(revision.profileId()), PROFILE.SHELF.eq(Shelf.REFERENCE.name()));
    }

    /** Why a revision is not to be used any more. @param at UTC */
    public record Withdrawal(String revisionId, String why, String author, LocalDateTime at) {}

    /** {@return whether it was not withdrawn before} */
    boolean withdraw(Withdrawal withdrawal) {
        return database
            .insertInto(REVISION_WITHDRAWN, REVISION_WITHDRAWN.REVISION_ID, REVISION_WITHDRAWN.WHY, REVISION_WITHDRAWN.AUTHOR,
                    REVISION_WITHDRAWN.CREATED_AT)
            .values(withdrawal.revisionId(), withdrawal.why(), withdrawal.author(), withdrawal.at())
            .onDuplicateKeyIgnore()
            .execute() == 1;
    }

    void restore(String revisionId) {
        database.deleteFrom(REVISION_WITHDRAWN).where(REVISION_WITHDRAWN.REVISION_ID.eq(revisionId)).execute();
    }

    Optional<Withdrawal> findWithdrawal(String revisionId) {
        return database.selectFrom(REVISION_WITHDRAWN)
            .where(REVISION_WITHDRAWN.REVISION_ID.eq(revisionId))
            .fetchOptional(mapping(Withdrawal::new));
    }

    Map<String, Withdrawal> withdrawalsOf(String profileId) {
        return database
            .select(REVISION_WITHDRAWN.REVISION_ID, REVISION_WITHDRAWN.WHY, REVISION_WITHDRAWN.AUTHOR, REVISION_WITHDRAWN.CREATED_AT)
            .from(REVISION_WITHDRAWN)
            .join(REVISION)
            .on(REVISION.ID.eq(REVISION_WITHDRAWN.REVISION_ID))
            .where(REVISION.PROFILE_ID.eq(profileId))
            .fetchMap(REVISION_WITHDRAWN.REVISION_ID, mapping(Withdrawal::new));
    }

    /** @param tail as JSON. @param mapSha256 of what its DMX map is known by; null for a mode without addresses */
    public record ModeRow(String name, int footprint, int channels, String tail, @Nullable String mapSha256) {}

    public Optional<StoredRevision> findNewest(String profileId) {
        return database.selectFrom(REVISION)
            .where(REVISION.PROFILE_ID.eq(profileId))
            .orderBy(REVISION.NUMBER.desc())
            .limit(1)
            .fetchOptional(mapping(StoredRevision::new));
    }

    public Optional<StoredRevision> findByNumber(String profileId, int number) {
        return database.selectFrom(REVISION)
            .where(REVISION.PROFILE_ID.eq(profileId), REVISION.NUMBER.eq(number))
            .fetchOptional(mapping(StoredRevision::new));
    }

    public Optional<StoredRevision> findById(String id) {
        return database.selectFrom(REVISION).where(REVISION.ID.eq(id)).fetchOptional(mapping(StoredRevision::new));
    }

    public Optional<StoredRevision> findByFile(String profileId, String fileSha256) {
        return database.selectFrom(REVISION)
            .where(REVISION.PROFILE_ID.eq(profileId), REVISION.FILE_SHA256.eq(fileSha256))
            .orderBy(REVISION.NUMBER.desc())
            .limit(1)
            .fetchOptional(mapping(StoredRevision::new));
    }

    /** {@return the newest revisions of some profiles, by profile} */
    public Map<String, StoredRevision> newestOf(Collection<String> profileIds) {
        var later = REVISION.as("later");
        return profileIds.isEmpty() ? Map.of()
                : database.selectFrom(REVISION)
                    .where(REVISION.PROFILE_ID.in(profileIds),
                            DSL.notExists(DSL.selectOne()
                                .from(later)
                                .where(later.PROFILE_ID.eq(REVISION.PROFILE_ID), later.NUMBER.gt(REVISION.NUMBER))))
                    .fetchMap(REVISION.PROFILE_ID, mapping(StoredRevision::new));
    }

    /** {@return some revisions, by id} */
    public Map<String, StoredRevision> allOf(Collection<String> ids) {
        return ids.isEmpty() ? Map.of()
                : database.selectFrom(REVISION).where(REVISION.ID.in(ids)).fetchMap(REVISION.ID, mapping(StoredRevision::new));
    }

    /** {@return the withdrawals of some revisions, by revision} */
    public Map<String, Withdrawal> withdrawalsAmong(Collection<String> revisionIds) {
        return revisionIds.isEmpty() ? Map.of()
                : database.selectFrom(REVISION_WITHDRAWN)
                    .where(REVISION_WITHDRAWN.REVISION_ID.in(revisionIds))
                    .fetchMap(REVISION_WITHDRAWN.REVISION_ID, mapping(Withdrawal::new));
    }

    /** {@return what some revisions rest on, by revision; those that say nothing are not among them} */
    public Map<String, RevisionFacts> factsAmong(Collection<String> revisionIds) {
        return revisionIds.isEmpty() ? Map.of()
                : database
                    .select(REVISION_FACTS.REVISION_ID, REVISION_FACTS.FIRMWARE,
                            REVISION_FACTS.RESTS_ON.convertFrom(RevisionFacts.RestsOn::valueOf), REVISION_FACTS.FROM_WHOM)
                    .from(REVISION_FACTS)
                    .where(REVISION_FACTS.REVISION_ID.in(revisionIds))
                    .fetchMap(REVISION_FACTS.REVISION_ID, row -> new RevisionFacts(row.value2(), row.value3(), row.value4()));
    }

    /** {@return all revisions of a profile, the newest first} */
    public List<StoredRevision> listOf(String profileId) {
        return database.selectFrom(REVISION)
            .where(REVISION.PROFILE_ID.eq(profileId))
            .orderBy(REVISION.NUMBER.desc())
            .fetch(mapping(StoredRevision::new));
    }

    /** {@return the file's entries beside its description: path to content, in the file's order} */
    public Map<String, String> entries(String revisionId) {
        var entries = new LinkedHashMap<String, String>();
        database.select(REVISION_ENTRY.PATH, REVISION_ENTRY.SHA256)
            .from(REVISION_ENTRY)
            .where(REVISION_ENTRY.REVISION_ID.eq(revisionId))
            .orderBy(REVISION_ENTRY.POSITION)
            .forEach(row -> entries.put(row.value1(), row.value2()));
        return entries;
    }
}
