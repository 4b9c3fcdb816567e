package yellowkite.core.archive;

/**
 * How much of a file from outside is taken in.
 *
 * @param entries of the archive and all archives inside it together
 * @param archiveBytes packed size of the whole file
 * @param entryBytes of one unpacked entry
 * @param totalBytes of all unpacked entries together
 * @param ratio how many times larger something may unpack than it is packed; honest deflate seldom passes 100 on XML
 * @param freeBytes up to which no ratio holds
 * @param depth how many archives may stand in each other; 1 = none inside the first
 */
public record Limits(int entries, long archiveBytes, long entryBytes, long totalBytes, int ratio, long freeBytes, int depth) {

    /** {@return how much may be unpacked from something of that packed size} */
    long unpacked(long packed) {
        return Math.max(freeBytes, packed * ratio);
    }

    /** {@return how much a whole archive of that packed size may unpack to} A few entries that pack well are no bomb; many of them are. */
    long unpackedInAll(long packed) {
        return Math.max(8 * freeBytes, packed * ratio);
    }
}
