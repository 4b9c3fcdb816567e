package yellowkite.server.library;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.SAVED_SEARCH;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Searches under a name. */
@Repository
class SavedSearchRepository {
    private final DSLContext database;

    SavedSearchRepository(DSLContext database) {
        this.database = database;
    }

    /** @param search as the page's address has it */
    record SavedSearch(String id, String name, String search, String author) {}

    List<SavedSearch> list() {
        return database.select(SAVED_SEARCH.ID, SAVED_SEARCH.NAME, SAVED_SEARCH.SEARCH, SAVED_SEARCH.AUTHOR)
            .from(SAVED_SEARCH)
            .orderBy(SAVED_SEARCH.NAME, SAVED_SEARCH.ID)
            .fetch(mapping(SavedSearch::new));
    }

    void add(SavedSearch saved, LocalDateTime at) {
        database
            .insertInto(SAVED_SEARCH, SAVED_SEARCH.ID, SAVED_SEARCH.NAME, SAVED_SEARCH.SEARCH, SAVED_SEARCH.AUTHOR, SAVED_SEARCH.CREATED_AT)
            .values(saved.id(), saved.name(), saved.search(), saved.author(), at)
            .execute();
    }

    void delete(String id) {
        database.deleteFrom(SAVED_SEARCH).where(SAVED_SEARCH.ID.eq(id)).execute();
    }
}
