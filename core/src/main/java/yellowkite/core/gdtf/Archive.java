package yellowkite.core.gdtf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;

/** The ZIP around a description: opened under limits, because it comes from outside. */
final class Archive {
    /** A profile carries a few hundred pictures and models at the most. */
    static final int MAX_ENTRIES = 4_096;
    /** Compressed size of a whole file: detailed models reach tens of megabytes. */
    static final int MAX_ARCHIVE_BYTES = 64 << 20;
    /** One unpacked entry; a single model may be large. */
    static final int MAX_ENTRY_BYTES = 64 << 20;
    /** All unpacked entries together: held in memory while a file is read. */
    static final int MAX_TOTAL_BYTES = 128 << 20;
    /** Honest deflate seldom passes 100:1 on XML; beyond this above {@link #RATIO_FREE_BYTES} it is a bomb. */
    static final int MAX_RATIO = 200;
    static final int RATIO_FREE_BYTES = 1 << 20;
    private static final int MAX_PATH_LENGTH = 512;

    private Archive() {}

    /**
     * {@return the archive's entries, by path, in the archive's order}
     *
     * @throws FormatException if it is no ZIP, is damaged or encrypted, or passes a limit
     */
    static Map<String, byte[]> read(byte[] bytes) {
        if (bytes.length > MAX_ARCHIVE_BYTES) {
            throw new FormatException("is larger than the limit of " + megabytes(MAX_ARCHIVE_BYTES));
        }
        if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
            throw new FormatException("is not a ZIP archive, which every GDTF file is");
        }
        try (var zip = ZipFile.builder().setByteArray(bytes).get()) {
            return read(zip);
        } catch (IOException | IllegalArgumentException damaged) {
            throw new FormatException("is a ZIP archive that is cut short or damaged");
        }
    }

    private static Map<String, byte[]> read(ZipFile zip) throws IOException {
        var entries = new LinkedHashMap<String, byte[]>();
        var folded = new java.util.HashSet<String>();
        long total = 0;
        for (var entry : Collections.list(zip.getEntriesInPhysicalOrder())) {
            var path = entry.getName();
            requireSafe(path);
            requireSafe(new String(entry.getRawName(), StandardCharsets.ISO_8859_1)); // before any tidying of separators
            if (!folded.add(path.toLowerCase(Locale.ROOT))) {
                throw new FormatException("holds the entry '" + shown(path) + "' twice");
            }
            if (folded.size() > MAX_ENTRIES) {
                throw new FormatException("holds more than " + MAX_ENTRIES + " entries");
            }
            if (entry.getGeneralPurposeBit().usesEncryption()) {
                throw new FormatException("is encrypted at '" + shown(path) + "'");
            }
            if (!zip.canReadEntryData(entry)) {
                throw new FormatException("packs '" + shown(path) + "' in a way that is not deflate");
            }
            var content = content(zip, entry, Math.min(MAX_ENTRY_BYTES, MAX_TOTAL_BYTES - total));
            total += content.length;
            entries.put(path, content);
        }
        return entries;
    }

    private static byte[] content(ZipFile zip, ZipArchiveEntry entry, long limit) throws IOException {
        var path = shown(entry.getName());
        if (entry.getSize() > limit) {
            throw new FormatException("unpacks beyond the limit of " + megabytes(MAX_TOTAL_BYTES) + " at '" + path + "'");
        }
        long allowedByRatio = Math.max(RATIO_FREE_BYTES, entry.getCompressedSize() * MAX_RATIO);
        var crc = new CRC32();
        var out = new ByteArrayOutputStream((int) Math.clamp(entry.getSize(), 32, 1 << 20));
        try (InputStream in = zip.getInputStream(entry)) {
            var buffer = new byte[1 << 16];
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                out.write(buffer, 0, n);
                crc.update(buffer, 0, n);
                if (out.size() > limit) {
                    throw new FormatException("unpacks beyond the limit of " + megabytes(MAX_TOTAL_BYTES) + " at '" + path + "'");
                }
                if (out.size() > allowedByRatio) {
                    throw new FormatException("unpacks more than " + MAX_RATIO + " to 1 at '" + path + "', as an archive bomb does");
                }
            }
        }
        if (out.size() != entry.getSize() || crc.getValue() != entry.getCrc()) {
            throw new FormatException("is damaged at '" + path + "': its checksum does not fit");
        }
        return out.toByteArray();
    }

    private static void requireSafe(String path) {
        boolean climbs = path.startsWith("/") || path.contains("\\") || path.indexOf(0) >= 0 || path.matches("^[A-Za-z]:.*")
                || java.util.Arrays.asList(path.split("/")).contains("..");
        if (path.isEmpty() || climbs) {
            throw new FormatException("holds an entry that points outside the archive: '" + shown(path) + "'");
        }
        if (path.length() > MAX_PATH_LENGTH) {
            throw new FormatException("holds an entry whose path is longer than " + MAX_PATH_LENGTH + " characters");
        }
    }

    /** {@return the bytes of an archive with these entries, in this order; the same entries give the same bytes} */
    static byte[] write(Map<String, byte[]> entries) {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var each : entries.entrySet()) {
                var entry = new ZipEntry(each.getKey());
                entry.setTimeLocal(LocalDateTime.of(1980, 1, 1, 0, 0));
                zip.putNextEntry(entry);
                zip.write(each.getValue());
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static String megabytes(long bytes) {
        return (bytes >> 20) + " MB";
    }

    private static String shown(String path) {
        var clean = path.replaceAll("\\p{Cntrl}", "?");
        return clean.length() <= 80 ? clean : clean.substring(0, 77) + "...";
    }
}
