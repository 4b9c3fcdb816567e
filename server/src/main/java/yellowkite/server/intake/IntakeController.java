package yellowkite.server.intake;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.web.Change;

/** Files coming in. */
@RestController
class IntakeController {
    private final Receiving receiving;

    IntakeController(Receiving receiving) {
        this.receiving = receiving;
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
        return files.stream().map(file -> receiving.take(file, same, change)).toList();
    }
}
