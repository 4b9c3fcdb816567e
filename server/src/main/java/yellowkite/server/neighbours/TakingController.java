package yellowkite.server.neighbours;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.neighbours.TakingRepository.StoredTaking;
import yellowkite.server.web.Change;

/** Profiles on their way from neighbours, over HTTP. */
@RestController
class TakingController {
    private final NeighbourTakings takings;

    TakingController(NeighbourTakings takings) {
        this.takings = takings;
    }

    /** @param asNext whether it becomes the next revision of ours of that id, or a profile by itself */
    record TakeProfileRequest(boolean asNext) {}

    /** 202 with how far it is: it comes by itself. 422 if the neighbour does not answer. */
    @PostMapping("/api/neighbours/{id}/profiles/{remoteId}/take")
    @ResponseStatus(HttpStatus.ACCEPTED)
    StoredTaking take(@PathVariable String id, @PathVariable String remoteId, @RequestBody TakeProfileRequest request, Change change) {
        return takings.begin(id, remoteId, request.asNext(), change);
    }

    /** 200 with the newest ones. */
    @GetMapping("/api/takings")
    List<StoredTaking> list() {
        return takings.list();
    }

    /** 200 with how far it is. */
    @GetMapping("/api/takings/{id}")
    StoredTaking read(@PathVariable String id) {
        return takings.require(id);
    }

    /** 200; it goes on where it was. */
    @PostMapping("/api/takings/{id}/go-on")
    StoredTaking goOn(@PathVariable String id) {
        return takings.goOn(id);
    }

    /** 200; what has come is kept. */
    @PostMapping("/api/takings/{id}/stop")
    StoredTaking stop(@PathVariable String id) {
        return takings.stop(id);
    }
}
