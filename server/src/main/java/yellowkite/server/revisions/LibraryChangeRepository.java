package yellowkite.server.revisions;

import static yellowkite.server.tables.Tables.LIBRARY_STAMP;
import static yellowkite.server.tables.Tables.PROFILE_CHANGE;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Which profiles are found by something else than before, in the order in which that became visible. */
@Repository
public class LibraryChangeRepository {
    private static final int COUNTER = 1;
    private final DSLContext database;

    LibraryChangeRepository(DSLContext database) {
        this.database = database;
    }

    /** Notes a profile when the transaction that is under way ends. @throws IllegalStateException outside a transaction */
    public void note(String profileId) {
        var noted = TransactionSynchronizationManager.getSynchronizations()
            .stream()
            .filter(each -> each instanceof AtEnd end && end.isOf(this))
            .map(AtEnd.class::cast)
            .findFirst();
        noted.orElseGet(() -> {
            var end = new AtEnd(this);
            TransactionSynchronizationManager.registerSynchronization(end);
            return end;
        }).profiles.add(profileId);
    }

    /** The counter's row is taken last, and only once, so that transactions wait for each other as shortly as can be. */
    private record AtEnd(LibraryChangeRepository changes, Set<String> profiles) implements TransactionSynchronization {
        private AtEnd(LibraryChangeRepository changes) {
            this(changes, new LinkedHashSet<>());
        }

        boolean isOf(LibraryChangeRepository other) {
            return changes == other;
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            changes.write(profiles);
        }
    }

    private void write(Set<String> profiles) {
        database.update(LIBRARY_STAMP).set(LIBRARY_STAMP.STAMP, LIBRARY_STAMP.STAMP.plus(1)).where(LIBRARY_STAMP.ID.eq(COUNTER)).execute();
        var stamp = DSL.field(DSL.select(LIBRARY_STAMP.STAMP).from(LIBRARY_STAMP).where(LIBRARY_STAMP.ID.eq(COUNTER)));
        var rows = database.insertInto(PROFILE_CHANGE, PROFILE_CHANGE.PROFILE_ID, PROFILE_CHANGE.STAMP);
        for (var each : profiles) {
            rows = rows.values(DSL.val(each), stamp);
        }
        rows.onDuplicateKeyUpdate().set(PROFILE_CHANGE.STAMP, stamp).execute();
    }

    /** {@return the newest stamp; 0 where nothing was ever noted} */
    public long stamp() {
        return database.select(LIBRARY_STAMP.STAMP)
            .from(LIBRARY_STAMP)
            .where(LIBRARY_STAMP.ID.eq(COUNTER))
            .fetchOptional(LIBRARY_STAMP.STAMP)
            .orElse(0L);
    }

    /** @param stamp when it was noted last */
    public record Change(String profileId, long stamp) {}

    /** {@return the profiles noted after a stamp} */
    public List<Change> since(long stamp) {
        return database.select(PROFILE_CHANGE.PROFILE_ID, PROFILE_CHANGE.STAMP)
            .from(PROFILE_CHANGE)
            .where(PROFILE_CHANGE.STAMP.gt(stamp))
            .fetch(row -> new Change(row.value1(), row.value2()));
    }
}
