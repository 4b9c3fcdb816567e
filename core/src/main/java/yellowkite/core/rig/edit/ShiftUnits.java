package yellowkite.core.rig.edit;

import java.util.List;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;

/**
 * Moves units, and what hangs on them, with their distances kept.
 *
 * @param universes by so many universes; below 0 = back
 * @param addresses by so many addresses of each one's universe; below 0 = back
 */
public record ShiftUnits(List<String> units, int universes, int addresses) implements RigEdit {
    public ShiftUnits {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.tried("addresses", () -> {
            if (Math.abs(universes) > At.MOST_UNIVERSES || Math.abs(addresses) >= AddressMap.UNIVERSE) {
                return Said.rejected("addresses", "So far nothing can be moved.");
            }
            var moving = Said.withAccessories(before, units);
            return Said.applied(before.mapUnits(moving,
                    unit -> unit.with(f -> f.addresses = f.addresses.stream().map(this::shifted).toList())));
        }));
    }

    private Patch shifted(Patch patch) {
        var moved = patch.movedTo(new At(patch.universe() + universes, patch.from() + addresses));
        if (moved.overruns() && !patch.overruns()) {
            throw new IllegalArgumentException("From " + moved.at() + " it would run over the end of universe " + moved.universe() + ".");
        }
        return moved;
    }

    @Override
    public String describe(Rig before) {
        var way = universes == 0 ? "" : " by " + universes + (Math.abs(universes) == 1 ? " universe" : " universes");
        return Said.upper(Said.called(before, units)) + " moved" + way
                + (addresses == 0 ? "" : " by " + addresses + (Math.abs(addresses) == 1 ? " address" : " addresses"));
    }
}
