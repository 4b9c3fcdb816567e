package yellowkite.core.rig.edit;

import java.util.List;
import yellowkite.core.curve.OwnPoints;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Rig;

/** Changes what one channel of some units does. @param channel its attribute, or its name where it is one of several */
public record AdjustChannel(List<String> units, String channel, ChannelAdjustment to) implements RigEdit {
    public AdjustChannel {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.refusal("channel", channel).orElseGet(() -> Said.tried("to", () -> {
            if (!to.curve().isEmpty()) {
                OwnPoints.pieces(to.curve(), OwnPoints.Run.STRAIGHT); // refuses what is no curve
            }
            return Said.applied(before.mapUnits(units, unit -> unit.with(f -> f.adjustments = f.adjustments.with(channel, to))));
        })));
    }

    @Override
    public String describe(Rig before) {
        return channel + " of " + Said.called(before, units) + (to.equals(ChannelAdjustment.NONE) ? " as the profile" : " adjusted");
    }
}
