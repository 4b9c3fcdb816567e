package yellowkite.core.edit;

import java.util.ArrayList;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/** Moves a slot within its wheel; ranges still bring in what they brought in. @param to number that it gets, 1 = the first */
public record MoveSlot(int wheel, int slot, int to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.onSlot(before, wheel, slot, was -> {
            if (was.findSlot(to).isEmpty()) {
                return Located.rejected("to",
                        "Wheel '" + was.name() + "' has slots 1 to " + was.slots().size() + "; " + to + " is not one of them.");
            }
            var slots = new ArrayList<>(was.slots());
            slots.add(to - 1, slots.remove(slot - 1));
            var after = new Wheel(was.id(), was.name(), slots, was.source());
            return Located.applied(slot == to ? before : Wheels.renumber(Wheels.replace(before, after), was.name(), this::moved));
        });
    }

    private int moved(int number) {
        if (number == slot) {
            return to;
        }
        return number > slot && number <= to ? number - 1 : number < slot && number >= to ? number + 1 : number;
    }

    @Override
    public String describe(FixtureType before) {
        return "Slot " + Wheels.slot(before, wheel, slot) + " of " + Wheels.called(before, wheel) + " moved to " + to;
    }
}
