package yellowkite.core.rig.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Begins a rig from nothing. */
public record BeginRig(String name, String production) implements RigEdit {
    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (!before.name().isEmpty() || !before.units().isEmpty()) {
            return Said.rejected("name", "This rig has begun already.");
        }
        return new SetRigFacts(name, production, null, null, "", null).applyTo(before);
    }

    @Override
    public String describe(Rig before) {
        return "Begun: " + name;
    }

    @Override
    public boolean begins() {
        return true;
    }
}
