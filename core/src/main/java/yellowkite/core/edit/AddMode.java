package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/** Adds a mode without channels, behind the others, on the body that the first mode works on. */
public record AddMode(String name) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.refusal(before, "name", name).orElseGet(() -> {
            var body = before.modes().isEmpty() ? before.geometries().stream().findFirst().map(Geometry::name).orElse("")
                    : before.modes().getFirst().geometry();
            var mode = new Mode(before.nextId(), name, "", body, List.of(), List.of(), List.of(), Source.NONE);
            return Located.applied(before.with(f -> {
                f.modes = Trees.insert(f.modes, f.modes.size(), mode);
                f.nextId++;
            }));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Mode '" + name + "' added";
    }
}
