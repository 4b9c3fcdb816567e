package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.Figures;

/**
 * Sets what a function reaches at its first and last value; the first larger than the second means inverted. Whoever sets them to what they
 * are confirms them. An end that is null stays.
 */
public record SetFunctionPhysical(int function, @Nullable Double from, @Nullable Double to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (from != null && !Double.isFinite(from) || to != null && !Double.isFinite(to)) {
            return Located.rejected(from != null && !Double.isFinite(from) ? "from" : "to", "A physical end is a finite number.");
        }
        return Located.onFunction(before, function, at -> {
            var after = at.function().with(f -> {
                f.physicalFrom = from == null ? f.physicalFrom : from;
                f.physicalTo = to == null ? f.physicalTo : to;
            });
            var changed = after == at.function() ? before : at.replace(after);
            return Located
                .applied(changed.house().assumed().contains(function) ? changed.with(f -> f.house = f.house.withAssumed(function, false))
                        : changed);
        });
    }

    @Override
    public String describe(FixtureType before) {
        var name = Located.function(before, function).map(Located.InChannel::name).orElse("a function");
        if (from == null || to == null) {
            return (to == null ? "First" : "Last") + " physical end of '" + name + "': "
                    + (from == null ? to == null ? "stays" : Figures.of(to) : Figures.of(from));
        }
        return "Physical ends of '" + name + "': " + Figures.of(from) + " to " + Figures.of(to);
    }
}
