package yellowkite.core.rig.update;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Numbered;
import yellowkite.core.rig.Pairs;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitField;
import yellowkite.core.rig.edit.UpdateUnits;

/**
 * What a newer file would change of a rig, beside what was changed here since the last exchange.
 *
 * @param ours the rig's units. @param changed what both have and say differently. @param quiet what follows the file without being asked
 * for
 * @param byUuid how many of the file's units the rig knows by their uuid. @param units how many the file has
 */
public record RigUpdate(List<Coming> added, List<Going> removed, List<Changed> changed, List<UpdateUnits.Given> quiet, int byUuid,
        int units, List<Unit> ours) {

    public RigUpdate {
        added = List.copyOf(added);
        removed = List.copyOf(removed);
        changed = List.copyOf(changed);
        quiet = List.copyOf(quiet);
        ours = List.copyOf(ours);
    }

    /** Who has changed something since the last exchange. */
    public enum Side {
        THEIRS, OURS, BOTH
    }

    /** A unit that only the file has. @param side OURS if it was removed here since, or not taken, else THEIRS */
    public record Coming(Unit unit, Side side) {}

    /** A unit that the file has no longer. @param side BOTH if it was changed here since, else THEIRS */
    public record Going(Unit unit, Side side) {}

    /**
     * One thing of a unit.
     *
     * @param theirs as the file has it, by our uuid. @param was at the last exchange, in words; null if the unit was not part of it
     */
    public record Changed(Unit ours, Unit theirs, UnitField field, @Nullable String was, Side side) {
        public String oursInWords() {
            return field.words(ours);
        }

        public String theirsInWords() {
            return field.words(theirs);
        }
    }

    /**
     * The last exchange: what both sides had then. They may differ, where something was not taken.
     *
     * @param ours the rig right after it. @param theirs what the file said then
     */
    public record Base(Rig ours, List<Unit> theirs) {
        /** There was none. */
        public static final Base NONE = new Base(Rig.EMPTY, List.of());

        public Base {
            theirs = List.copyOf(theirs);
        }

        /** {@return an exchange after which both had the same} */
        public static Base of(Rig both) {
            return new Base(both, both.units());
        }
    }

    /** @param theirs the file's units, with what stands for them */
    public static RigUpdate of(Base base, Rig ours, List<Unit> theirs) {
        var pairs = Pairs.of(ours.units(), theirs);
        var uuids = pairs.pairs()
            .stream()
            .collect(Collectors.toMap(pair -> pair.now().uuid(), pair -> pair.was().uuid(), (one, same) -> one));
        var before = byUuid(base.ours().units());
        var said = Pairs.of(base.theirs(), theirs)
            .pairs()
            .stream()
            .collect(Collectors.toMap(pair -> pair.now().uuid(), Pairs.Pair::was, (one, same) -> one));
        var changed = new ArrayList<Changed>();
        var quiet = new ArrayList<UpdateUnits.Given>();
        pairs.pairs().forEach(pair -> {
            var was = before.get(pair.was().uuid());
            var now = as(pair.now(), pair.was().uuid(), uuids);
            var silently = EnumSet.noneOf(UnitField.class);
            for (var field : UnitField.values()) {
                var side = side(field, was, said.get(pair.now().uuid()), pair.was(), now);
                if (side == null || field.isQuiet() && side == Side.OURS) {
                    continue;
                }
                if (field.isQuiet() && (side == Side.THEIRS || was == null)) {
                    silently.add(field);
                } else {
                    changed.add(new Changed(pair.was(), now, field, was == null ? null : field.words(was), side));
                }
            }
            if (!silently.isEmpty()) {
                quiet.add(new UpdateUnits.Given(now, List.copyOf(silently)));
            }
        });
        return new RigUpdate(coming(base, ours, pairs.added(), uuids), going(before, pairs.removed()), changed, quiet, pairs.byUuid(),
                theirs.size(), ours.units());
    }

    private static Map<String, Unit> byUuid(Collection<Unit> units) {
        return units.stream().collect(Collectors.toMap(Unit::uuid, Function.identity(), (first, second) -> first));
    }

    private static Unit as(Unit theirs, String uuid, Map<String, String> uuids) {
        return theirs.with(f -> {
            f.uuid = uuid;
            f.hangsOn = f.hangsOn == null ? null : uuids.getOrDefault(f.hangsOn, f.hangsOn);
        });
    }

    /**
     * {@return who changed it; null if both have the same, or nobody changed anything}
     *
     * @param was ours at the last exchange. @param said theirs then. Null if it was no part of it
     */
    private static @Nullable Side side(UnitField field, @Nullable Unit was, @Nullable Unit said, Unit ours, Unit theirs) {
        if (field.isAlike(ours, theirs)) {
            return null;
        }
        if (was == null || said == null) {
            return Side.BOTH;
        }
        boolean here = !field.isAlike(was, ours);
        boolean there = !field.isSaidAlike(said, theirs);
        if (here == there) {
            return here ? Side.BOTH : field.isSaidAlike(was, theirs) ? null : Side.OURS; // theirs was not taken then
        }
        return here ? Side.OURS : Side.THEIRS;
    }

    private static List<Coming> coming(Base base, Rig ours, List<Unit> added, Map<String, String> uuids) {
        var aside = byUuid(ours.aside());
        var taken = ours.units().stream().map(Unit::uuid).collect(Collectors.toCollection(HashSet::new));
        var gone = base.theirs().stream().filter(unit -> !taken.contains(unit.uuid())).toList();
        var had = Pairs.of(gone, added).pairs().stream().map(pair -> pair.now().uuid()).collect(Collectors.toSet());
        var coming = new ArrayList<Coming>();
        for (var each : added) {
            var unit = as(each, Unit.uuidOf(each.uuid(), each.id(), taken), uuids);
            var programmed = aside.get(unit.uuid());
            coming.add(new Coming(programmed == null ? unit : all(programmed, unit),
                    had.contains(each.uuid()) && programmed == null ? Side.OURS : Side.THEIRS));
        }
        return coming;
    }

    private static Unit all(Unit to, Unit from) {
        var unit = to;
        for (var field : UnitField.values()) {
            unit = field.put(unit, from);
        }
        return unit;
    }

    /** What was not part of the last exchange was added here, and stays. */
    private static List<Going> going(Map<String, Unit> before, List<Unit> removed) {
        return removed.stream()
            .filter(unit -> before.containsKey(unit.uuid()))
            .map(unit -> new Going(unit, unit.equals(before.get(unit.uuid())) ? Side.THEIRS : Side.BOTH))
            .toList();
    }

    /** {@return whether none of the file's units is one of the rig: it is of another show, or was made anew} */
    public boolean isOfAnother() {
        return units > 0 && byUuid == 0;
    }

    /** What of it somebody takes. @param added uuids, as {@code removed}. @param changed fields by the unit's uuid */
    public record Chosen(Set<String> added, Set<String> removed, Map<String, Set<UnitField>> changed) {
        public Chosen {
            added = Set.copyOf(added);
            removed = Set.copyOf(removed);
            changed = Map.copyOf(changed);
        }

        public boolean isNothing() {
            return added.isEmpty() && removed.isEmpty() && changed.isEmpty();
        }
    }

    /** {@return whether all that was chosen is part of it} */
    public boolean holds(Chosen chosen) {
        var coming = added.stream().map(each -> each.unit().uuid()).collect(Collectors.toSet());
        var going = removed.stream().map(each -> each.unit().uuid()).collect(Collectors.toSet());
        var changing = changed.stream().map(each -> each.ours().uuid()).collect(Collectors.toSet());
        return coming.containsAll(chosen.added()) && going.containsAll(chosen.removed()) && changing.containsAll(chosen.changed().keySet());
    }

    /** {@return what is asked for by the units that would come, or become other fixtures} @param chosen of it */
    public Set<Asked> asked(Chosen chosen) {
        return Stream.concat(added.stream().map(Coming::unit).filter(unit -> chosen.added().contains(unit.uuid())),
                changed.stream()
                    .filter(each -> each.field() == UnitField.FIXTURE)
                    .filter(each -> chosen.changed().getOrDefault(each.ours().uuid(), Set.of()).contains(UnitField.FIXTURE))
                    .map(Changed::theirs))
            .map(Unit::asked)
            .collect(Collectors.toSet());
    }

    /** {@return all of it, or only what nobody has changed here} */
    public Chosen all(boolean oursToo) {
        var fields = new HashMap<String, Set<UnitField>>();
        changed.stream()
            .filter(each -> oursToo || each.side() == Side.THEIRS)
            .forEach(each -> fields.computeIfAbsent(each.ours().uuid(), none -> EnumSet.noneOf(UnitField.class)).add(each.field()));
        return new Chosen(
                added.stream()
                    .filter(each -> oursToo || each.side() == Side.THEIRS)
                    .map(each -> each.unit().uuid())
                    .collect(Collectors.toSet()),
                removed.stream()
                    .filter(each -> oursToo || each.side() == Side.THEIRS)
                    .map(each -> each.unit().uuid())
                    .collect(Collectors.toSet()),
                fields);
    }

    /** {@return the edit that takes what was chosen, and what follows the file quietly} @param from what it came from, in words */
    public UpdateUnits taken(String from, Chosen chosen) {
        var given = new HashMap<String, Set<UnitField>>();
        var theirs = new HashMap<String, Unit>();
        quiet.forEach(each -> {
            theirs.put(each.unit().uuid(), each.unit());
            given.put(each.unit().uuid(), EnumSet.copyOf(each.fields()));
        });
        for (var each : changed) {
            if (chosen.changed().getOrDefault(each.ours().uuid(), Set.of()).contains(each.field())) {
                theirs.put(each.ours().uuid(), each.theirs());
                given.computeIfAbsent(each.ours().uuid(), none -> EnumSet.noneOf(UnitField.class)).add(each.field());
            }
        }
        return new UpdateUnits(from, freely(chosen, theirs, given),
                given.entrySet()
                    .stream()
                    .sorted(Map.Entry.comparingByKey())
                    .map(each -> new UpdateUnits.Given(Objects.requireNonNull(theirs.get(each.getKey())), List.copyOf(each.getValue())))
                    .toList(),
                removed.stream().map(each -> each.unit().uuid()).filter(chosen.removed()::contains).toList());
    }

    /** {@return the units that come} One whose id is taken by then gets the next number. */
    private List<Unit> freely(Chosen chosen, Map<String, Unit> theirs, Map<String, Set<UnitField>> given) {
        var ids = new ArrayList<String>();
        ours.stream().filter(unit -> !chosen.removed().contains(unit.uuid())).forEach(unit -> {
            var now = given.getOrDefault(unit.uuid(), Set.of()).contains(UnitField.ID) ? theirs.getOrDefault(unit.uuid(), unit) : unit;
            ids.add(now.id());
        });
        var coming = new ArrayList<Unit>();
        added.stream().map(Coming::unit).filter(unit -> chosen.added().contains(unit.uuid())).forEach(unit -> {
            var id = ids.contains(unit.id()) && !unit.id().isEmpty() ? Numbered.next(ids) : unit.id();
            ids.add(id);
            coming.add(unit.with(f -> f.id = id));
        });
        return coming;
    }
}
