package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Trees;

/**
 * Ends a named range earlier or later: the one behind begins where it ends. Behind the last one, and where the one behind would be pushed,
 * the rest becomes free: a range without a name, as the standard writes values that nobody has named.
 */
public record MoveRangeEnd(int range, long to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onRange(before, range, at -> {
            var span = at.span();
            var function = at.at().span();
            var next = function.ranges().stream().filter(each -> each.from() > span.from()).reduce((a, b) -> a.from() < b.from() ? a : b);
            long high = next.map(each -> each.to() - 1).orElse(function.to());
            if (next.isPresent() && next.get().range().name().isEmpty() && to == next.get().to()) {
                return new RemoveRange(next.get().range().id()).applyTo(before);
            }
            if (to < span.from() || to > high) {
                return Located.rejected("to",
                        "The end of " + at.called() + " can lie from " + span.from() + " to " + high + "; " + to + " is outside.");
            }
            if (to == span.to()) {
                return Located.applied(before);
            }
            if (next.isPresent() && next.get().range().name().isEmpty()) {
                return new MoveRangeStart(next.get().range().id(), to + 1).applyTo(before);
            }
            if (next.isPresent() && to > span.to()) {
                return new MoveRangeStart(next.get().range().id(), to + 1).applyTo(before);
            }
            var free = NamedRange.of(before.nextId(), "", new DmxValue(to + 1, at.at().channel().bytes()));
            return Located.applied(at.at()
                .replace(at.at().function().with(f -> f.ranges = Trees.insert(f.ranges, f.ranges.indexOf(at.range()) + 1, free)))
                .with(f -> f.nextId++));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Located.range(before, range)
            .map(at -> "End of " + at.called() + " " + at.span().to() + " → " + to)
            .orElse("End of a range → " + to);
    }
}
