package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;

/** Takes a slot out of a wheel; ranges that brought it in bring in none, those of later ones follow. @param slot 1 = the first */
public record RemoveSlot(int wheel, int slot) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.onSlot(before, wheel, slot, was -> {
            if (was.slots().size() == 1) {
                return Located.rejected("slot", "This is the only slot of '" + was.name() + "'; a wheel needs one.");
            }
            var after = new Wheel(was.id(), was.name(), Trees.remove(was.slots(), was.slots().get(slot - 1)), was.source());
            return Located.applied(
                    Wheels.renumber(Wheels.replace(before, after), was.name(), each -> each == slot ? 0 : each > slot ? each - 1 : each));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Slot " + Wheels.slot(before, wheel, slot) + " taken out of " + Wheels.called(before, wheel);
    }
}
