package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/** Removes a mode with all its channels; RDM personalities that name it go with it. */
public record RemoveMode(int mode) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode,
                was -> before.modes().size() == 1
                        ? Located.rejected("mode", "'" + was.name() + "' is the only mode of this profile; a fixture needs one.")
                        : Located.applied(before.with(f -> {
                            f.modes = Trees.remove(f.modes, was);
                            f.protocols = f.protocols.withoutMode(was.name());
                        })));
    }

    @Override
    public String describe(FixtureType before) {
        return "Removed: " + Modes.called(before, mode);
    }
}
