package yellowkite.server.stencils;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.STENCIL;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The house's stencils. */
@Repository
class StencilRepository {
    private final DSLContext database;

    StencilRepository(DSLContext database) {
        this.database = database;
    }

    /** @param origin where it was taken from, in words. @param createdAt UTC. @param functions as JSON */
    record StoredStencil(String id, String name, String attribute, String origin, String author, LocalDateTime createdAt,
            String functions) {}

    void add(StoredStencil stencil) {
        database
            .insertInto(STENCIL, STENCIL.ID, STENCIL.NAME, STENCIL.ATTRIBUTE, STENCIL.ORIGIN, STENCIL.AUTHOR, STENCIL.CREATED_AT,
                    STENCIL.FUNCTIONS)
            .values(stencil.id(), stencil.name(), stencil.attribute(), stencil.origin(), stencil.author(), stencil.createdAt(),
                    stencil.functions())
            .execute();
    }

    /** {@return whether there was one} */
    boolean delete(String id) {
        return database.deleteFrom(STENCIL).where(STENCIL.ID.eq(id)).execute() > 0;
    }

    int count() {
        return database.fetchCount(STENCIL);
    }

    /** {@return the stencils by name, at most so many} */
    List<StoredStencil> list(int limit) {
        return database.selectFrom(STENCIL).orderBy(STENCIL.NAME, STENCIL.ID).limit(limit).fetch(mapping(StoredStencil::new));
    }
}
