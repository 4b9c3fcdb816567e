package yellowkite.server.exchange;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.RIG_EXCHANGE;
import static yellowkite.server.tables.Tables.SCENE;
import static yellowkite.server.tables.Tables.SCENE_PART;

import java.io.IOException;
import java.io.OutputStream;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Scenes as files. */
@Repository
class SceneRepository {
    private final DSLContext database;

    SceneRepository(DSLContext database) {
        this.database = database;
    }

    /** @param size bytes */
    record StoredScene(String id, String name, long size, int fixtures, int kinds, String author, LocalDateTime arrivedAt) {}

    /** It is there once it is {@link #complete}. */
    void begin(StoredScene scene) {
        database
            .insertInto(SCENE, SCENE.ID, SCENE.NAME, SCENE.SIZE, SCENE.FIXTURES, SCENE.KINDS, SCENE.AUTHOR, SCENE.ARRIVED_AT,
                    SCENE.COMPLETE)
            .values(scene.id(), scene.name(), scene.size(), scene.fixtures(), scene.kinds(), scene.author(), scene.arrivedAt(), false)
            .execute();
    }

    void addPart(String id, int position, byte[] bytes) {
        database.insertInto(SCENE_PART, SCENE_PART.SCENE_ID, SCENE_PART.POSITION, SCENE_PART.BYTES).values(id, position, bytes).execute();
    }

    void complete(String id) {
        database.update(SCENE).set(SCENE.COMPLETE, true).where(SCENE.ID.eq(id)).execute();
    }

    Optional<StoredScene> find(String id) {
        return database.select(SCENE.ID, SCENE.NAME, SCENE.SIZE, SCENE.FIXTURES, SCENE.KINDS, SCENE.AUTHOR, SCENE.ARRIVED_AT)
            .from(SCENE)
            .where(SCENE.ID.eq(id), SCENE.COMPLETE.isTrue())
            .fetchOptional(mapping(StoredScene::new));
    }

    /** {@return those that nobody has decided on, the newest first} */
    List<StoredScene> waiting() {
        return database.select(SCENE.ID, SCENE.NAME, SCENE.SIZE, SCENE.FIXTURES, SCENE.KINDS, SCENE.AUTHOR, SCENE.ARRIVED_AT)
            .from(SCENE)
            .where(SCENE.COMPLETE.isTrue(), isOfARig().not())
            .orderBy(SCENE.ARRIVED_AT.desc(), SCENE.ID)
            .fetch(mapping(StoredScene::new));
    }

    private static Condition isOfARig() {
        return DSL.exists(DSL.selectOne().from(RIG_EXCHANGE).where(RIG_EXCHANGE.SCENE_ID.eq(SCENE.ID)));
    }

    /** Writes a scene's file, piece by piece. */
    void copy(String id, OutputStream to) throws IOException {
        for (int position = 0;; position++) {
            var bytes = database.select(SCENE_PART.BYTES)
                .from(SCENE_PART)
                .where(SCENE_PART.SCENE_ID.eq(id), SCENE_PART.POSITION.eq(position))
                .fetchOne(SCENE_PART.BYTES);
            if (bytes == null) {
                return;
            }
            to.write(bytes);
        }
    }

    /** Deletes it unless a rig came from it. */
    void leave(String id) {
        database.deleteFrom(SCENE).where(SCENE.ID.eq(id), isOfARig().not()).execute();
    }

    /** Deletes those that nobody decided on, or that were cut off on their way, since a time. */
    void leaveBefore(LocalDateTime waited, LocalDateTime cutOff) {
        database.deleteFrom(SCENE)
            .where(SCENE.ARRIVED_AT.lt(waited).or(SCENE.COMPLETE.isFalse().and(SCENE.ARRIVED_AT.lt(cutOff))), isOfARig().not())
            .execute();
    }

    /** Deletes it, also where a rig came from it. */
    void delete(String id) {
        database.deleteFrom(SCENE).where(SCENE.ID.eq(id)).execute();
    }
}
