package yellowkite.cli;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.function.ToIntBiFunction;
import yellowkite.core.archive.FormatException;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.release.ReleaseArchive;

/** Files named in a call: each is read by itself, and one that is refused gets its line too. */
final class Files {
    private Files() {}

    /** A file that cannot be read. The message is one sentence. */
    static final class Refused extends Exception {
        Refused(String sentence) {
            super(sentence, null, false, false);
        }
    }

    static GdtfFile read(String name) throws Refused {
        try {
            return GdtfFile.read(bytes(name, GdtfFile.MAX_BYTES));
        } catch (FormatException refused) {
            throw new Refused(refused.sentence(name));
        }
    }

    /** @throws ReleaseArchive.Broken if it is no release */
    static ReleaseArchive release(String name) throws Refused {
        try {
            var path = Path.of(name);
            if (!java.nio.file.Files.isRegularFile(path)) {
                throw new Refused("'" + name + "' does not exist, or is no file.");
            }
            return ReleaseArchive.open(name, path.toFile());
        } catch (InvalidPathException none) {
            throw new Refused("'" + name + "' could not be read.");
        }
    }

    /** @param limit of its size */
    static byte[] bytes(String name, int limit) throws Refused {
        try {
            var path = Path.of(name);
            if (java.nio.file.Files.isDirectory(path)) {
                throw new Refused("'" + name + "' is a folder, not a file.");
            }
            if (java.nio.file.Files.size(path) > limit) {
                throw new Refused("'" + name + "' was refused: it is larger than the limit of " + (limit >> 20) + " MB.");
            }
            return java.nio.file.Files.readAllBytes(path);
        } catch (NoSuchFileException missing) {
            throw new Refused("'" + name + "' does not exist.");
        } catch (AccessDeniedException denied) {
            throw new Refused("'" + name + "' may not be read.");
        } catch (IOException | InvalidPathException failed) {
            throw new Refused("'" + name + "' could not be read.");
        }
    }

    /**
     * Does the same with each file, in the order given.
     *
     * @param act ends with the status for that file
     * @return the highest status
     */
    static int each(List<String> names, Streams streams, ToIntBiFunction<String, GdtfFile> act) {
        int status = Verb.WELL;
        for (var name : names) {
            try {
                status = Math.max(status, act.applyAsInt(name, read(name)));
            } catch (Refused refused) {
                refuse(name, String.valueOf(refused.getMessage()), streams);
                status = Verb.REFUSED;
            }
        }
        return status;
    }

    static void refuse(String name, String sentence, Streams streams) {
        Json.line(streams.out(), json -> json.writeStringProperty("file", name).writeStringProperty("refused", sentence));
    }

    /** Written beside its place and moved there whole. */
    static void write(Path target, byte[] bytes) throws IOException {
        writeBy(target, out -> out.write(bytes));
    }

    /** Writes to an open file. */
    interface Writing {
        void to(OutputStream out) throws IOException;
    }

    /** Like {@link #write}, what is too large to be held in memory. */
    static void writeBy(Path target, Writing writing) throws IOException {
        var beside = java.nio.file.Files.createTempFile(target.getParent(), ".kite-", ".part");
        try {
            try (var out = new BufferedOutputStream(java.nio.file.Files.newOutputStream(beside))) {
                writing.to(out);
            }
            java.nio.file.Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            java.nio.file.Files.deleteIfExists(beside);
        }
    }
}
