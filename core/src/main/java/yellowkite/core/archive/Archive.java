package yellowkite.core.archive;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.SeekableByteChannel;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;

/** A ZIP from outside, opened under limits; an entry is unpacked when it is asked for. */
public final class Archive implements Closeable {
    /**
     * Descriptions repeat themselves so much that this packs them within a few hundredths of the usual level, in well under half the time.
     */
    private static final int PACKED = 3;
    private static final int MAX_PATH_LENGTH = 512;

    private final ZipFile zip;
    private final Budget budget;
    private final int depth;
    /** In the archive's order. */
    private final Map<String, ZipArchiveEntry> entries = new LinkedHashMap<>();
    private final HashSet<String> counted = new HashSet<>();

    private Archive(ZipFile zip, Budget budget, int depth) {
        this.zip = zip;
        this.budget = budget;
        this.depth = depth;
    }

    /** @throws FormatException if it is no ZIP, is damaged, encrypted or unsafe, or passes a limit */
    public static Archive open(byte[] bytes, Budget budget) {
        return open(new SeekableInMemoryByteChannel(bytes), budget, 1);
    }

    /** Like {@link #open(byte[], Budget)}, of a file that need not be in memory. The channel is closed with the archive. */
    public static Archive open(SeekableByteChannel channel, Budget budget) {
        return open(channel, budget, 1);
    }

    private static Archive open(SeekableByteChannel channel, Budget budget, int depth) {
        var limits = budget.limits();
        try {
            if (channel.size() > limits.archiveBytes()) {
                throw new FormatException("is larger than the limit of " + megabytes(limits.archiveBytes()));
            }
            requireSignature(channel);
            var archive = new Archive(ZipFile.builder().setSeekableByteChannel(channel).get(), budget, depth);
            archive.list(channel.size());
            return archive;
        } catch (IOException | IllegalArgumentException damaged) {
            throw new FormatException("is a ZIP archive that is cut short or damaged");
        }
    }

    private static void requireSignature(SeekableByteChannel channel) throws IOException {
        var first = java.nio.ByteBuffer.allocate(4);
        while (first.hasRemaining() && channel.read(first) >= 0) {
            // short reads are legal
        }
        if (first.hasRemaining() || first.get(0) != 'P' || first.get(1) != 'K') {
            throw new FormatException("is not a ZIP archive, as it has to be");
        }
        channel.position(0);
    }

    private void list(long packed) throws IOException {
        var folded = new HashSet<String>();
        var all = Collections.list(zip.getEntriesInPhysicalOrder());
        budget.takeEntries(all.size());
        long total = 0;
        for (var entry : all) {
            var path = entry.getName();
            requireSafe(path);
            requireSafe(new String(entry.getRawName(), StandardCharsets.ISO_8859_1)); // before any tidying of separators
            if (!folded.add(path.toLowerCase(Locale.ROOT))) {
                throw new FormatException("holds the entry '" + shown(path) + "' twice");
            }
            if (entry.getGeneralPurposeBit().usesEncryption()) {
                throw new FormatException("is encrypted at '" + shown(path) + "'");
            }
            if (!zip.canReadEntryData(entry)) {
                throw new FormatException("packs '" + shown(path) + "' in a way that is not deflate");
            }
            requireWithin(entry, entry.getSize(), budget.limits().entryBytes());
            total += Math.max(0, entry.getSize());
            entries.put(path, entry);
        }
        requireApart(all);
        if (total > budget.limits().unpackedInAll(packed)) {
            throw new FormatException("unpacks more than " + budget.limits().ratio() + " to 1 in all, as an archive bomb does");
        }
    }

    /** Entries that share their bytes unpack to many times what there is. */
    private static void requireApart(List<ZipArchiveEntry> all) {
        long end = 0;
        for (var entry : all.stream().sorted(Comparator.comparingLong(ZipArchiveEntry::getDataOffset)).toList()) {
            if (entry.getDataOffset() < end) {
                throw new FormatException(
                        "holds entries that lie over each other at '" + shown(entry.getName()) + "', as an archive bomb does");
            }
            end = entry.getDataOffset() + entry.getCompressedSize();
        }
    }

    /** {@return the paths of all entries, in the archive's order} */
    public List<String> paths() {
        return List.copyOf(entries.keySet());
    }

    public boolean holds(String path) {
        return entries.containsKey(path);
    }

    /**
     * {@return what an entry unpacks to, as the archive says; reading holds it to that} @throws IllegalArgumentException if there is no
     * such entry
     */
    public long size(String path) {
        return require(path).getSize();
    }

    /**
     * {@return an entry's content}
     *
     * @throws FormatException if it is damaged or passes a limit
     * @throws IllegalArgumentException if there is no such entry
     */
    public byte[] read(String path) {
        var entry = require(path);
        try {
            var content = content(entry, counted.contains(path) ? budget.limits().entryBytes() : budget.left());
            if (counted.add(path)) {
                budget.takeBytes(content.length);
            }
            return content;
        } catch (IOException damaged) {
            throw new FormatException("is a ZIP archive that is cut short or damaged");
        }
    }

    /**
     * {@return an archive that is an entry of this one, under the same budget} @throws FormatException as {@link #open}, and if archives
     * stand too deep in each other
     */
    public Archive nested(String path) {
        if (depth >= budget.limits().depth()) {
            throw new FormatException("holds an archive inside an archive at '" + shown(path) + "'");
        }
        return open(new SeekableInMemoryByteChannel(read(path)), budget, depth + 1);
    }

    /** {@return every entry by its path, in the archive's order} */
    public Map<String, byte[]> readAll() {
        var all = new LinkedHashMap<String, byte[]>();
        entries.keySet().forEach(path -> all.put(path, read(path)));
        return all;
    }

    private ZipArchiveEntry require(String path) {
        var entry = entries.get(path);
        if (entry == null) {
            throw new IllegalArgumentException("there is no entry '" + path + "'");
        }
        return entry;
    }

    /** Room is made for what the entry says of itself, which is within the limits, and what comes is held to that. */
    private byte[] content(ZipArchiveEntry entry, long limit) throws IOException {
        requireWithin(entry, entry.getSize(), limit);
        var content = new byte[(int) Math.max(0, entry.getSize())];
        var crc = new CRC32();
        try (InputStream in = zip.getInputStream(entry)) {
            int read = in.readNBytes(content, 0, content.length);
            crc.update(content, 0, read);
            if (read < content.length || in.read() >= 0 || crc.getValue() != entry.getCrc()) {
                throw new FormatException("is damaged at '" + shown(entry.getName()) + "': its checksum does not fit");
            }
        }
        return content;
    }

    private void requireWithin(ZipArchiveEntry entry, long bytes, long limit) {
        if (bytes > limit) {
            throw new FormatException(
                    "unpacks beyond the limit of " + megabytes(budget.limits().totalBytes()) + " at '" + shown(entry.getName()) + "'");
        }
        if (bytes > budget.limits().unpacked(entry.getCompressedSize())) {
            throw new FormatException(
                    "unpacks more than " + budget.limits().ratio() + " to 1 at '" + shown(entry.getName()) + "', as an archive bomb does");
        }
    }

    private static void requireSafe(String path) {
        boolean climbs = path.startsWith("/") || path.contains("\\") || path.indexOf(0) >= 0 || path.matches("^[A-Za-z]:.*")
                || Arrays.asList(path.split("/")).contains("..");
        if (path.isEmpty() || climbs) {
            throw new FormatException("holds an entry that points outside the archive: '" + shown(path) + "'");
        }
        if (path.length() > MAX_PATH_LENGTH) {
            throw new FormatException("holds an entry whose path is longer than " + MAX_PATH_LENGTH + " characters");
        }
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException left) {
            // it was only read
        }
    }

    /** {@return the bytes of an archive with these entries, in this order; the same entries give the same bytes} */
    public static byte[] write(Map<String, byte[]> entries) {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            zip.setLevel(PACKED);
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

    /**
     * Writes this archive anew: entries as they are packed, some of them replaced, some left out, and others behind them.
     *
     * @param replaced content by path; of entries that this archive has not, what comes behind
     */
    public void copy(OutputStream out, Map<String, byte[]> replaced, Set<String> without) throws IOException {
        try (var copy = new ZipArchiveOutputStream(out)) {
            copy.setLevel(PACKED);
            for (var entry : entries.values()) {
                var content = replaced.get(entry.getName());
                if (content != null) {
                    put(copy, entry.getName(), content);
                } else if (!without.contains(entry.getName())) {
                    try (var packed = zip.getRawInputStream(entry)) {
                        copy.addRawArchiveEntry(entry, packed);
                    }
                }
            }
            for (var more : replaced.entrySet()) {
                if (!entries.containsKey(more.getKey())) {
                    put(copy, more.getKey(), more.getValue());
                }
            }
        }
    }

    private static void put(ZipArchiveOutputStream out, String path, byte[] content) throws IOException {
        var entry = new ZipArchiveEntry(path);
        entry.setTimeLocal(LocalDateTime.of(1980, 1, 1, 0, 0));
        out.putArchiveEntry(entry);
        out.write(content);
        out.closeArchiveEntry();
    }

    private static String megabytes(long bytes) {
        return (bytes >> 20) + " MB";
    }

    private static String shown(String path) {
        var clean = path.replaceAll("\\p{Cntrl}", "?");
        return clean.length() <= 80 ? clean : clean.substring(0, 77) + "...";
    }
}
