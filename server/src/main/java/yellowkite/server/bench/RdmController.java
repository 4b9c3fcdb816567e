package yellowkite.server.bench;

import java.io.IOException;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.bench.rdm.ToldDevice;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.output.Destination;
import yellowkite.output.RdmLine;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Fixtures that answer RDM, over HTTP: who is there, and what can be set at them. */
@RestController
class RdmController {
    private final Addresses addresses;

    RdmController(Addresses addresses) {
        this.addresses = addresses;
    }

    /** @param number from 1. @param slots that it has. @param text as the device calls it */
    record DevicePersonality(int number, int slots, String text) {
        static DevicePersonality of(Personality told) {
            return new DevicePersonality(told.number(), told.footprint(), told.text());
        }
    }

    /** @param address null where it has none. @param personality from 1. @param slots of that personality */
    record DeviceView(String uid, String manufacturer, String model, String label, String software, int personality, int slots,
            @Nullable Integer address, List<DevicePersonality> personalities) {
        static DeviceView of(ToldDevice device) {
            var info = device.info();
            return new DeviceView(device.uid().toString(), device.manufacturer(), device.model(), device.label(), device.software(),
                    info.personality(), info.footprint(), info.address() == DeviceInfo.NO_ADDRESS ? null : (Integer) info.address(),
                    device.personalities().stream().map(DevicePersonality::of).toList());
        }
    }

    /** 200 with the devices that a node's port has; none where nobody answers. 422 if it may not be asked. */
    @GetMapping("/api/rdm-devices")
    List<DeviceView> devices(@RequestParam String destination, @RequestParam int universe,
            @RequestParam(defaultValue = "false") boolean anew) {
        try (var line = line(destination, universe)) {
            return line.devices(anew).stream().map(DeviceView::of).toList();
        } catch (IOException away) {
            throw Refusal.unfit("destination", "The network is away: " + away.getMessage() + ".");
        }
    }

    /** What is set; what is null stays. */
    record DeviceRequest(String destination, int universe, @Nullable Integer address, @Nullable Integer personality,
            @Nullable Boolean identify) {
        DeviceRequest {
            Objects.requireNonNull(destination, "destination");
        }
    }

    /** 200 with the device as it describes itself then; 422 with what it refuses. */
    @PutMapping("/api/rdm-devices/{uid}")
    DeviceView set(@PathVariable String uid, @RequestBody DeviceRequest request, Author author) {
        var device = Uid.parse(uid).filter(each -> !each.isBroadcast()).orElseThrow(() -> Refusal.notFound("There is no such fixture."));
        try (var line = line(request.destination(), request.universe())) {
            if (request.personality() != null) {
                line.setPersonality(device, request.personality());
            }
            if (request.address() != null) {
                line.setAddress(device, request.address());
            }
            if (request.identify() != null) {
                line.identify(device, request.identify());
            }
            return line.devices(false)
                .stream()
                .filter(each -> each.uid().equals(device))
                .findFirst()
                .map(DeviceView::of)
                .orElseThrow(() -> Refusal.notFound("The fixture does not answer any more."));
        } catch (RdmLine.Refused refused) {
            throw Refusal.unfit("device", String.valueOf(refused.getMessage()));
        } catch (IOException away) {
            throw Refusal.unfit("destination", "The network is away: " + away.getMessage() + ".");
        }
    }

    private RdmLine line(String destination, int universe) throws IOException {
        if (addresses.require(destination, universe) instanceof Destination.ArtNet artNet) {
            return new RdmLine(artNet);
        }
        throw Refusal.unfit("destination", "RDM is asked over Art-Net: write where as artnet 127.0.0.1:6454.");
    }
}
