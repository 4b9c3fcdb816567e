package yellowkite.server.rigs;

import java.io.IOException;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.FormatException;
import yellowkite.media.table.TableFile;
import yellowkite.server.web.Refusal;

/** A table that somebody hands over: CSV, text with tabs, or a workbook. */
final class SheetFile {
    private static final int MAX_BYTES = 20 << 20;

    private SheetFile() {}

    static String name(MultipartFile file) {
        return Objects.requireNonNullElse(file.getOriginalFilename(), "sheet");
    }

    /** {@return what its rows say} @throws Refusal 422 if it is too large, or they say nothing of the kind */
    static <T> T read(MultipartFile file, Function<List<List<String>>, T> reading) throws IOException {
        if (file.getSize() > MAX_BYTES) {
            throw Refusal.unfit("file", "'" + name(file) + "' is larger than the limit of " + (MAX_BYTES >> 20) + " MB.");
        }
        try {
            return reading.apply(TableFile.read(file.getBytes()));
        } catch (FormatException refused) {
            throw Refusal.unfit("file", refused.sentence(name(file)));
        }
    }
}
