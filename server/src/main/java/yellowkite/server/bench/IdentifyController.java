package yellowkite.server.bench;

import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.web.Author;

/** Units of rigs that are lit up to be found, over HTTP. */
@RestController
class IdentifyController {
    private final Identifying identifying;

    IdentifyController(Identifying identifying) {
        this.identifying = identifying;
    }

    /** @param destination of universes whose way the rig does not say */
    record IdentifyRequest(Identifying.By by, String destination) {
        IdentifyRequest {
            Objects.requireNonNull(by, "by");
            Objects.requireNonNull(destination, "destination");
        }
    }

    /** 204; that unit is lit up, and the one before is not any more. 422 with what does not fit. */
    @PostMapping("/api/rigs/{rigId}/units/{uuid}/identify")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void identify(@PathVariable String rigId, @PathVariable String uuid, @RequestBody IdentifyRequest request, Author author) {
        identifying.identify(rigId, uuid, request.by(), request.destination(), author.name());
    }

    /** 204; the light goes. */
    @DeleteMapping("/api/identify")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop() {
        identifying.stop();
    }
}
