package yellowkite.server.wanted;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.wanted.Wishes.WishLine;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;

/**
 * The list of what is wanted, over HTTP. 404 for a wish that is gone; 409 if someone else has changed it since the version that was seen.
 */
@RestController
class WantedController {
    private final Wishes wishes;

    WantedController(Wishes wishes) {
        this.wishes = wishes;
    }

    /** 200 with open wishes by the day on which they are needed, then those that were answered; at most 500. */
    @GetMapping("/api/wanted")
    List<WishLine> list() {
        return wishes.list();
    }

    /** @param mode as set on the fixture; may be empty, as may the words. @param neededBy null = no day is named */
    record AskRequest(String manufacturer, String model, String mode, @Nullable LocalDate neededBy, String words) {
        AskRequest {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(model, "model");
            Objects.requireNonNull(mode, "mode");
            Objects.requireNonNull(words, "words");
        }
    }

    /** 201 with the wish; 422 with the {@code field} that does not fit. */
    @PostMapping("/api/wanted")
    @ResponseStatus(HttpStatus.CREATED)
    WishLine ask(@RequestBody AskRequest request, Change change) {
        return wishes.ask(
                new Wishes.Wish(request.manufacturer(), request.model(), request.mode(), request.neededBy(), request.words()), change);
    }

    /** 200 with the wish and its files; 422 if it is no chart or photograph. A file of the same name takes the place of the one before. */
    @PostMapping(value = "/api/wanted/{id}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    WishLine attach(@PathVariable String id, @RequestPart("file") MultipartFile file) throws IOException {
        return wishes.attach(id, SourceFile.of(file));
    }

    /** 200 with a file to save; 404 if there is none of that name. */
    @GetMapping(value = "/api/wanted/{id}/file", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> file(@PathVariable String id, @RequestParam String name) {
        return SourceFile.answer(name, wishes.file(id, name));
    }

    record WishVersionRequest(int version) {}

    /** 200 with the wish, which the one who asks writes from now on. */
    @PostMapping("/api/wanted/{id}/take")
    WishLine take(@PathVariable String id, @RequestBody WishVersionRequest request, Author author) {
        return wishes.take(id, request.version(), author);
    }

    /** 200 with the wish, which nobody writes any more. */
    @PostMapping("/api/wanted/{id}/give-back")
    WishLine giveBack(@PathVariable String id, @RequestBody WishVersionRequest request) {
        return wishes.take(id, request.version(), null);
    }

    record CloseRequest(int version, String profileId, int revision) {
        CloseRequest {
            Objects.requireNonNull(profileId, "profileId");
        }
    }

    /** 200 with the wish, closed by the revision that answers it; its files stay with that profile as its sources. */
    @PostMapping("/api/wanted/{id}/answer")
    WishLine answer(@PathVariable String id, @RequestBody CloseRequest request, Author author) {
        return wishes.answer(id, request.version(), request.profileId(), request.revision(), author);
    }

    /** 204; an open wish is forgotten, with its files. */
    @PostMapping("/api/wanted/{id}/drop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable String id, @RequestBody WishVersionRequest request) {
        wishes.drop(id, request.version());
    }
}
