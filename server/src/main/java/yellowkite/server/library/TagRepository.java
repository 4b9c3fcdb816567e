package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.PROFILE_FACTS;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import yellowkite.server.revisions.LibraryChangeRepository;

/** What profiles are found by beside their names. */
@Repository
public class TagRepository {
    private final DSLContext database;
    private final LibraryChangeRepository changes;

    TagRepository(DSLContext database, LibraryChangeRepository changes) {
        this.database = database;
        this.changes = changes;
    }

    /**
     * What a profile is found by beside its name. @param tags words parted by spaces. @param version to be named with the next change; 0 =
     * nothing is said yet
     */
    public record Tags(int version, String tags, String otherNames) {}

    Tags tags(String profileId) {
        return database.select(PROFILE_FACTS.VERSION, PROFILE_FACTS.TAGS, PROFILE_FACTS.OTHER_NAMES)
            .from(PROFILE_FACTS)
            .where(PROFILE_FACTS.PROFILE_ID.eq(profileId))
            .fetchOptional(mapping(Tags::new))
            .orElse(new Tags(0, "", ""));
    }

    /** {@return whether they were at that version and are now one further} */
    boolean putTags(String profileId, Tags seen) {
        changes.note(profileId);
        return seen.version() == 0
                ? database
                    .insertInto(PROFILE_FACTS, PROFILE_FACTS.PROFILE_ID, PROFILE_FACTS.VERSION, PROFILE_FACTS.TAGS,
                            PROFILE_FACTS.OTHER_NAMES)
                    .values(profileId, 1, seen.tags(), seen.otherNames())
                    .onDuplicateKeyIgnore()
                    .execute() == 1
                : database.update(PROFILE_FACTS)
                    .set(PROFILE_FACTS.VERSION, seen.version() + 1)
                    .set(PROFILE_FACTS.TAGS, seen.tags())
                    .set(PROFILE_FACTS.OTHER_NAMES, seen.otherNames())
                    .where(PROFILE_FACTS.PROFILE_ID.eq(profileId), PROFILE_FACTS.VERSION.eq(seen.version()))
                    .execute() == 1;
    }
}
