package yellowkite.server.intake;

import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.FormatException;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.server.web.Change;

/** Files as they are sent by a page. */
@Component
class Receiving {
    private final Intake intake;

    Receiving(Intake intake) {
        this.intake = intake;
    }

    /** {@return what became of a file; a refused one keeps no other out} */
    IntakeResult take(MultipartFile file, IntakeResult.Same same, Change change) {
        var given = file.getOriginalFilename();
        var name = given == null || given.isBlank() ? "file without a name"
                : given.substring(given.replace('\\', '/').lastIndexOf('/') + 1);
        try {
            if (file.getSize() > GdtfFile.MAX_BYTES) { // before it is brought into memory
                throw new FormatException("is larger than the limit of " + (GdtfFile.MAX_BYTES >> 20) + " MB");
            }
            return intake.take(name, file.getBytes(), same, change);
        } catch (FormatException refused) {
            return IntakeResult.refused(name, refused.sentence(name));
        } catch (IOException unreadable) {
            return IntakeResult.refused(name, "'" + name + "' did not arrive whole; send it again.");
        }
    }
}
