package yellowkite.demo;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Rank;
import yellowkite.core.furnishing.FirstHouse.UpstreamRelease;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.release.Manifest;
import yellowkite.core.release.ManifestText;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.core.release.ReleaseArchive;

/** The Reference shelf of the demo house: two releases of a lending house upstream. */
final class DemoReleases {
    private static final String HOUSE = "Upstream lending house";

    private DemoReleases() {}

    private record Made(Manifest manifest, UpstreamRelease release) {}

    private record Part(GdtfFile file, int revision, Kind kind, @Nullable Rank worst, String note) {}

    /** {@return them, the older first} */
    static List<UpstreamRelease> all() {
        var batten = fixture("Reedline 10");
        var wash = fixture("Petrel Wash");
        var spring = made("1d5a0c4e-7a10-4f0e-9a41-1c0de5a50001", "Spring 2026", LocalDateTime.of(2026, 4, 2, 9, 0),
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
        var summer = made("1d5a0c4e-7a10-4f0e-9a41-1c0de5a50002", "Summer 2026", LocalDateTime.of(2026, 7, 1, 9, 0),
                "The washes have new firmware; patch them anew.", List.of(
                        new Part(batten, 1, Kind.SAME, null, ""),
                        new Part(moved, 2, Kind.CHANGED, Rank.BREAKS, "Control stands on channel 18 since firmware 2.0.")),
                List.of(gone(fixture("Thrum"))), List.of(spring.manifest().toEarlier()));
        return List.of(spring.release(), summer.release());
    }

    private static Manifest.Gone gone(GdtfFile file) {
        var type = file.description().type();
        return new Manifest.Gone(type.manufacturer(), type.name(), type.fixtureTypeId(), "We lend it no more.");
    }

    private static GdtfFile fixture(String name) {
        return DemoHouse.files().stream().filter(each -> each.description().type().name().equals(name)).findFirst().orElseThrow();
    }

    private static Made made(String id, String title, LocalDateTime published, String notes, List<Part> parts,
            List<Manifest.Gone> gone, List<Manifest.Earlier> earlier) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        List<Manifest.Entry> entries = new ArrayList<>();
        for (var part : parts) {
            var type = part.file().description().type();
            var path = "profiles/" + FileNames.of(type, part.revision());
            var bytes = part.file().write();
            files.put(path, bytes);
            entries.add(new Manifest.Entry(path, ReleaseArchive.sha256(GdtfFile.open(bytes)), type.manufacturer(), type.name(),
                    type.fixtureTypeId(), part.revision(), part.kind() == Kind.CHANGED ? "2.0" : "", part.kind(), part.worst(),
                    part.note()));
        }
        var manifest = new Manifest(Manifest.FORMAT, id, HOUSE, title, published.toLocalDate(), published, notes, entries, gone, earlier);
        var archive = new ByteArrayOutputStream();
        try {
            ReleaseArchive.write(manifest, ManifestText.write(manifest), entry -> Objects.requireNonNull(files.get(entry.file())), archive);
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
        return new Made(manifest, new UpstreamRelease(id, HOUSE, title, archive.toByteArray()));
    }
}
