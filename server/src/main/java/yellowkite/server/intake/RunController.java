package yellowkite.server.intake;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.intake.RunRepository.Announced;
import yellowkite.server.intake.RunRepository.RunLine;
import yellowkite.server.intake.Runs.RunView;
import yellowkite.server.web.Author;

/** Imports of many files, over HTTP. */
@RestController
class RunController {
    private final Runs runs;

    RunController(Runs runs) {
        this.runs = runs;
    }

    record RunRequest(List<Announced> files) {
        RunRequest {
            files = List.copyOf(files);
        }
    }

    /** 200 with a run of which no file was sent yet; 422 for none or too many. */
    @PostMapping("/api/intake/runs")
    RunView announce(@RequestBody RunRequest request, Author author) {
        return runs.announce(request.files(), author);
    }

    /** 200 with the newest runs. */
    @GetMapping("/api/intake/runs")
    List<RunLine> list() {
        return runs.list();
    }

    /** 200 with what became of each file; 404 if there is no such run. */
    @GetMapping("/api/intake/runs/{id}")
    RunView read(@PathVariable String id) {
        return runs.read(id);
    }

    /**
     * 200 with what became of some files of a run. One that was sent before is sent again without harm.
     *
     * @param at position of each file, in their order
     * @param same as for a single file
     * @param brief whether modes and problems are left out of the answer
     */
    @PostMapping(value = "/api/intake/runs/{id}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<IntakeResult> send(@PathVariable String id, @RequestParam List<Integer> at, @RequestPart("files") List<MultipartFile> files,
            @RequestParam(defaultValue = "ASK") IntakeResult.Same same,
            @RequestParam(defaultValue = "false") boolean brief, Author author) {
        var results = runs.send(id, at, files, same, author);
        return brief ? results.stream().map(IntakeResult::brief).toList() : results;
    }

    /** 204; nobody is asked any more whether to go on with it. Its report stays. */
    @PostMapping("/api/intake/runs/{id}/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable String id) {
        runs.close(id);
    }
}
