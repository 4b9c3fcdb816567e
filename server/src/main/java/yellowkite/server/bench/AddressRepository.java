package yellowkite.server.bench;

import static yellowkite.server.tables.Tables.OUTPUT_ADDRESS;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Addresses beside this machine's own that the house lets DMX go to. */
@Repository
class AddressRepository {
    private final DSLContext database;

    AddressRepository(DSLContext database) {
        this.database = database;
    }

    List<String> list() {
        return database.select(OUTPUT_ADDRESS.ADDRESS).from(OUTPUT_ADDRESS).orderBy(OUTPUT_ADDRESS.ADDRESS).fetch(OUTPUT_ADDRESS.ADDRESS);
    }

    /** {@return those that there are then} */
    List<String> replace(List<String> addresses, String author, LocalDateTime at) {
        database.deleteFrom(OUTPUT_ADDRESS).execute();
        for (var each : addresses) {
            database.insertInto(OUTPUT_ADDRESS, OUTPUT_ADDRESS.ADDRESS, OUTPUT_ADDRESS.ADDED_BY, OUTPUT_ADDRESS.ADDED_AT)
                .values(each, author, at)
                .execute();
        }
        return list();
    }
}
