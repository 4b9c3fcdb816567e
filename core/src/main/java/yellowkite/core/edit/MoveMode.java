package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/** @param to index among the modes, 0 = the first */
public record MoveMode(int mode, int to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode,
                was -> to < 0 || to >= before.modes().size()
                        ? Located.rejected("to", "There are " + before.modes().size() + " modes; " + to + " is no place among them.")
                        : Located.applied(before.modes().get(to) == was ? before
                                : before.with(f -> f.modes = Trees.insert(Trees.remove(f.modes, was), to, was))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Place of " + Modes.called(before, mode) + " is " + (to + 1);
    }
}
