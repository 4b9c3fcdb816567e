package yellowkite.server.charts;

import static org.jooq.Records.mapping;
import static yellowkite.server.tables.Tables.CHART;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Charts and what was said of them. */
@Repository
class ChartRepository {
    private final DSLContext database;

    ChartRepository(DSLContext database) {
        this.database = database;
    }

    /**
     * @param pages of a file whose pages can be drawn; 0 = none. {@code sheets} and {@code corrections} in their stored form. @param
     * addedAt UTC
     */
    record StoredChart(String id, String profileId, String name, String sha256, int pages, String sheets, String corrections, int version,
            String addedBy, LocalDateTime addedAt) {}

    /** @param addedAt UTC */
    record GivenChart(String id, String name, String addedBy, LocalDateTime addedAt) {}

    void add(StoredChart chart) {
        database
            .insertInto(CHART, CHART.ID, CHART.PROFILE_ID, CHART.NAME, CHART.SHA256, CHART.PAGES, CHART.SHEETS, CHART.CORRECTIONS,
                    CHART.VERSION, CHART.ADDED_BY, CHART.ADDED_AT)
            .values(chart.id(), chart.profileId(), chart.name(), chart.sha256(), chart.pages(), chart.sheets(), chart.corrections(),
                    chart.version(), chart.addedBy(), chart.addedAt())
            .execute();
    }

    Optional<StoredChart> find(String id) {
        return database
            .select(CHART.ID, CHART.PROFILE_ID, CHART.NAME, CHART.SHA256, CHART.PAGES, CHART.SHEETS, CHART.CORRECTIONS, CHART.VERSION,
                    CHART.ADDED_BY, CHART.ADDED_AT)
            .from(CHART)
            .where(CHART.ID.eq(id))
            .fetchOptional(mapping(StoredChart::new));
    }

    /** {@return a profile's charts, the newest first} */
    List<GivenChart> list(String profileId) {
        return database.select(CHART.ID, CHART.NAME, CHART.ADDED_BY, CHART.ADDED_AT)
            .from(CHART)
            .where(CHART.PROFILE_ID.eq(profileId))
            .orderBy(CHART.ADDED_AT.desc(), CHART.ID)
            .fetch(mapping(GivenChart::new));
    }

    /** {@return whether the chart was at that version and is one further now} */
    boolean correct(String id, int seen, String corrections) {
        return database.update(CHART)
            .set(CHART.CORRECTIONS, corrections)
            .set(CHART.VERSION, seen + 1)
            .where(CHART.ID.eq(id))
            .and(CHART.VERSION.eq(seen))
            .execute() == 1;
    }

    void delete(String id) {
        database.deleteFrom(CHART).where(CHART.ID.eq(id)).execute();
    }
}
