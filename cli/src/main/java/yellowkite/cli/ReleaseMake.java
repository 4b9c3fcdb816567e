package yellowkite.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import yellowkite.core.archive.FormatException;
import yellowkite.core.gdtf.FileLimits;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.release.Manifest;
import yellowkite.core.release.ManifestText;
import yellowkite.core.release.NewRelease;
import yellowkite.core.release.ReleaseArchive;

/** {@code make}: a release of some files. */
@Command(name = "make", description = "A release of some GDTF files, told by what differs from the release before; OUT is written whole or"
        + " not at all.")
final class ReleaseMake extends Verb {
    private static final int LONGEST = 120;

    @Parameters(index = "0", paramLabel = "OUT.zip", description = "The archive to write.")
    private String target = "";
    @Parameters(index = "1..*", arity = "1..*", paramLabel = "FILE", description = "GDTF files: the whole of what the house hands on.")
    private List<String> files = List.of();
    @Option(names = "--house", required = true, paramLabel = "NAME", description = "The house that hands it on.")
    private String house = "";
    @Option(names = "--title", required = true, paramLabel = "TITLE", description = "Such as 'Spring 2026'.")
    private String title = "";
    @Option(names = "--dated", paramLabel = "DATE", description = "Such as 2026-04-02; today unless told.")
    private @Nullable String dated;
    @Option(names = "--notes", paramLabel = "TEXT", defaultValue = "", description = "On the release as a whole.")
    private String notes = "";
    @Option(names = "--before", paramLabel = "ARCHIVE.zip", description = "The release that it follows upon.")
    private @Nullable String before;

    ReleaseMake(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        try (var last = before == null ? null : Files.release(before)) {
            var manifest = release().of(files.stream().map(this::source).toList(), last);
            var byPath = new HashMap<String, String>();
            IntStream.range(0, files.size()).forEach(i -> byPath.put(manifest.profiles().get(i).file(), files.get(i)));
            Files.writeBy(Path.of(target).toAbsolutePath(),
                    out -> ReleaseArchive.write(manifest, ManifestText.write(manifest), entry -> bytes(byPath, entry), out));
            Json.line(streams().out(),
                    json -> json.writeStringProperty("wrote", target)
                        .writeStringProperty("id", manifest.id())
                        .writeNumberProperty("profiles", manifest.profiles().size())
                        .writeNumberProperty("withdrawn", manifest.withdrawn().size())
                        .writeStringProperty("says", ReleaseLook.says(manifest)));
            return WELL;
        } catch (Unreadable refused) {
            Files.refuse(refused.file, String.valueOf(refused.getMessage()), streams());
        } catch (ReleaseArchive.Broken | Files.Refused broken) {
            Files.refuse(String.valueOf(before), String.valueOf(broken.getMessage()), streams());
        } catch (FormatException unfit) {
            Files.refuse(target, "The release " + unfit.getMessage() + ".", streams());
        } catch (IOException failed) {
            Files.refuse(target, "'" + target + "' could not be written; what was there is unchanged.", streams());
        }
        return REFUSED;
    }

    private NewRelease release() {
        if (house.isBlank() || house.length() > LONGEST || title.isBlank() || title.length() > LONGEST) {
            throw new WrongCall("House and title are 1 to " + LONGEST + " letters long.");
        }
        var now = LocalDateTime.now(Clock.systemUTC()).truncatedTo(ChronoUnit.MILLIS);
        try {
            var date = dated == null ? now.toLocalDate() : LocalDate.parse(dated);
            return new NewRelease(UUID.randomUUID().toString(), house.strip(), title.strip(), date, now, notes);
        } catch (DateTimeException none) {
            throw new WrongCall("--dated wants a date such as 2026-04-02; '" + dated + "' is none.");
        }
    }

    /** A file that cannot be part of the release. */
    private static final class Unreadable extends RuntimeException {
        private final String file;

        private Unreadable(String file, String sentence) {
            super(sentence, null, false, false);
            this.file = file;
        }
    }

    private NewRelease.Source source(String name) {
        return () -> {
            try {
                var opened = GdtfFile.open(bytes(name));
                FileLimits.require(opened.file().description().type());
                return opened;
            } catch (FormatException refused) {
                throw new Unreadable(name, refused.sentence(name));
            }
        };
    }

    private static byte[] bytes(String name) {
        try {
            return Files.bytes(name, GdtfFile.MAX_BYTES);
        } catch (Files.Refused refused) {
            throw new Unreadable(name, String.valueOf(refused.getMessage()));
        }
    }

    private static byte[] bytes(Map<String, String> byPath, Manifest.Entry entry) {
        return bytes(Objects.requireNonNull(byPath.get(entry.file())));
    }
}
