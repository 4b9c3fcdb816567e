package yellowkite.server.bench;

import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.web.Author;

/** What goes out, over HTTP. */
@RestController
class LiveController {
    private final LiveOutput live;
    private final Addresses addresses;

    LiveController(LiveOutput live, Addresses addresses) {
        this.live = live;
        this.addresses = addresses;
    }

    /** 200 with what goes out now. */
    @GetMapping("/api/live")
    LiveOutput.Live state() {
        return live.state();
    }

    /** 200; a page that shows it is there, and the light stays. */
    @PostMapping("/api/live/keep")
    LiveOutput.Live keep() {
        live.keep();
        return live.state();
    }

    record DarkRequest(boolean on) {}

    /** 200; all light stops at once, or is let out again. */
    @PostMapping("/api/live/dark")
    LiveOutput.Live dark(@RequestBody DarkRequest request) {
        live.dark(request.on());
        return live.state();
    }

    /** 200; everything ends at its start values, then there is silence. */
    @DeleteMapping("/api/live")
    LiveOutput.Live end() {
        live.end("");
        return live.state();
    }

    /** 200 with the addresses beside this machine's own that DMX may go to. */
    @GetMapping("/api/output-addresses")
    List<String> addresses() {
        return addresses.list();
    }

    record OutputAddressesRequest(List<String> addresses) {
        OutputAddressesRequest {
            addresses = List.copyOf(addresses);
        }
    }

    /** 200 with those that are allowed then; 422 with one that is none. */
    @PutMapping("/api/output-addresses")
    List<String> allow(@RequestBody OutputAddressesRequest request, Author author) {
        return addresses.allow(request.addresses(), author);
    }
}
