package yellowkite.server.bench;

import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.server.bench.Incoming.Protocol;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** The values of whole universes, over HTTP: as they leave, as they come in, held by hand, recorded and played. */
@RestController
class UniverseController {
    private static final int LARGEST = 255;
    private final LiveOutput live;
    private final Incoming incoming;
    private final Recordings recordings;
    private final Addresses addresses;

    UniverseController(LiveOutput live, Incoming incoming, Recordings recordings, Addresses addresses) {
        this.live = live;
        this.incoming = incoming;
        this.recordings = recordings;
        this.addresses = addresses;
    }

    /**
     * @param moving whether somebody sends it now. @param from where it goes, or who sends it. @param what sends it, in few words
     * @param levels 512, from address 1. @param held by hand, by address. @param byHand whether it is nothing but what hands set
     */
    record UniverseView(int universe, boolean moving, List<String> from, String what, List<Integer> levels, Map<Integer, Integer> held,
            boolean byHand) {}

    /** 200 with a universe as it leaves, or as it comes in. */
    @GetMapping("/api/universes/{universe}")
    UniverseView look(@PathVariable int universe, @RequestParam(name = "in", defaultValue = "false") boolean in) {
        requireUniverse(universe);
        if (in) {
            var levels = incoming.levels(universe);
            return new UniverseView(universe, levels.isPresent(), incoming.sources(universe), "",
                    numbers(levels.orElseGet(() -> new byte[AddressMap.UNIVERSE])), Map.of(), false);
        }
        return live.look(universe)
            .map(each -> new UniverseView(universe, true, each.to(), each.what(), numbers(each.levels()), each.held(),
                    live.isHeldBy(universe, holder(universe))))
            .orElseGet(
                    () -> new UniverseView(universe, false, List.of(), "", numbers(new byte[AddressMap.UNIVERSE]), Map.of(), false));
    }

    private static void requireUniverse(int universe) {
        if (universe < 1 || universe > SacnPacket.LARGEST_UNIVERSE) {
            throw Refusal.unfit("universe", "A universe is from 1 to " + SacnPacket.LARGEST_UNIVERSE + ".");
        }
    }

    private static List<Integer> numbers(byte[] bytes) {
        return IntStream.range(0, bytes.length).mapToObj(i -> bytes[i] & LARGEST).toList();
    }

    /** 200 with what each of its 512 addresses does; empty words where it does nothing that is known. */
    @GetMapping("/api/universes/{universe}/owners")
    List<String> owners(@PathVariable int universe) {
        return live.look(universe).map(LiveOutput.Leaving::owners).orElseGet(() -> Collections.nCopies(AddressMap.UNIVERSE, ""));
    }

    /** @param values by address, from 1; those that are not named are let go */
    record HoldRequest(Map<Integer, Integer> values) {
        HoldRequest {
            values = Map.copyOf(values);
        }
    }

    /** 200 with the universe; those addresses stay at their values, whoever sends. 422 while it is not live. */
    @PutMapping("/api/universes/{universe}/held")
    UniverseView hold(@PathVariable int universe, @RequestBody HoldRequest request) {
        request.values().forEach((address, value) -> {
            if (address < 1 || address > AddressMap.UNIVERSE || value < 0 || value > LARGEST) {
                throw Refusal.unfit("values", "An address is from 1 to 512, its value from 0 to 255.");
            }
        });
        live.hold(universe, request.values());
        return look(universe, false);
    }

    record OpenRequest(String destination) {
        OpenRequest {
            Objects.requireNonNull(destination, "destination");
        }
    }

    private static String holder(int universe) {
        return "universe " + universe;
    }

    /** 200; the universe goes live with all addresses at 0, to be set by hand. 422 if somebody else holds it. */
    @PostMapping("/api/universes/{universe}/live")
    UniverseView open(@PathVariable int universe, @RequestBody OpenRequest request, Author author) throws IOException {
        requireUniverse(universe);
        var to = addresses.require(request.destination(), universe);
        var nothing = new byte[AddressMap.UNIVERSE];
        live.open(new Command.Open(universe, List.of(to.toString()), SacnPacket.USUAL_PRIORITY, nothing, nothing), author.name(),
                LiveOutput.Holder.ofNothing(holder(universe), "Set by hand"));
        return look(universe, false);
    }

    /** 200; the universe that was set by hand ends. */
    @DeleteMapping("/api/universes/{universe}/live")
    UniverseView close(@PathVariable int universe) {
        live.close(universe, holder(universe));
        return look(universe, false);
    }

    record IncomingRequest(Protocol protocol, int port) {
        IncomingRequest {
            Objects.requireNonNull(protocol, "protocol");
        }
    }

    /** 200 with who is heard. */
    @GetMapping("/api/incoming")
    Incoming.HeardUniverses incoming() {
        return incoming.state();
    }

    /** 200; this machine listens at a port. 422 if it is taken. */
    @PutMapping("/api/incoming")
    Incoming.HeardUniverses listen(@RequestBody IncomingRequest request) {
        incoming.listen(request.protocol(), request.port());
        return incoming.state();
    }

    /** 204; nobody listens any more. */
    @DeleteMapping("/api/incoming")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deafen() {
        incoming.stop();
    }

    /** 200 with what is recorded. */
    @GetMapping("/api/recording")
    Recordings.Recording recording() {
        return recordings.state();
    }

    record RecordRequest(int universe, boolean incoming) {}

    /** 200; a universe is recorded, for at most 60 s. 422 if nobody sends it. */
    @PostMapping("/api/recording")
    Recordings.Recording record(@RequestBody RecordRequest request) {
        recordings.record(request.universe(), request.incoming());
        return recordings.state();
    }

    /** 200; recording or playing ends. */
    @PostMapping("/api/recording/stop")
    Recordings.Recording stop() {
        recordings.stop();
        return recordings.state();
    }

    /** 200; what was recorded goes out once. 422 if somebody else holds its universe. */
    @PostMapping("/api/recording/play")
    Recordings.Recording play(@RequestBody OpenRequest request, Author author) {
        var to = addresses.require(request.destination(), recordings.state().universe());
        recordings.play(to.toString(), author.name());
        return recordings.state();
    }
}
