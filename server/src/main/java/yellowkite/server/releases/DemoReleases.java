package yellowkite.server.releases;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.compare.Rank;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.demo.DemoHouse;
import yellowkite.server.revisions.FileNames;
import yellowkite.server.revisions.Sha256;
import yellowkite.server.web.Author;

/** The Reference shelf of the demo house: two releases of a lending house upstream, taken in the way any release is. */
@Component
public class DemoReleases {
    public static final String HOUSE = "Upstream lending house";
    private static final Author STORE = new Author("Marigold lamp store");
    private final Arrival arrival;
    private final JsonMapper json;

    DemoReleases(Arrival arrival, JsonMapper json) {
        this.arrival = arrival;
        this.json = json;
    }

    private record Part(GdtfFile file, int revision, Kind kind, @Nullable Rank worst, String note) {}

    public void load() {
        var batten = fixture("Reedline 10");
        var wash = fixture("Petrel Wash");
        var spring = take("1d5a0c4e-7a10-4f0e-9a41-1c0de5a50001", "Spring 2026", LocalDateTime.of(2026, 4, 2, 9, 0),
                "What we lend from April on.", List.of(
                        new Part(batten, 1, Kind.NEW, null, "Measured on our bench."),
                        new Part(wash, 1, Kind.NEW, null, "From the manufacturer's chart."),
                        new Part(fixture("Thrum"), 1, Kind.NEW, null, "")),
                List.of(), List.of());
        var moved = new GdtfFile(
                GdtfDescription.of(wash.description()
                    .type()
                    .mapModes(mode -> mode
                        .mapChannels(channel -> channel.attribute().equals("Control1") ? channel.withOffsets(List.of(18)) : channel))),
                wash.others());
        take("1d5a0c4e-7a10-4f0e-9a41-1c0de5a50002", "Summer 2026", LocalDateTime.of(2026, 7, 1, 9, 0),
                "The washes have new firmware; patch them anew.", List.of(
                        new Part(batten, 1, Kind.SAME, null, ""),
                        new Part(moved, 2, Kind.CHANGED, Rank.BREAKS, "Control stands on channel 18 since firmware 2.0.")),
                List.of(gone(fixture("Thrum"))), List.of(spring));
    }

    private static Manifest.Gone gone(GdtfFile file) {
        var type = file.description().type();
        return new Manifest.Gone(type.manufacturer(), type.name(), type.fixtureTypeId(), "We lend it no more.");
    }

    private static GdtfFile fixture(String name) {
        return DemoHouse.files().stream().filter(each -> each.description().type().name().equals(name)).findFirst().orElseThrow();
    }

    /** {@return what the next release says of this one} */
    private Manifest.Earlier take(String id, String title, LocalDateTime published, String notes, List<Part> parts,
            List<Manifest.Gone> gone, List<Manifest.Earlier> earlier) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        List<Manifest.Entry> entries = new ArrayList<>();
        for (var part : parts) {
            var type = part.file().description().type();
            var path = "profiles/" + FileNames.of(type, part.revision());
            var bytes = part.file().write();
            files.put(path, bytes);
            var sha = Sha256.ofFile(Sha256.of(GdtfFile.open(bytes).descriptionBytes()), Sha256.ofAll(part.file().others()));
            entries.add(new Manifest.Entry(path, sha, type.manufacturer(), type.name(), type.fixtureTypeId(), part.revision(),
                    part.kind() == Kind.CHANGED ? "2.0" : "", part.kind(), part.worst(), part.note()));
        }
        var manifest = new Manifest(Manifest.FORMAT, id, HOUSE, title, published.toLocalDate(), published, notes, entries, gone, earlier);
        try {
            var archive = Files.createTempFile("kite-demo", ".zip");
            try (var out = Files.newOutputStream(archive)) {
                ReleaseArchive.write(manifest, entry -> Objects.requireNonNull(files.get(entry.file())), json, out);
            }
            try (var opened = ReleaseArchive.open(title + ".zip", archive.toFile())) {
                if (!arrival.has(id)) {
                    arrival.take(opened, STORE);
                }
            } finally {
                Files.delete(archive);
            }
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
        return new Manifest.Earlier(id, title, published.toLocalDate(), published, notes,
                entries.stream()
                    .map(each -> new Manifest.Told(each.manufacturer(), each.name(), each.kind(), each.worst(), each.note()))
                    .toList());
    }
}
