package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/** Removes a named range; the range before it takes its values. */
public record RemoveRange(int range) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onRange(before, range, at -> Located.applied(
                at.at().replace(at.at().function().with(f -> f.ranges = Trees.remove(f.ranges, at.range())))));
    }

    @Override
    public String describe(FixtureType before) {
        return Located.range(before, range)
            .map(at -> "Range " + at.called() + " removed from '" + at.at().name() + "'")
            .orElse("Range removed");
    }
}
