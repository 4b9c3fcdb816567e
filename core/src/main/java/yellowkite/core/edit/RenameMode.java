package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** Gives a mode another name; names are unique, because consoles choose by them. RDM personalities that name it follow. */
public record RenameMode(int mode, String to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (before.findMode(mode).isEmpty()) {
            return Located.missing("mode");
        }
        if (before.modes().stream().anyMatch(other -> other.id() != mode && other.name().equals(to))) {
            return Located.rejected("to", "There is already a mode called '" + to + "'.");
        }
        return Names.refusalOfRequired("to", to, "A mode").orElseGet(() -> {
            var was = before.findMode(mode).orElseThrow().name();
            return Located.applied(before.mapModes(each -> each.id() != mode || each.name().equals(to) ? each : each.withName(to))
                .with(f -> f.protocols = f.protocols.renameMode(was, to)));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Mode is called '" + to + "'" + before.findMode(mode).map(Mode::name).map(was -> ", was '" + was + "'").orElse("");
    }
}
