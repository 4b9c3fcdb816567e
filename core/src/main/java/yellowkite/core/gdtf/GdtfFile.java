package yellowkite.core.gdtf;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Limits;

/**
 * A whole GDTF file.
 *
 * @param others every other entry of the archive by its path, byte for byte, in the archive's order
 */
public record GdtfFile(GdtfDescription description, Map<String, byte[]> others) {

    /**
     * A profile carries a few hundred pictures and models at the most; detailed models reach tens of megabytes. All of it is held in
     * memory.
     */
    public static final Limits LIMITS = new Limits(4_096, 64 << 20, 64 << 20, 128 << 20, 200, 1 << 20, 1);
    /** Compressed size of the largest file that is read. */
    public static final int MAX_BYTES = (int) LIMITS.archiveBytes();

    public GdtfFile {
        others = Collections.unmodifiableMap(new LinkedHashMap<>(others));
    }

    /**
     * @throws FormatException if the bytes are no ZIP, the archive is damaged, encrypted or unsafe, passes a limit, or its description is
     * missing or cannot be understood
     */
    public static GdtfFile read(byte[] bytes) {
        return open(bytes).file();
    }

    /** Like {@link #read}, and hands on the description's bytes as they came. */
    public static Opened open(byte[] bytes) {
        Map<String, byte[]> entries;
        try (var archive = Archive.open(bytes, new Budget(LIMITS))) {
            entries = archive.readAll();
        }
        return opened(entries);
    }

    /** {@return a GDTF file that is an entry of another archive, under that one's budget} @throws FormatException as {@link #read} */
    public static Opened open(Archive outer, String path) {
        try (var archive = outer.nested(path)) {
            return opened(archive.readAll());
        }
    }

    private static Opened opened(Map<String, byte[]> entries) {
        var xml = entries.remove(GdtfDescription.ENTRY);
        if (xml == null) {
            throw new FormatException("holds no " + GdtfDescription.ENTRY);
        }
        return new Opened(new GdtfFile(GdtfDescription.read(xml), entries), xml);
    }

    /** @param descriptionBytes {@code description.xml} to the letter */
    public record Opened(GdtfFile file, byte[] descriptionBytes) {}

    /** {@return the bytes of the file; the same content gives the same bytes} */
    public byte[] write() {
        return pack(description.write(), others);
    }

    /** {@return the bytes of a file with a description that is written already, to the letter} */
    public static byte[] pack(byte[] description, Map<String, byte[]> others) {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(GdtfDescription.ENTRY, description);
        entries.putAll(others);
        return Archive.write(entries);
    }
}
