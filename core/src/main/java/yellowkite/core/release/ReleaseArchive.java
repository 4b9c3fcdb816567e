package yellowkite.core.release;

import java.io.Closeable;
import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Limits;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.gdtf.FileLimits;
import yellowkite.core.archive.Sha256;

/**
 * A release as one ZIP: {@code release.json} and the profiles as GDTF files. It comes from outside, so nothing in it is trusted until it is
 * read.
 */
public final class ReleaseArchive implements Closeable {
    public static final int MOST_PROFILES = 5_000;
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
    public static final class Broken extends RuntimeException {
        Broken(String sentence) {
            super(sentence);
        }
    }

    /**
     * @param fileName as the sender calls it
     * @throws Broken if it is no release. Its profiles are read by {@link #profile}
     */
    public static ReleaseArchive open(String fileName, File file) {
        return open(fileName, () -> Archive.open(FileChannel.open(file.toPath()), new Budget(LIMITS)));
    }

    /** Like {@link #open(String, File)}, one that is in memory. */
    public static ReleaseArchive open(String fileName, byte[] bytes) {
        return open(fileName, () -> Archive.open(bytes, new Budget(LIMITS)));
    }

    private interface Opening {
        Archive open() throws IOException;
    }

    private static ReleaseArchive open(String fileName, Opening opening) {
        Archive archive;
        try {
            archive = opening.open();
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
        } catch (FormatException large) {
            throw new Broken("'" + MANIFEST + "' in '" + fileName + "' " + large.getMessage() + "; nothing was imported.");
        }
        try {
            return ManifestText.read(archive.read(MANIFEST));
        } catch (FormatException malformed) {
            throw new Broken("'" + MANIFEST + "' in '" + fileName + "' cannot be read. Ask for the release again; nothing was imported.");
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
    public static String fixture(String fixtureTypeId, String manufacturer, String name) {
        var id = FixtureIdentity.idOf(fixtureTypeId);
        return id == null ? manufacturer + "\n" + name : id;
    }

    /** {@return what the content of a file is known by} */
    public static String sha256(GdtfFile.Opened opened) {
        return Sha256.ofFile(Sha256.of(opened.descriptionBytes()), Sha256.ofAll(opened.file().others()));
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

    public Manifest manifest() {
        return manifest;
    }

    /** {@return the list as it stands in the archive} */
    public byte[] list() {
        return archive.read(MANIFEST);
    }

    /** {@return a profile of the release} @throws Broken if its file cannot be read, or is not the one that was released */
    public GdtfFile.Opened profile(Manifest.Entry entry) {
        try {
            var opened = GdtfFile.open(archive, entry.file());
            var type = opened.file().description().type();
            if (!sha256(opened).equals(entry.sha256()) || !type.fixtureTypeId().strip().equals(entry.fixtureTypeId())) {
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
    public interface Files {
        byte[] of(Manifest.Entry entry);
    }

    /** Writes a release whose list is kept: the same bytes whenever it is asked for, and so dated as the release is. */
    public static void write(Manifest manifest, byte[] list, Files files, OutputStream out) throws IOException {
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
