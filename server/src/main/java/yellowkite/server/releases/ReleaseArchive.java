package yellowkite.server.releases;

import java.io.Closeable;
import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Limits;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.server.revisions.FileLimits;
import yellowkite.server.revisions.Sha256;
import yellowkite.server.stored.StoredForm;

/**
 * A release as one ZIP: {@code release.json} and the profiles as GDTF files. It comes from outside, so nothing in it is trusted until it is
 * read.
 */
final class ReleaseArchive implements Closeable {
    static final int MOST_PROFILES = 5_000;
    /** One budget for the release and the profiles in it. */
    private static final Limits LIMITS = new Limits(200_000, 2L << 30, GdtfFile.MAX_BYTES, 8L << 30, 200, 1 << 20, 2);
    private static final String MANIFEST = "release.json";
    private static final int MOST_MANIFEST_BYTES = 32 << 20;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_ID = 64;
    private static final int LONGEST_NOTE = 1_000;
    private static final int LONGEST_NOTES = 10_000;

    private final String fileName;
    private final Archive archive;
    private final Manifest manifest;

    private ReleaseArchive(String fileName, Archive archive, Manifest manifest) {
        this.fileName = fileName;
        this.archive = archive;
        this.manifest = manifest;
    }

    /** Why an archive is not taken in. The message is one sentence or two that name the file, the place in it and the remedy. */
    static final class Broken extends RuntimeException {
        Broken(String sentence) {
            super(sentence);
        }
    }

    /**
     * @param fileName as the sender calls it
     * @throws Broken if it is no release. Its profiles are read by {@link #profile}
     */
    static ReleaseArchive open(String fileName, File file) {
        Archive archive;
        try {
            archive = Archive.open(FileChannel.open(file.toPath()), new Budget(LIMITS));
        } catch (FormatException damaged) {
            throw new Broken("'" + fileName + "' " + damaged.getMessage() + ". Ask for the release again; nothing was imported.");
        } catch (IOException unreadable) {
            throw new Broken("'" + fileName + "' did not arrive whole; send it again. Nothing was imported.");
        }
        try {
            var release = new ReleaseArchive(fileName, archive, manifest(fileName, archive));
            release.requireWhole();
            return release;
        } catch (Broken broken) {
            archive.close();
            throw broken;
        }
    }

    private static Manifest manifest(String fileName, Archive archive) {
        if (!archive.holds(MANIFEST)) {
            // of an archive that was cut short, the end of a GDTF file inside may be found instead of its own
            throw new Broken("'" + fileName + "' holds no " + MANIFEST
                    + ": it is no release, or was cut short on its way. Ask for it again; GDTF files come in by Import files.");
        }
        try {
            if (archive.size(MANIFEST) > MOST_MANIFEST_BYTES) {
                throw new FormatException("is larger than the limit of " + (MOST_MANIFEST_BYTES >> 20) + " MB");
            }
            return Manifest.FORM.read(new String(archive.read(MANIFEST), StandardCharsets.UTF_8));
        } catch (StoredForm.Unreadable malformed) {
            throw new Broken("'" + MANIFEST + "' in '" + fileName + "' cannot be read. Ask for the release again; nothing was imported.");
        } catch (FormatException large) {
            throw new Broken("'" + MANIFEST + "' in '" + fileName + "' " + large.getMessage() + "; nothing was imported.");
        }
    }

    private void requireWhole() {
        require(manifest.format() >= Manifest.OLDEST_FORMAT && manifest.format() <= Manifest.FORMAT,
                "is written in form " + manifest.format() + ", which this version does not read");
        require(manifest.profiles().size() <= MOST_PROFILES && manifest.withdrawn().size() <= MOST_PROFILES
                && manifest.earlier().size() <= MOST_PROFILES, "names more than " + MOST_PROFILES + " profiles");
        require(isLine(manifest.id(), 36) && isLine(manifest.house(), LONGEST_NAME) && isLine(manifest.title(), LONGEST_NAME)
                && manifest.notes().length() <= LONGEST_NOTES, "has no proper id, house, title or notes");
        require(isYear(manifest.dated().getYear()) && isYear(manifest.published().getYear()), "has a date that cannot be");
        var files = new HashSet<String>();
        var fixtures = new HashSet<String>();
        for (var entry : manifest.profiles()) {
            require(files.add(entry.file()), "names '" + entry.file() + "' twice");
            require(fixtures.add(fixture(entry.fixtureTypeId(), entry.manufacturer(), entry.name())),
                    "holds '" + entry.manufacturer() + " " + entry.name() + "' twice");
            require(entry.fixtureTypeId().length() <= LONGEST_ID,
                    "has an id of more than " + LONGEST_ID + " letters on '" + entry.file() + "'");
            require(archive.holds(entry.file()), "names '" + entry.file() + "', which is not in it");
            require(entry.note().length() <= LONGEST_NOTE,
                    "has a note of more than " + LONGEST_NOTE + " letters on '" + entry.file() + "'");
        }
        require(manifest.withdrawn().stream().allMatch(gone -> gone.note().length() <= LONGEST_NOTE),
                "has a note of more than " + LONGEST_NOTE + " letters");
        int entries = archive.paths().size();
        require(entries <= manifest.profiles().size() + 1,
                "holds " + (entries - manifest.profiles().size() - 1) + " files that its list does not name");
    }

    /** {@return what a fixture is told apart by: its id, or manufacturer and name where the file has none} */
    static String fixture(String fixtureTypeId, String manufacturer, String name) {
        var id = FixtureIdentity.idOf(fixtureTypeId);
        return id == null ? manufacturer + "\n" + name : id;
    }

    private static boolean isYear(int year) {
        return year >= 1970 && year <= 9999;
    }

    private static boolean isLine(String text, int longest) {
        return !text.isBlank() && text.length() <= longest && text.codePoints().noneMatch(Character::isISOControl);
    }

    private void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new Broken("The release in '" + fileName + "' " + otherwise + ". Ask for it again; nothing was imported.");
        }
    }

    Manifest manifest() {
        return manifest;
    }

    /** {@return the list as it stands in the archive} */
    byte[] list() {
        return archive.read(MANIFEST);
    }

    /** {@return a profile of the release} @throws Broken if its file cannot be read, or is not the one that was released */
    GdtfFile.Opened profile(Manifest.Entry entry) {
        try {
            var opened = GdtfFile.open(archive, entry.file());
            var type = opened.file().description().type();
            var sha = Sha256.ofFile(Sha256.of(opened.descriptionBytes()), Sha256.ofAll(opened.file().others()));
            if (!sha.equals(entry.sha256()) || !type.fixtureTypeId().strip().equals(entry.fixtureTypeId())) {
                throw new FormatException("is not the file that was released");
            }
            FileLimits.require(type);
            return opened;
        } catch (FormatException refused) {
            throw broken(entry, refused);
        }
    }

    private Broken broken(Manifest.Entry entry, FormatException why) {
        return new Broken(why.sentence(entry.file() + "' in '" + fileName)
                + " A release comes in whole or not at all, so nothing was imported; ask for it again.");
    }

    @Override
    public void close() {
        archive.close();
    }

    /** Gives the bytes of an entry's file, one after the other, so that only one is in memory. */
    interface Files {
        byte[] of(Manifest.Entry entry);
    }

    static void write(Manifest manifest, Files files, JsonMapper json, OutputStream out) throws IOException {
        write(manifest, json.writeValueAsBytes(manifest), files, out);
    }

    /** Writes a release whose list is kept: the same bytes whenever it is asked for, and so dated as the release is. */
    static void write(Manifest manifest, byte[] list, Files files, OutputStream out) throws IOException {
        try (var zip = new ZipOutputStream(out)) {
            put(zip, manifest, MANIFEST, list);
            zip.setLevel(Deflater.NO_COMPRESSION); // the files are packed already
            for (var entry : manifest.profiles()) {
                put(zip, manifest, entry.file(), files.of(entry));
            }
        }
    }

    private static void put(ZipOutputStream zip, Manifest manifest, String path, byte[] bytes) throws IOException {
        var entry = new ZipEntry(path);
        entry.setTimeLocal(manifest.published().truncatedTo(ChronoUnit.MINUTES));
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }
}
