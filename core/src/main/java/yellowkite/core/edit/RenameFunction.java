package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Gives a function another name, unique in its logical channel; links to it follow. */
public record RenameFunction(int function, String to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            boolean taken = at.logical()
                .functions()
                .stream()
                .anyMatch(other -> other.id() != function && at.logical().nameOf(other).equals(to));
            if (taken) {
                return Located.rejected("to", "There is already a function called '" + to + "' on " + at.at().called() + ".");
            }
            return Names.refusalOfRequired("to", to, "A function")
                .orElseGet(() -> Located.applied(
                        Relink.follow(before, at.replace(at.function().with(f -> f.name = to)))));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Function is called '" + to + "'" + Located.function(before, function).map(at -> ", was '" + at.name() + "'").orElse("");
    }
}
