package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import yellowkite.core.body.Place;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;

/**
 * What a newer revision of a profile does to the units that pin an older one.
 *
 * @param effects the worst first; within a rank, those that touch an adjustment of a unit, then those of most units
 * @param elsewhere differences in modes that none of the units is
 */
public record MovingUp(List<Effect> effects, int elsewhere) {
    public MovingUp {
        effects = List.copyOf(effects);
    }

    /**
     * One difference.
     *
     * @param mode empty where it is of the whole profile
     * @param units how many feel it. @param adjusted ids of those that adjust this very channel
     */
    public record Effect(Rank rank, String mode, String where, String says, String before, String after, int units, List<String> adjusted) {
        public Effect {
            adjusted = List.copyOf(adjusted);
        }
    }

    /** @param units those that pin the older revision */
    public static MovingUp of(Collection<Unit> units, Side pinned, Side newer) {
        var modes = units.stream().map(unit -> unit.found().mode()).collect(Collectors.toSet());
        var effects = new ArrayList<Effect>();
        int elsewhere = 0;
        for (var each : Comparison.of(pinned, newer).differences()) {
            var mode = each.place().mode();
            if (mode.isEmpty() || modes.contains(mode)) {
                effects
                    .add(effect(each, units.stream().filter(unit -> mode.isEmpty() || unit.found().mode().equals(mode)).toList(), pinned));
            } else {
                elsewhere++;
            }
        }
        effects.sort(Comparator.comparing(Effect::rank)
            .thenComparing(line -> line.adjusted().isEmpty())
            .thenComparing(Effect::units, Comparator.reverseOrder()));
        return new MovingUp(effects, elsewhere);
    }

    private static Effect effect(Difference each, List<Unit> units, Side pinned) {
        var attribute = attribute(pinned, each.place());
        var adjusted = units.stream()
            .filter(unit -> unit.adjustments().channels().containsKey(each.place().channel())
                    || unit.adjustments().channels().containsKey(attribute))
            .map(Unit::id)
            .toList();
        return new Effect(each.rank(), each.place().mode(), each.place().words(), each.says(), each.before(), each.after(), units.size(),
                each.place().channel().isEmpty() ? List.of() : adjusted);
    }

    /** {@return what the channel of a place does; empty if it is in none of that side} */
    private static String attribute(Side side, Difference.Place place) {
        return side.type()
            .modes()
            .stream()
            .filter(mode -> mode.name().equals(place.mode()))
            .flatMap(mode -> mode.channels().stream())
            .filter(channel -> place.left() != null && channel.id() == place.left())
            .findFirst()
            .map(channel -> channel.attribute())
            .orElse("");
    }
}
