package yellowkite.server.exchange;

import static yellowkite.server.tables.Tables.PROFILE;
import static yellowkite.server.tables.Tables.SCENE_CHOICE;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.taking.KindChoice;

/** What was decided for kinds of fixtures that scenes ask for. */
@Repository
class SceneChoiceRepository {
    private final DSLContext database;

    SceneChoiceRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * @param profileId what they become; null unless it is a profile of ours. @param mode of it
     * @param addresses of a placeholder; 0 = as many as the scene says. @param by who decided it
     */
    record StoredChoice(KindChoice choice, @Nullable String profileId, String mode, int addresses, String by) {}

    /** {@return what was decided for some kinds; those whose profile lies in the bin are as if nobody had decided} */
    Map<Asked, StoredChoice> of(Collection<Asked> kinds) {
        var specs = kinds.stream().map(Asked::spec).collect(Collectors.toSet());
        var stored = new HashMap<Asked, StoredChoice>();
        database
            .select(SCENE_CHOICE.SPEC, SCENE_CHOICE.MODE, SCENE_CHOICE.FOOTPRINT, SCENE_CHOICE.CHOICE, SCENE_CHOICE.PROFILE_ID,
                    SCENE_CHOICE.OUR_MODE, SCENE_CHOICE.ADDRESSES, SCENE_CHOICE.DECIDED_BY)
            .from(SCENE_CHOICE)
            .leftJoin(PROFILE)
            .on(PROFILE.ID.eq(SCENE_CHOICE.PROFILE_ID))
            .where(SCENE_CHOICE.SPEC.in(specs), PROFILE.BINNED_AT.isNull())
            .forEach(row -> stored.put(new Asked(row.value1(), row.value2(), row.value3() == 0 ? null : row.value3()),
                    new StoredChoice(KindChoice.valueOf(row.value4()), row.value5(), row.value6(), row.value7(), row.value8())));
        return stored;
    }

    /** Remembers what was decided for a kind, in the place of what was before. */
    void put(Asked kind, StoredChoice choice, LocalDateTime at) {
        var footprint = Objects.requireNonNullElse(kind.footprint(), 0);
        database
            .insertInto(SCENE_CHOICE, SCENE_CHOICE.SPEC, SCENE_CHOICE.MODE, SCENE_CHOICE.FOOTPRINT, SCENE_CHOICE.CHOICE,
                    SCENE_CHOICE.PROFILE_ID, SCENE_CHOICE.OUR_MODE, SCENE_CHOICE.ADDRESSES, SCENE_CHOICE.DECIDED_BY,
                    SCENE_CHOICE.DECIDED_AT)
            .values(kind.spec(), kind.mode(), footprint, choice.choice().name(), choice.profileId(), choice.mode(), choice.addresses(),
                    choice.by(), at)
            .onDuplicateKeyUpdate()
            .set(SCENE_CHOICE.CHOICE, choice.choice().name())
            .set(SCENE_CHOICE.PROFILE_ID, choice.profileId())
            .set(SCENE_CHOICE.OUR_MODE, choice.mode())
            .set(SCENE_CHOICE.ADDRESSES, choice.addresses())
            .set(SCENE_CHOICE.DECIDED_BY, choice.by())
            .set(SCENE_CHOICE.DECIDED_AT, at)
            .execute();
    }
}
