package yellowkite.core.archive;

import org.jspecify.annotations.Nullable;

/** A file that cannot be trusted or understood. The message is one clause that says why: "is not a ZIP archive". */
public final class FormatException extends RuntimeException {
    private final @Nullable String entry;
    private final int line;

    public FormatException(String reason) {
        this(null, 0, reason);
    }

    /**
     * @param entry path inside the archive; null if the archive itself is meant
     * @param line 1-based; 0 = not known
     */
    public FormatException(@Nullable String entry, int line, String reason) {
        super(reason);
        this.entry = entry;
        this.line = line;
    }

    public @Nullable String entry() {
        return entry;
    }

    public int line() {
        return line;
    }

    /** {@return one sentence that names the file, the place in it and the reason} */
    public String sentence(String file) {
        var place = entry == null ? "it" : line > 0 ? "its " + entry + ", line " + line + "," : "its " + entry;
        return "'" + file + "' was refused: " + place + " " + getMessage() + ".";
    }
}
