package yellowkite.server.content;

import static yellowkite.server.tables.Tables.CONTENT;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.ForeignKey;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Contents. Nothing of them changes but when they were last put. */
@Repository
class ContentRepository {
    /** What was put so lately is not noted anew: rows that many use are written rarely. */
    private static final Duration LATELY = Duration.ofHours(1);
    private final DSLContext database;

    ContentRepository(DSLContext database) {
        this.database = database;
    }

    /** A row that is there already is held until the transaction ends, so that nobody removes it meanwhile. */
    void put(String sha256, byte[] bytes, LocalDateTime at) {
        boolean isNew = database.insertInto(CONTENT, CONTENT.SHA256, CONTENT.BYTES, CONTENT.PUT_AT)
            .values(sha256, bytes, at)
            .onDuplicateKeyIgnore()
            .execute() == 1;
        if (!isNew) {
            database.update(CONTENT)
                .set(CONTENT.PUT_AT, at)
                .where(CONTENT.SHA256.eq(sha256), CONTENT.PUT_AT.lt(at.minus(LATELY)))
                .execute();
        }
    }

    Optional<byte[]> find(String sha256) {
        return database.select(CONTENT.BYTES).from(CONTENT).where(CONTENT.SHA256.eq(sha256)).fetchOptional(CONTENT.BYTES);
    }

    /** {@return the first bytes of some contents, by hash} */
    Map<String, byte[]> beginnings(Collection<String> sha256s, int bytes) {
        var beginning = DSL.field("left({0}, {1})", byte[].class, CONTENT.BYTES, DSL.inline(bytes));
        return sha256s.isEmpty() ? Map.of()
                : database.select(CONTENT.SHA256, beginning)
                    .from(CONTENT)
                    .where(CONTENT.SHA256.in(sha256s))
                    .fetchMap(CONTENT.SHA256, beginning);
    }

    /** {@return what no row refers to and nobody has put since a time; held until the transaction ends} @param limit of rows */
    List<String> lockLeftovers(LocalDateTime putBefore, int limit) {
        return database.select(CONTENT.SHA256)
            .from(CONTENT)
            .where(CONTENT.PUT_AT.lt(putBefore), isReferredTo().not())
            .limit(limit)
            .forUpdate()
            .skipLocked()
            .fetch(CONTENT.SHA256);
    }

    /** Whoever uses contents says so by a foreign key, so that none is forgotten here. */
    private static Condition isReferredTo() {
        return CONTENT.getPrimaryKey()
            .getReferences()
            .stream()
            .map(ContentRepository::refers)
            .reduce(DSL.falseCondition(), Condition::or);
    }

    private static Condition refers(ForeignKey<?, ?> key) {
        var column = key.getFields().getFirst().coerce(String.class);
        return DSL.exists(DSL.selectOne().from(key.getTable()).where(column.eq(CONTENT.SHA256)));
    }

    void delete(Collection<String> sha256s) {
        database.deleteFrom(CONTENT).where(CONTENT.SHA256.in(sha256s)).execute();
    }
}
