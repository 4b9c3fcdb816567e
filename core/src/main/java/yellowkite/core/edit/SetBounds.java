package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;

/** The smallest and largest physical value that a function reaches; null = not limited. */
public record SetBounds(int function, @Nullable Double min, @Nullable Double max) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        if (min != null && !Double.isFinite(min) || max != null && !Double.isFinite(max)) {
            return Located.rejected("min", "A bound is a finite number.");
        }
        if (min != null && max != null && min > max) {
            return Located.rejected("max", "The largest value, " + max + ", lies below the smallest, " + min + ".");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> {
            f.min = min;
            f.max = max;
        }))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Bounds" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + ": " + (min == null ? "none" : min) + " to " + (max == null ? "none" : max);
    }
}
