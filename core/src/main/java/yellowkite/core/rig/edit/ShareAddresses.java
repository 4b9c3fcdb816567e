package yellowkite.core.rig.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** Says that units share their addresses on purpose, or no more. */
public record ShareAddresses(List<String> units, boolean shared) implements RigEdit {
    public ShareAddresses {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> {
            if (!shared) {
                return Said.applied(before.mapUnits(units, unit -> unit.with(f -> f.sharedAs = "")));
            }
            return found.size() < 2 ? Said.rejected("units", "Two units or more share an address.") : Said.applied(sharing(before, units));
        });
    }

    /** Those that share with one of them already, share with all. */
    static Rig sharing(Rig rig, List<String> units) {
        var named = new HashSet<>(units);
        var words = rig.units()
            .stream()
            .filter(each -> named.contains(each.uuid()) && !each.sharedAs().isEmpty())
            .map(Unit::sharedAs)
            .collect(Collectors.toSet());
        var word = words.stream().sorted().findFirst().orElse(units.getFirst());
        Set<String> all = rig.units()
            .stream()
            .filter(each -> named.contains(each.uuid()) || words.contains(each.sharedAs()))
            .map(Unit::uuid)
            .collect(Collectors.toSet());
        return rig.mapUnits(all, unit -> unit.with(f -> f.sharedAs = word));
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units)) + (shared ? " share addresses on purpose" : " share no address on purpose any more");
    }
}
