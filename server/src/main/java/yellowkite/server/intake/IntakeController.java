package yellowkite.server.intake;

import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.gdtf.FormatException;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.server.web.Author;

/** Files coming in. */
@RestController
class IntakeController {
    private final Intake intake;

    IntakeController(Intake intake) {
        this.intake = intake;
    }

    /** 200 with one result for each file, in their order: a refused file does not keep the others out. */
    @PostMapping(value = "/api/intake", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<IntakeResult> take(@RequestPart("files") List<MultipartFile> files, @RequestHeader(Author.HEADER) String author) {
        var by = Author.of(author);
        return files.stream().map(file -> take(file, by)).toList();
    }

    private IntakeResult take(MultipartFile file, Author author) {
        var given = file.getOriginalFilename();
        var name = given == null || given.isBlank() ? "file without a name" : given.substring(given.replace('\\', '/').lastIndexOf('/') + 1);
        try {
            if (file.getSize() > GdtfFile.MAX_BYTES) { // before it is brought into memory
                throw new FormatException("is larger than the limit of " + (GdtfFile.MAX_BYTES >> 20) + " MB");
            }
            return new IntakeResult(name, null, intake.take(name, file.getBytes(), author));
        } catch (FormatException refused) {
            return new IntakeResult(name, refused.sentence(name), null);
        } catch (IOException unreadable) {
            return new IntakeResult(name, "'" + name + "' did not arrive whole; send it again.", null);
        }
    }
}
