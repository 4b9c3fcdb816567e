package yellowkite.server.bench;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.bench.rdm.FirstProfile;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.server.bench.Devices.DeviceProfile;
import yellowkite.server.bench.Devices.DeviceUnit;
import yellowkite.server.bench.Devices.FoundDevice;
import yellowkite.server.web.Author;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Fixtures that answer RDM, over HTTP: who is there, and what can be set at them. */
@RestController
class RdmController {
    private static final int LONGEST_LABEL = 32;
    private final Devices devices;

    RdmController(Devices devices) {
        this.devices = devices;
    }

    /** @param number from 1. @param slots that it has. @param text as the device calls it */
    record DevicePersonality(int number, int slots, String text) {
        static DevicePersonality of(Personality told) {
            return new DevicePersonality(told.number(), told.footprint(), told.text());
        }
    }

    /** What a profile of it can be begun with. @param edit upon a profile that began with that body */
    record FirstDraft(Begin.Body body, Edit edit) {}

    /**
     * @param first how its profile can be begun; null where there is one, or it says too little. @param address null where it has
     * none. @param personality from 1. @param slots of that personality. @param profiles that it may be one of, the surest first. @param
     * differs what it says otherwise than the first of them, in sentences. @param unit of the rig that was asked about; null where none is
     * that fixture
     */
    record DeviceView(String uid, String manufacturer, String model, String label, String software, int personality, int slots,
            @Nullable Integer address, List<DevicePersonality> personalities, List<DeviceProfile> profiles, List<String> differs,
            @Nullable FirstDraft first, @Nullable DeviceUnit unit) {
        static DeviceView of(FoundDevice found) {
            var device = found.device();
            var info = device.info();
            return new DeviceView(device.uid().toString(), device.manufacturer(), device.model(), device.label(), device.software(),
                    info.personality(), info.footprint(), info.address() == DeviceInfo.NO_ADDRESS ? null : (Integer) info.address(),
                    device.personalities().stream().map(DevicePersonality::of).toList(), found.profiles(), found.differs(),
                    found.profiles().isEmpty() ? FirstProfile.of(device).map(each -> new FirstDraft(each.body(), each.edit())).orElse(null)
                            : null,
                    found.unit());
        }
    }

    /** 200 with the devices that a node's port has; none where nobody answers. 422 if it may not be asked. @param rig its id, to compare */
    @GetMapping("/api/rdm-devices")
    List<DeviceView> devices(@RequestParam String destination, @RequestParam int universe,
            @RequestParam(defaultValue = "false") boolean anew, @RequestParam(required = false) @Nullable String rig) {
        return devices.find(destination, universe, anew, rig).stream().map(DeviceView::of).toList();
    }

    /** What is set; what is null stays. */
    record DeviceRequest(String destination, int universe, @Nullable Integer address, @Nullable Integer personality,
            @Nullable String label, @Nullable Boolean identify) {
        DeviceRequest {
            Objects.requireNonNull(destination, "destination");
        }
    }

    /** 200 with the device as it describes itself then; 422 with what it refuses. */
    @PutMapping("/api/rdm-devices/{uid}")
    DeviceView set(@PathVariable String uid, @RequestBody DeviceRequest request, Author author) {
        devices.set(uid, request.destination(), request.universe(), request.address(), request.personality(),
                request.label() == null ? null : Line.of("label", request.label(), LONGEST_LABEL), request.identify());
        return devices.find(request.destination(), request.universe(), false, null)
            .stream()
            .filter(each -> each.device().uid().toString().equals(uid))
            .findFirst()
            .map(DeviceView::of)
            .orElseThrow(() -> Refusal.notFound("The fixture does not answer any more."));
    }
}
