package yellowkite.server.releases;

import com.fasterxml.jackson.annotation.JsonAlias;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import yellowkite.core.compare.Rank;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;

/**
 * What an archive says of the release in it: its file {@code release.json}.
 *
 * @param format 2; of 1, which is read too, a manufacturer is called maker
 * @param house that made it
 * @param published UTC; of two releases of a house, the one published later is the newer
 * @param earlier the releases before it, the newest first
 */
record Manifest(int format, String id, String house, String title, LocalDate dated, LocalDateTime published, String notes,
        List<Entry> profiles, List<Gone> withdrawn, List<Earlier> earlier) {
    static final int FORMAT = 2;
    static final int OLDEST_FORMAT = 1;
    /** How it is read: its {@code format} is its version, and what a later one of the same form adds is passed over. */
    static final StoredForm<Manifest> FORM = StoredForms.form(Manifest.class);
    /** How the releases before one are kept with it. */
    static final StoredForm<List<Earlier>> EARLIER = StoredForms.form(new TypeReference<List<Earlier>>() {}.getType());

    Manifest {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(house, "house");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(dated, "dated");
        Objects.requireNonNull(published, "published");
        Objects.requireNonNull(notes, "notes");
        profiles = List.copyOf(profiles);
        withdrawn = List.copyOf(withdrawn);
        earlier = List.copyOf(earlier);
    }

    /**
     * @param file path in the archive. @param sha256 of its description and entries, as revisions are known by
     * @param kind against the release before. @param worst rank of what changed; null if nothing did that is compared
     */
    record Entry(String file, String sha256, @JsonAlias("maker") String manufacturer, String name, String fixtureTypeId, int revision,
            String firmware, Kind kind, @Nullable Rank worst, String note) {
        Entry {
            Objects.requireNonNull(file, "file");
            Objects.requireNonNull(sha256, "sha256");
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(fixtureTypeId, "fixtureTypeId");
            Objects.requireNonNull(firmware, "firmware");
            Objects.requireNonNull(kind, "kind");
            Objects.requireNonNull(note, "note");
        }
    }

    /** A profile that was part of the release before. */
    record Gone(@JsonAlias("maker") String manufacturer, String name, String fixtureTypeId, String note) {
        Gone {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(fixtureTypeId, "fixtureTypeId");
            Objects.requireNonNull(note, "note");
        }
    }

    /** What a release before this one said. */
    record Earlier(String id, String title, LocalDate dated, LocalDateTime published, String notes, List<Told> lines) {
        Earlier {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(title, "title");
            Objects.requireNonNull(dated, "dated");
            Objects.requireNonNull(published, "published");
            Objects.requireNonNull(notes, "notes");
            lines = List.copyOf(lines);
        }
    }

    /** A line of a release's notes; what stayed as it was has none. */
    record Told(@JsonAlias("maker") String manufacturer, String name, Kind kind, @Schema(nullable = true) @Nullable Rank worst,
            String note) {
        Told {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(kind, "kind");
            Objects.requireNonNull(note, "note");
        }
    }
}
