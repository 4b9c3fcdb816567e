package yellowkite.core.rig.edit;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Numbered;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Placing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Adds units of one kind, one after the other.
 *
 * @param seed a UUID of which theirs are made
 * @param count in [1, {@link #MOST}]
 * @param at of the first; null = the first gaps that hold a whole unit
 * @param id of the first, the others count on; null = the number after the highest
 * @param name of the first, the others count on; null = the model's name
 * @param hangsOn uuid of the unit that they are accessories of; null = they stand for themselves
 * @param shared whether they share addresses on purpose with whoever stands there
 */
public record AddUnits(String seed, Found fixture, int count, @Nullable String at, @Nullable String id, @Nullable String name, String layer,
        List<String> groups, @Nullable String position, @Nullable String hangsOn, boolean shared) implements RigEdit {
    public static final int MOST = 5_000;

    public AddUnits {
        groups = List.copyOf(groups);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.tried("at", () -> add(before));
    }

    private Outcome<Rig> add(Rig before) {
        if (count < 1 || count > MOST) {
            return Said.rejected("count", "At once 1 to " + MOST + " units are added, not " + count + ".");
        }
        if (before.units().size() + count > Rig.MOST_UNITS) {
            return Said.rejected("count", "A rig holds at most " + Rig.MOST_UNITS + " units.");
        }
        if (hangsOn != null && before.find(hangsOn).isEmpty()) {
            return Said.rejected("hangsOn", "The unit that this hangs on is not in this rig any more.");
        }
        var refused = Said.refusal("id", id == null ? "" : id)
            .or(() -> Said.refusal("name", name == null ? "" : name))
            .or(() -> Said.refusal("layer", layer))
            .or(() -> Said.refusal("position", position == null ? "" : position));
        if (refused.isPresent()) {
            return refused.get();
        }
        var occupancy = Occupancy.of(before.units());
        var addresses = addresses(occupancy);
        var units = units(before, addresses);
        var known = before.units().stream().map(Unit::id).collect(Collectors.toSet());
        for (var unit : units) {
            if (!known.add(unit.id())) {
                return Said.rejected("id", "There is a unit " + unit.id() + " already.");
            }
        }
        var all = new ArrayList<>(before.units());
        all.addAll(units);
        return hit(units, before, occupancy).orElseGet(() -> Said.applied(shared ? sharing(before.withUnits(all), units)
                : before.withUnits(all)));
    }

    private List<List<Patch>> addresses(Occupancy occupancy) {
        var each = Collections.nCopies(count, fixture.breaks());
        return at == null ? Placing.free(occupancy, each, new At(1, 1)) : Placing.straight(each, At.of(at));
    }

    private List<Unit> units(Rig before, List<List<Patch>> addresses) {
        var firstId = id == null || id.isBlank() ? Numbered.next(before.units().stream().map(Unit::id).toList()) : id.strip();
        var firstName = name == null || name.isBlank() ? modelName() : name.strip();
        var asked = Asked.of(fixture.manufacturer(), fixture.model(), fixture.mode(), null);
        return IntStream.range(0, count)
            .mapToObj(i -> Unit.of(f -> {
                f.uuid = uuid(seed, i);
                f.id = Numbered.at(firstId, i, count);
                f.name = Numbered.at(firstName, i, count);
                f.layer = layer.strip();
                f.groups = groups;
                f.position = position == null || position.isBlank() ? null : position.strip();
                f.asked = asked;
                f.found = fixture;
                f.addresses = addresses.get(i);
                f.hangsOn = hangsOn;
            }))
            .toList();
    }

    /** {@return the uuid of the unit so many behind the first} */
    static String uuid(String seed, int index) {
        return UUID.nameUUIDFromBytes((seed + "/" + index).getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** A number that belongs to the model is not counted on. */
    private String modelName() {
        var model = fixture.model();
        return count > 1 && !model.isEmpty() && Character.isDigit(model.charAt(model.length() - 1)) ? model + ", 1" : model;
    }

    /** What they would stand on, unless they share it on purpose. */
    private Optional<Outcome<Rig>> hit(List<Unit> units, Rig before, Occupancy occupancy) {
        if (shared || at == null || units.stream().flatMap(each -> each.addresses().stream()).allMatch(occupancy::isFree)) {
            return Optional.empty();
        }
        var mine = units.stream().map(Unit::uuid).collect(Collectors.toCollection(HashSet::new));
        var all = new ArrayList<>(before.units());
        all.addAll(units);
        return Collisions.of(all)
            .stream()
            .filter(each -> each.units().stream().anyMatch(unit -> mine.contains(unit.uuid())))
            .findFirst()
            .map(each -> {
                int size = Math.max(1, fixture.footprint());
                var free = occupancy.firstGap(size, units.getFirst().addresses().getFirst().at());
                return Said.rejected("at", each.says() + free.map(gap -> " The next free place is " + gap + ".").orElse(""));
            });
    }

    private static Rig sharing(Rig after, List<Unit> units) {
        var mine = units.stream().map(Unit::uuid).collect(Collectors.toSet());
        var together = new LinkedHashSet<String>();
        Collisions.of(after.units())
            .stream()
            .filter(each -> each.units().stream().anyMatch(unit -> mine.contains(unit.uuid())))
            .forEach(each -> each.units().forEach(unit -> together.add(unit.uuid())));
        return together.isEmpty() ? after : ShareAddresses.sharing(after, List.copyOf(together));
    }

    @Override
    public String describe(Rig before) {
        return count + " x " + fixture.words() + " added" + (at == null ? "" : " from " + at);
    }
}
