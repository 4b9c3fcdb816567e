package yellowkite.core.edit;

import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.Figures;

/** Sets what a function reaches at its first and last value; the first larger than the second means inverted. Whoever sets them to what they are confirms them. */
public record SetFunctionPhysical(int function, double from, double to) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        if (!Double.isFinite(from) || !Double.isFinite(to)) {
            return Located.rejected(Double.isFinite(from) ? "to" : "from", "A physical end is a finite number.");
        }
        return Located.onFunction(before, function, at -> {
            var after = at.function().with(f -> {
                f.physicalFrom = from;
                f.physicalTo = to;
            });
            var changed = after == at.function() ? before : at.replace(after);
            return Located.applied(changed.house().assumed().contains(function) ? changed.with(f -> f.house = f.house.withAssumed(function, false)) : changed);
        });
    }

    @Override
    public String describe(FixtureType before) {
        var name = Located.function(before, function).map(Located.InChannel::name).orElse("a function");
        return "Physical ends of '" + name + "': " + Figures.of(from) + " to " + Figures.of(to);
    }
}
