package yellowkite.server.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import yellowkite.core.bench.LightOut;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.rdm.SlotIds;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.server.web.Refusal;

/**
 * One fixture that has a universe for itself. At rest it stands at its start values; dark, with its light kept in.
 *
 * @param destination as written. @param address of its first slot, from 1
 */
record LiveFixture(CompiledMode mode, String destination, int universe, int address) {

    /** @throws Refusal 422 if it does not fit there */
    LiveFixture {
        requireFit(mode, address);
    }

    /** @throws Refusal 422 if a mode has no addresses, or does not fit from an address on */
    static void requireFit(CompiledMode mode, int address) {
        int size = Slots.of(mode).count();
        if (size == 0) {
            throw Refusal.unfit("mode", "This mode has no addresses: there is nothing to send to.");
        } else if (address < 1 || address + size - 1 > AddressMap.UNIVERSE) {
            throw Refusal.unfit("address",
                    "This mode has " + size + " addresses: it begins from 1 to " + (AddressMap.UNIVERSE - size + 1) + ".");
        }
    }

    byte[] levels(long[] raws) {
        return Slots.of(mode).inUniverse(raws, address);
    }

    Command.Open opening() {
        return new Command.Open(universe, List.of(destination), SacnPacket.USUAL_PRIORITY, levels(mode.startValues()),
                levels(LightOut.none(mode)));
    }

    /** {@return what each address of the universe does; empty where it does nothing} */
    List<String> owners() {
        var owners = new ArrayList<>(Collections.nCopies(AddressMap.UNIVERSE, ""));
        for (int i = 0; i < Slots.of(mode).count(); i++) {
            owners.set(address - 1 + i, SlotIds.describe(mode, i).orElse(""));
        }
        return owners;
    }

    String called() {
        return mode.type().manufacturer() + " " + mode.type().name() + ", " + mode.mode().name();
    }
}
