package yellowkite.server.bench;

import java.util.Objects;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.bench.RigShow.RigLive;
import yellowkite.server.web.Author;

/** A rig that goes live, over HTTP. */
@RestController
class RigShowController {
    private final RigShow show;

    RigShowController(RigShow show) {
        this.show = show;
    }

    /** 200 with where each universe of the rig goes, and whether it does. @param destination of those whose way the rig does not say */
    @GetMapping("/api/rigs/{rigId}/live")
    RigLive look(@PathVariable String rigId, @RequestParam String destination) {
        return show.look(rigId, destination);
    }

    record RigLiveRequest(String destination) {
        RigLiveRequest {
            Objects.requireNonNull(destination, "destination");
        }
    }

    /** 200; the rig goes out as it is now. 422 if one of its universes cannot: then none does. */
    @PostMapping("/api/rigs/{rigId}/live")
    RigLive goLive(@PathVariable String rigId, @RequestBody RigLiveRequest request, Author author) {
        show.goLive(rigId, request.destination(), author.name());
        return show.look(rigId, request.destination());
    }

    /** 200; it ends at its start values. */
    @DeleteMapping("/api/rigs/{rigId}/live")
    RigLive end(@PathVariable String rigId, @RequestParam String destination) {
        show.end(rigId);
        return show.look(rigId, destination);
    }
}
