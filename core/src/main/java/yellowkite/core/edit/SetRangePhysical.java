package yellowkite.core.edit;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.Figures;

/**
 * Sets what a named range reaches at its two ends; both null lets it follow its function's line again, one null leaves that end where it
 * is.
 */
public record SetRangePhysical(int range, @Nullable Double from, @Nullable Double to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (from != null && !Double.isFinite(from) || to != null && !Double.isFinite(to)) {
            return Located.rejected("from", "A physical end is a finite number.");
        }
        return Located.onRange(before, range, at -> {
            var span = at.span();
            boolean follows = from == null && to == null;
            var after = follows ? at.range().withPhysical(null, null)
                    : at.range().withPhysical(from == null ? span.physicalFrom() : from, to == null ? span.physicalTo() : to);
            return Located.applied(after.equals(at.range()) ? before : at.replace(after));
        });
    }

    @Override
    public String describe(FixtureType before) {
        var name = Located.range(before, range).map(Located.InFunction::called).orElse("a range");
        if (from == null && to == null) {
            return "Physical ends of " + name + " follow the function";
        }
        return from == null || to == null
                ? (to == null ? "First" : "Last") + " physical end of " + name + ": "
                        + Figures.of(from == null ? Objects.requireNonNull(to) : from)
                : "Physical ends of " + name + ": " + Figures.of(from) + " to " + Figures.of(to);
    }
}
