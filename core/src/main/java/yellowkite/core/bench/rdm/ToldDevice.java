package yellowkite.core.bench.rdm;

import java.util.List;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.SlotInfo;
import yellowkite.core.wire.rdm.SlotValue;
import yellowkite.core.wire.rdm.Uid;

/**
 * What a device says of itself over RDM.
 *
 * @param manufacturer as it calls it; empty where it says none, as are model, label and software. @param personalities those that it
 * describes
 * @param slots of the personality that it is in; none where it does not say, as are their start values
 */
public record ToldDevice(Uid uid, DeviceInfo info, String manufacturer, String model, String label, String software,
        List<Personality> personalities, List<SlotInfo> slots, List<SlotValue> starts) {
    public ToldDevice {
        personalities = List.copyOf(personalities);
        slots = List.copyOf(slots);
        starts = List.copyOf(starts);
    }
}
