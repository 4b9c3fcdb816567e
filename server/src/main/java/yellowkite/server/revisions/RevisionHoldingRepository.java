package yellowkite.server.revisions;

import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;

/** A feature that holds on to revisions of others, so that a profile in the bin does not go for good while it does. */
public interface RevisionHoldingRepository {
    /**
     * {@return whether something of the feature stands on a profile}
     *
     * @param profileId of the row that is asked about
     * @param revisionIds those of its revisions
     */
    Condition holds(Field<String> profileId, Select<Record1<String>> revisionIds);
}
