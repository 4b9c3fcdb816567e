package yellowkite.core.rig;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Trees;

/**
 * The fixtures of one production.
 *
 * @param production what it is for; may be empty, as may {@code notes}
 * @param from first day. @param to last day
 * @param console how many universes its console can send; null if nobody said it
 * @param universes what is said of them, ascending
 * @param units in the order of their list
 * @param aside units that an update took out: with all that was programmed on them, they stand nowhere
 * @param extra a JSON object of what its file said beside this; empty without any
 */
public record Rig(String name, String production, @Nullable LocalDate from, @Nullable LocalDate to, String notes,
        @Nullable Integer console, List<UniverseFacts> universes, List<Unit> units, List<Unit> aside, String extra) {
    public static final Rig EMPTY = new Rig("", "", null, null, "", null, List.of(), List.of(), List.of(), "");
    public static final int MOST_UNITS = 20_000;

    public Rig {
        universes = List.copyOf(universes);
        units = List.copyOf(units);
        aside = List.copyOf(aside);
    }

    public Rig withName(String to) {
        return new Rig(to, production, from, this.to, notes, console, universes, units, aside, extra);
    }

    public Rig withUniverses(List<UniverseFacts> all) {
        return all.equals(universes) ? this : new Rig(name, production, from, to, notes, console, all, units, aside, extra);
    }

    public Rig withUnits(List<Unit> all) {
        return all == units ? this : new Rig(name, production, from, to, notes, console, universes, all, aside, extra);
    }

    public Rig withAside(List<Unit> all) {
        return all.equals(aside) ? this : new Rig(name, production, from, to, notes, console, universes, units, all, extra);
    }

    public Rig withExtra(String all) {
        return new Rig(name, production, from, to, notes, console, universes, units, aside, all);
    }

    /** {@return this rig with some units changed; this very rig if none of them is} @param uuids of those units */
    public Rig mapUnits(Collection<String> uuids, UnaryOperator<Unit> change) {
        var wanted = new HashSet<>(uuids);
        return withUnits(Trees.map(units, unit -> wanted.contains(unit.uuid()) ? change.apply(unit) : unit));
    }

    public Optional<Unit> find(String uuid) {
        return units.stream().filter(unit -> unit.uuid().equals(uuid)).findFirst();
    }

    public Optional<Unit> findById(String id) {
        return units.stream().filter(unit -> unit.id().equals(id)).findFirst();
    }
}
