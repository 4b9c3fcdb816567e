package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.Figures;

/** Sets what a named range reaches at its two ends; both null lets it follow its function's line again. */
public record SetRangePhysical(int range, @Nullable Double from, @Nullable Double to) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        if ((from == null) != (to == null)) {
            return Located.rejected(from == null ? "from" : "to", "A range has both physical ends or neither.");
        }
        if (from != null && !Double.isFinite(from) || to != null && !Double.isFinite(to)) {
            return Located.rejected("from", "A physical end is a finite number.");
        }
        return Located.onRange(before, range, at -> {
            var after = at.range().withPhysical(from, to);
            return Located.applied(after.equals(at.range()) ? before : at.replace(after));
        });
    }

    @Override
    public String describe(FixtureType before) {
        var name = Located.range(before, range).map(Located.InFunction::called).orElse("a range");
        return from == null || to == null ? "Physical ends of " + name + " follow the function"
                : "Physical ends of " + name + ": " + Figures.of(from) + " to " + Figures.of(to);
    }
}
