package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * What a replacement would do, before it happens.
 *
 * @param lines one for each unit, in the order in which they are named
 * @param changes one for each kind that units are now
 * @param used addresses that those units hold now, and {@code needed} once they are replaced
 */
public record Replacement(List<UnitChange> lines, List<KindChange> changes, int used, int needed) {
    public Replacement {
        lines = List.copyOf(lines);
        changes = List.copyOf(changes);
    }

    /**
     * @param address as it is now. @param stays whether it keeps it; else it loses it, to be addressed anew
     * @param orphans adjustments that find no channel any more
     */
    public record UnitChange(String unit, String id, String name, String was, String will, int footprintWas, int footprintWill,
            String address,
            boolean stays, List<String> orphans) {}

    /** @param lost attributes that the new mode lacks. @param gained those that it has beside */
    public record KindChange(String was, int units, List<String> lost, List<String> gained) {}

    /** @param modes what a unit is; null where nobody knows */
    public static Replacement of(Rig rig, ReplaceFixture edit, Function<Found, @Nullable CompiledMode> modes) {
        var units = edit.units().stream().flatMap(uuid -> rig.find(uuid).stream()).toList();
        var addresses = edit.addresses(rig, units);
        var will = attributes(modes.apply(edit.fixture()));
        var known = new TreeSet<>(will);
        known.addAll(channels(modes.apply(edit.fixture()), PlacedChannel::name));
        var lines = new ArrayList<UnitChange>();
        var kinds = new LinkedHashMap<Found, Integer>();
        for (var unit : units) {
            kinds.merge(unit.found(), 1, Integer::sum);
            lines.add(new UnitChange(unit.uuid(), unit.id(), unit.name(), unit.found().words(), edit.fixture().words(),
                    unit.found().footprint(),
                    edit.fixture().footprint(), unit.addressWords(),
                    !unit.hasAddress() || !addresses.getOrDefault(unit.uuid(), List.of()).isEmpty(),
                    unit.adjustments().channels().keySet().stream().filter(channel -> !known.contains(channel)).toList()));
        }
        var changes = kinds.entrySet().stream().map(kind -> {
            var was = attributes(modes.apply(kind.getKey()));
            return new KindChange(kind.getKey().words(), kind.getValue(), without(was, will), without(will, was));
        }).toList();
        return new Replacement(lines, changes, units.stream().mapToInt(Replacement::held).sum(), units.size() * edit.fixture().footprint());
    }

    private static Set<String> attributes(@Nullable CompiledMode mode) {
        return channels(mode, placed -> placed.channel().attribute());
    }

    private static Set<String> channels(@Nullable CompiledMode mode, Function<PlacedChannel, String> what) {
        return mode == null ? Set.of() : mode.map().channels().stream().map(what).collect(Collectors.toSet());
    }

    private static int held(Unit unit) {
        return unit.found().breaks().isEmpty() ? unit.addresses().stream().mapToInt(each -> each.footprint()).sum()
                : unit.found().footprint();
    }

    private static List<String> without(Set<String> some, Set<String> others) {
        return some.stream().filter(each -> !others.contains(each)).sorted().toList();
    }
}
