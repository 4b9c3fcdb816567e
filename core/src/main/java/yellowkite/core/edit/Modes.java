package yellowkite.core.edit;

import java.util.Optional;
import java.util.function.Function;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** What edits of modes share. */
final class Modes {
    private Modes() {}

    static Outcome<FixtureType> on(FixtureType type, int id, Function<Mode, Outcome<FixtureType>> change) {
        return type.findMode(id).map(change).orElse(Located.missing("mode"));
    }

    /** {@return why no further mode can have that name; none if one can} */
    static Optional<Outcome<FixtureType>> refusal(FixtureType type, String field, String name) {
        return type.modes().stream().anyMatch(each -> each.name().equals(name))
                ? Optional.of(Located.rejected(field, "There is already a mode called '" + name + "'."))
                : Names.refusalOfRequired(field, name, "A mode");
    }

    static String called(FixtureType type, int id) {
        return type.findMode(id).map(mode -> "mode '" + mode.name() + "'").orElse("a mode");
    }
}
