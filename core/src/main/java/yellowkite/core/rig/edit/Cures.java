package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Collisions.Collision;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** How a collision is resolved: the unit that begins last gives way, or those that meet mean it. */
public final class Cures {
    private Cures() {}

    /** @param says what the edit does, in a few words */
    public record Cure(String says, RigEdit edit) {}

    /** {@return those that help, the nearest first} */
    public static List<Cure> of(Rig rig, Collision collision) {
        var cures = new ArrayList<Cure>();
        var units = collision.units();
        var giving = units.getLast();
        var others = rig.units().stream().filter(each -> !each.uuid().equals(giving.uuid())).toList();
        var free = Occupancy.of(others);
        int footprint = footprint(giving);
        var behind = behind(collision, giving).filter(at -> free.isFree(new Patch(1, at, footprint)));
        behind.ifPresent(at -> cures.add(move("Move " + giving.id() + " behind " + units.getFirst().id() + ", to " + at, giving, at)));
        var gap = free.firstGap(footprint, new At(collision.universe(), 1));
        gap.filter(at -> behind.filter(at::equals).isEmpty())
            .ifPresent(at -> cures.add(move("Move " + giving.id() + " to the first gap that fits, " + at, giving, at)));
        elsewhere(free, footprint, collision.universe()).filter(at -> !gap.equals(Optional.of(at)))
            .ifPresent(at -> cures.add(move("Move " + giving.id() + " to another universe, " + at, giving, at)));
        if (units.size() > 1) {
            cures.add(new Cure("They share the address on purpose", new ShareAddresses(units.stream().map(Unit::uuid).toList(), true)));
        }
        cures.add(new Cure("Leave " + giving.id() + " without an address", new Unaddress(List.of(giving.uuid()))));
        return cures;
    }

    private static int footprint(Unit unit) {
        return unit.addresses().stream().mapToInt(Patch::footprint).sum();
    }

    private static Cure move(String says, Unit unit, At to) {
        return new Cure(says, new PutUnit(unit.uuid(), null, to.toString()));
    }

    /** Directly after the last address of those that stay. */
    private static Optional<At> behind(Collision collision, Unit giving) {
        int last = collision.units()
            .stream()
            .filter(each -> each != giving)
            .flatMap(each -> each.addresses().stream())
            .filter(each -> each.universe() == collision.universe() && each.from() <= collision.to() && each.to() >= collision.from())
            .mapToInt(Patch::to)
            .max()
            .orElse(AddressMap.UNIVERSE);
        return last < AddressMap.UNIVERSE ? Optional.of(new At(collision.universe(), last + 1)) : Optional.empty();
    }

    private static Optional<At> elsewhere(Occupancy free, int footprint, int universe) {
        var first = free.firstGap(footprint, new At(1, 1));
        return first.filter(at -> at.universe() != universe)
            .or(() -> universe >= At.MOST_UNIVERSES ? Optional.empty() : free.firstGap(footprint, new At(universe + 1, 1)));
    }
}
