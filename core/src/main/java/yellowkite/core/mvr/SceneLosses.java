package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Differing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** What a scene of a rig will lack, or carry although it is wrong, told before it is written. */
public final class SceneLosses {
    private static final Set<String> CARRIED = Set.of("Pan", "Tilt");

    private SceneLosses() {}

    /** What kind of thing it is about. */
    public enum Kind {
        NO_PROFILE, PROFILE_ERRORS, NO_ADDRESS, COLLISION, ADJUSTMENT, NOTE, TAG
    }

    /** @param unit uuid of the unit to look at. @param says one sentence */
    public record Loss(Kind kind, String unit, String says) {}

    /** {@return them, kind by kind} @param errors how many the checks find in each profile that has any, by its pin */
    public static List<Loss> of(Rig rig, Map<String, Integer> errors) {
        var losses = new ArrayList<Loss>();
        rig.units()
            .stream()
            .filter(unit -> !unit.found().hasProfile())
            .forEach(unit -> losses.add(new Loss(Kind.NO_PROFILE, unit.uuid(),
                    "Unit " + unit.called() + " has no profile: it goes out by name alone, as " + unit.asked().words() + ".")));
        rig.units()
            .stream()
            .filter(unit -> errors.containsKey(unit.found().pin()))
            .collect(Collectors.toMap(unit -> unit.found().pin(), unit -> unit, (first, second) -> first,
                    LinkedHashMap::new))
            .forEach((pin, unit) -> losses.add(new Loss(Kind.PROFILE_ERRORS, unit.uuid(), "The checks find " + errors.get(pin)
                    + (errors.getOrDefault(pin, 0) == 1 ? " error" : " errors") + " in " + unit.found().manufacturer() + " "
                    + unit.found().model() + ".")));
        rig.units()
            .stream()
            .filter(unit -> !unit.hasAddress())
            .forEach(unit -> losses.add(new Loss(Kind.NO_ADDRESS, unit.uuid(), "Unit " + unit.called() + " has no address.")));
        Collisions.of(rig.units())
            .stream()
            .filter(each -> !each.meant())
            .forEach(each -> losses.add(new Loss(Kind.COLLISION, each.units().getFirst().uuid(), each.says())));
        rig.units().forEach(unit -> ofUnit(unit, losses));
        return losses;
    }

    private static void ofUnit(Unit unit, List<Loss> losses) {
        var own = Differing.of(without(unit.adjustments()));
        if (!own.isEmpty()) {
            losses.add(new Loss(Kind.ADJUSTMENT, unit.uuid(), "Unit " + unit.called() + ": the format cannot carry "
                    + String.join("; ", own.stream().map(Differing.ChangedStep::says).toList()) + "."));
        }
        if (!unit.note().isEmpty()) {
            losses.add(new Loss(Kind.NOTE, unit.uuid(), "The note of unit " + unit.called() + " stays here."));
        }
        if (!unit.colour().isEmpty() || unit.dipOffset() != 0) {
            losses.add(new Loss(Kind.TAG, unit.uuid(), "Colour tag and DIP offset of unit " + unit.called() + " stay here."));
        }
    }

    /** What is left of adjustments once pan and tilt are inverted by the scene. */
    private static Adjustments without(Adjustments own) {
        var left = own;
        for (var attribute : CARRIED) {
            var channel = own.channels().get(attribute);
            left = channel == null ? left : left.with(attribute, channel.withInvert(ChannelAdjustment.NONE.invert()));
        }
        return left;
    }
}
