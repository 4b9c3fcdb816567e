package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/** Adds a copy of a mode behind it. */
public record DuplicateMode(int mode, String name) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> Modes.refusal(before, "name", name).orElseGet(() -> {
            var ids = new FreshIds(before.nextId());
            var copy = ids.copy(was).withName(name);
            return Located.applied(before.with(f -> {
                f.modes = Trees.insert(f.modes, f.modes.indexOf(was) + 1, copy);
                f.nextId = ids.next();
                f.house = f.house.alsoFor(ids.copies());
            }));
        }));
    }

    @Override
    public String describe(FixtureType before) {
        return "Mode '" + name + "' is a copy of " + Modes.called(before, mode);
    }
}
