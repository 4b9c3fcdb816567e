package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;

/** Puts a slot into a wheel; the ranges that bring in later ones follow. @param at number that it gets, 1 = the first */
public record AddSlot(int wheel, int at, String name) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.on(before, wheel, was -> {
            if (at < 1 || at > was.slots().size() + 1 || was.slots().size() >= Wheels.MOST_SLOTS) {
                return Located.rejected("at",
                        was.slots().size() >= Wheels.MOST_SLOTS ? "A wheel has at most " + Wheels.MOST_SLOTS + " slots."
                                : "A new slot of '" + was.name() + "' gets a number from 1 to " + (was.slots().size() + 1) + "; " + at
                                        + " is outside.");
            }
            return Names.refusalOfRequired("name", name, "A slot").orElseGet(() -> {
                var fresh = Wheel.Slot.of(before.nextId(), name, null, "");
                var after = new Wheel(was.id(), was.name(), Trees.insert(was.slots(), at - 1, fresh), was.source());
                return Located.applied(Wheels.renumber(Wheels.replace(before, after), was.name(), slot -> slot >= at ? slot + 1 : slot)
                    .with(f -> f.nextId++));
            });
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Slot '" + name + "' put into " + Wheels.called(before, wheel) + " at " + at;
    }
}
