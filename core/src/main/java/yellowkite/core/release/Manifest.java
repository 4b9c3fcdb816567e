package yellowkite.core.release;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Rank;
import yellowkite.core.release.ProfileChange.Kind;

/**
 * What an archive says of the release in it: its file {@code release.json}.
 *
 * @param format 2; of 1, which is read too, a manufacturer is called maker
 * @param house that made it
 * @param published UTC; of two releases of a house, the one published later is the newer
 * @param earlier the releases before it, the newest first
 */
public record Manifest(int format, String id, String house, String title, LocalDate dated, LocalDateTime published, String notes,
        List<Entry> profiles, List<Gone> withdrawn, List<Earlier> earlier) {
    public static final int FORMAT = 2;
    static final int OLDEST_FORMAT = 1;

    public Manifest {
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
    public record Entry(String file, String sha256, String manufacturer, String name, String fixtureTypeId, int revision,
            String firmware, Kind kind, @Nullable Rank worst, String note) {
        public Entry {
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

    /** {@return what the release after this one says of it} */
    public Earlier toEarlier() {
        var told = Stream.concat(
                profiles.stream()
                    .filter(each -> each.kind() != Kind.SAME)
                    .map(each -> new Told(each.manufacturer(), each.name(), each.kind(), each.worst(), each.note())),
                withdrawn.stream().map(each -> new Told(each.manufacturer(), each.name(), Kind.WITHDRAWN, null, each.note())));
        return new Earlier(id, title, dated, published, notes, told.toList());
    }

    /** A profile that was part of the release before. */
    public record Gone(String manufacturer, String name, String fixtureTypeId, String note) {
        public Gone {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(fixtureTypeId, "fixtureTypeId");
            Objects.requireNonNull(note, "note");
        }
    }

    /** What a release before this one said. */
    public record Earlier(String id, String title, LocalDate dated, LocalDateTime published, String notes, List<Told> lines) {
        public Earlier {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(title, "title");
            Objects.requireNonNull(dated, "dated");
            Objects.requireNonNull(published, "published");
            Objects.requireNonNull(notes, "notes");
            lines = List.copyOf(lines);
        }
    }

    /** A line of a release's notes; what stayed as it was has none. */
    public record Told(String manufacturer, String name, Kind kind, @Nullable Rank worst,
            String note) {
        public Told {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(kind, "kind");
            Objects.requireNonNull(note, "note");
        }
    }
}
