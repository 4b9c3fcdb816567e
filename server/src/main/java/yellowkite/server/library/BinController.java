package yellowkite.server.library;

import java.time.LocalDateTime;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** The bin over HTTP. */
@RestController
class BinController {
    private static final int MOST = 1_000;
    private final Bin bin;

    BinController(Bin bin) {
        this.bin = bin;
    }

    record BinRequest(List<String> profiles) {
        BinRequest {
            profiles = List.copyOf(profiles).stream().distinct().toList();
            if (profiles.size() > MOST) {
                throw Refusal.unfit("profiles", "At most " + MOST + " profiles can be deleted together.");
            }
        }
    }

    /**
     * @param goesAt when it goes for good, UTC. @param kept whether copies, production versions, releases or answers stand on it, so that
     * it stays
     */
    record BinnedLine(String id, String manufacturer, String name, String by, LocalDateTime at, LocalDateTime goesAt, boolean kept) {}

    /** 200 with what lies in the bin, the newest first. */
    @GetMapping("/api/bin")
    List<BinnedLine> list() {
        return bin.list()
            .stream()
            .map(each -> new BinnedLine(each.id(), each.manufacturer(), each.name(), each.by(), each.at(), each.at().plus(Bin.KEPT),
                    each.kept()))
            .toList();
    }

    /** 204; 422, and nothing is thrown away, if one of them is on the Reference shelf or a draft of it is under way. */
    @PostMapping("/api/bin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@RequestBody BinRequest request, Author author) {
        bin.put(request.profiles(), author);
    }

    /** 204; they stand in the library again. */
    @PostMapping("/api/bin/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@RequestBody BinRequest request) {
        bin.restore(request.profiles());
    }
}
