package yellowkite.core.bench.rdm;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import yellowkite.core.bench.Slots;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.Mode;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.SlotInfo;
import yellowkite.core.wire.rdm.SlotValue;

/**
 * What a device has otherwise than a rig or a profile says.
 *
 * @param says a sentence. @param cures on either side; none where there is nothing to set
 */
public record DeviceDifference(String says, List<Cure> cures) {
    /** Differences of further slots are counted, not listed. */
    private static final int MOST_SLOTS = 20;

    public DeviceDifference {
        cures = List.copyOf(cures);
    }

    /** What mends a difference. */
    public sealed interface Cure {
        /** The fixture is set. @param number from 1 */
        record SetPersonality(int number) implements Cure {}

        /** The fixture is set. */
        record SetAddress(int address) implements Cure {}

        /** The rig is changed to what the fixture is in. */
        record ChangeMode(String mode) implements Cure {}

        /** The rig is changed to where the fixture is. */
        record ChangeAddress(int address) implements Cure {}
    }

    /** {@return what differs} @param wanted the mode that the rig has. @param address that it has there, in its universe; 0 = none */
    public static List<DeviceDifference> of(ToldDevice device, CompiledMode wanted, int address) {
        var all = new ArrayList<DeviceDifference>();
        var info = device.info();
        int footprint = Slots.of(wanted).count();
        var now = DeviceMatch.modeOf(wanted.type(), device, info.personality());
        boolean inMode = now.map(Mode::id).filter(id -> id == wanted.mode().id()).isPresent();
        if (!inMode) {
            all.add(new DeviceDifference(
                    "The fixture is in personality " + info.personality() + ", " + slots(info.footprint()) + "; the rig has '"
                            + wanted.mode().name() + "', " + footprint + ".",
                    modeCures(device, wanted, now)));
        } else if (info.footprint() != footprint) {
            all.add(new DeviceDifference("The fixture has " + slots(info.footprint()) + " in personality " + info.personality() + "; '"
                    + wanted.mode().name() + "' has " + footprint + " in the profile.", List.of()));
        }
        if (address > 0 && info.address() != address) {
            all.add(info.address() == DeviceInfo.NO_ADDRESS
                    ? new DeviceDifference("The fixture has no address; the rig has it at " + address + ".",
                            List.of(new Cure.SetAddress(address)))
                    : new DeviceDifference("The fixture is at " + info.address() + "; the rig has it at " + address + ".",
                            List.of(new Cure.SetAddress(address), new Cure.ChangeAddress(info.address()))));
        }
        if (inMode && info.footprint() == footprint) {
            all.addAll(slots(device, wanted));
        }
        return all;
    }

    private static List<Cure> modeCures(ToldDevice device, CompiledMode wanted, Optional<Mode> now) {
        var cures = new ArrayList<Cure>();
        DeviceMatch.personalityOf(wanted.type(), device, wanted.mode()).ifPresent(number -> cures.add(new Cure.SetPersonality(number)));
        now.ifPresent(mode -> cures.add(new Cure.ChangeMode(mode.name())));
        return cures;
    }

    private static String slots(int count) {
        return count + (count == 1 ? " slot" : " slots");
    }

    /** What the fixture says of its slots and where they start, against the profile. */
    private static List<DeviceDifference> slots(ToldDevice device, CompiledMode mode) {
        var all = new ArrayList<DeviceDifference>();
        var ours = SlotIds.slotsOf(mode);
        for (var theirs : device.slots()) {
            if (theirs.offset() < ours.size()) {
                var own = ours.get(theirs.offset());
                boolean undefined = theirs.id() == SlotIds.UNDEFINED || own.id() == SlotIds.UNDEFINED;
                if (theirs.type() != own.type() || !undefined && theirs.id() != own.id()) {
                    all.add(new DeviceDifference(
                            "Slot " + (theirs.offset() + 1) + " is " + words(theirs) + " in the fixture, and " + words(own)
                                    + " in the profile.",
                            List.of()));
                }
            }
        }
        var starts = Slots.of(mode).bytes(mode.startValues());
        for (SlotValue each : device.starts()) {
            if (each.offset() < starts.length && each.value() != (starts[each.offset()] & 0xff)) {
                all.add(new DeviceDifference("Slot " + (each.offset() + 1) + " starts at " + each.value() + " in the fixture, and at "
                        + (starts[each.offset()] & 0xff) + " in the profile.", List.of()));
            }
        }
        if (all.size() > MOST_SLOTS) {
            int more = all.size() - MOST_SLOTS;
            return Stream
                .concat(all.subList(0, MOST_SLOTS).stream(),
                        Stream.of(new DeviceDifference("And " + more + " more of its slots.", List.of())))
                .toList();
        }
        return all;
    }

    private static String words(SlotInfo slot) {
        return slot.type() == SlotInfo.FINE ? "the fine byte of slot " + (slot.id() + 1)
                : SlotIds.attribute(slot.id()).map(each -> "'" + each + "'").orElse("something undefined");
    }
}
