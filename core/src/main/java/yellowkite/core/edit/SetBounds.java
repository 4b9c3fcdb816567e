package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * The smallest and largest physical value that a function reaches; null = not limited.
 *
 * @param only the one that is set, whatever is given for the other, which stays; null = both
 */
public record SetBounds(int function, @Nullable Double min, @Nullable Double max, @Nullable Bound only) implements Edit {
    public enum Bound {
        MIN, MAX
    }

    public static SetBounds both(int function, @Nullable Double min, @Nullable Double max) {
        return new SetBounds(function, min, max, null);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (min != null && !Double.isFinite(min) || max != null && !Double.isFinite(max)) {
            return Located.rejected("min", "A bound is a finite number.");
        }
        return Located.onFunction(before, function, at -> {
            var least = only == Bound.MAX ? at.function().min() : min;
            var most = only == Bound.MIN ? at.function().max() : max;
            if (least != null && most != null && least > most) {
                return only == Bound.MIN
                        ? Located.rejected("min", "The smallest value, " + least + ", lies above the largest, " + most + ".")
                        : Located.rejected("max", "The largest value, " + most + ", lies below the smallest, " + least + ".");
            }
            return Located.applied(at.replace(at.function().with(f -> {
                f.min = least;
                f.max = most;
            })));
        });
    }

    @Override
    public String describe(FixtureType before) {
        if (only != null) {
            var to = only == Bound.MIN ? min : max;
            return (only == Bound.MIN ? "Lower limit" : "Upper limit")
                    + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + ": "
                    + (to == null ? "none" : to);
        }
        return "Bounds" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + ": "
                + (min == null ? "none" : min) + " to " + (max == null ? "none" : max);
    }
}
