package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.rdm.SlotIds;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.RigLevels;
import yellowkite.core.rig.Unit;

/** What units of a rig show on the bench, and whose address is whose. */
public final class RigLight {
    private RigLight() {}

    /**
     * {@return the units with their light kept in} What turns a unit the right way counts; what would keep its light up does not.
     *
     * @param modes what a unit is; null where nobody knows
     */
    public static RigLevels dark(List<Unit> units, Function<Unit, @Nullable CompiledMode> modes) {
        var dark = RigLevels.of(units.stream().map(each -> each.with(f -> f.adjustments = each.adjustments().turns())).toList(), modes);
        dark.lines().forEach(each -> each.play(LightOut.none(each.path().mode())));
        return dark;
    }

    /** {@return what each of 512 addresses of a universe does, with the unit's id; empty where it does nothing} */
    public static List<String> owners(RigLevels levels, int universe) {
        var owners = new ArrayList<>(Collections.nCopies(AddressMap.UNIVERSE, ""));
        for (var line : levels.lines()) {
            var mode = line.path().mode();
            for (var patch : line.unit().addresses()) {
                int begin = Slots.of(mode).begins().getOrDefault(patch.dmxBreak(), 0);
                for (int i = 0; patch.universe() == universe && i < patch.footprint() && patch.from() + i <= AddressMap.UNIVERSE; i++) {
                    owners.set(patch.from() - 1 + i, (line.unit().id() + " " + SlotIds.describe(mode, begin + i).orElse("")).strip());
                }
            }
        }
        return owners;
    }
}
