package yellowkite.server.intake;

import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.FormatException;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.server.web.Change;

/** Files coming in. */
@RestController
class IntakeController {
    private final Intake intake;

    IntakeController(Intake intake) {
        this.intake = intake;
    }

    /**
     * 200 with one result for each file, in their order: a refused file does not keep the others out.
     *
     * @param same what becomes of a file whose profile the library has with other content: it waits with a question, is its next revision,
     * or a profile of its own
     */
    @PostMapping(value = "/api/intake", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<IntakeResult> take(@RequestPart("files") List<MultipartFile> files, @RequestParam(defaultValue = "ASK") IntakeResult.Same same,
            Change change) {
        return files.stream().map(file -> take(file, same, change)).toList();
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
