package yellowkite.core.archive;

/** What is left of the limits while one file is read, with the archives inside it. Not for several threads at once. */
public final class Budget {
    private final Limits limits;
    private int entries;
    private long bytes;

    public Budget(Limits limits) {
        this.limits = limits;
    }

    Limits limits() {
        return limits;
    }

    /** @throws FormatException if there are more entries than the limit */
    void takeEntries(int count) {
        entries += count;
        if (entries > limits.entries()) {
            throw new FormatException("holds more than " + limits.entries() + " entries");
        }
    }

    /** {@return how many bytes may still be unpacked at once} */
    long left() {
        return Math.min(limits.entryBytes(), limits.totalBytes() - bytes);
    }

    void takeBytes(long count) {
        bytes += count;
    }
}
