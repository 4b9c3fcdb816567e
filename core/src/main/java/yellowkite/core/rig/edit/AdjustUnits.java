package yellowkite.core.rig.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Rig;

/** Changes what units do as a whole; what their channels do stays. @param warmUp in [0, 1]; null = as the profile */
public record AdjustUnits(List<String> units, boolean swapPanTilt, boolean outsideMaster, @Nullable Double warmUp, boolean startAtZero)
        implements
            RigEdit {
    public AdjustUnits {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.tried("warmUp", () -> Said.applied(before.mapUnits(units, unit -> unit.with(
                f -> f.adjustments = new Adjustments(swapPanTilt, outsideMaster, warmUp, startAtZero, f.adjustments.channels()))))));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + " adjusted";
    }
}
