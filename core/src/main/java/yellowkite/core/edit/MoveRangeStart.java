package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/** Moves the boundary below a named range. It stays behind the start of the range before it and within its own end. */
public record MoveRangeStart(int range, long from) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onRange(before, range, at -> {
            var span = at.span();
            var function = at.at().span();
            var previous = function.ranges()
                .stream()
                .filter(each -> each.from() < span.from())
                .reduce((a, b) -> a.from() > b.from() ? a : b);
            long low = previous.map(each -> each.from() + 1).orElse(function.from());
            if (from < low || from > span.to()) {
                return Located.rejected("from",
                        "The start of " + at.called() + " can lie from " + low + " to " + span.to() + "; " + from + " is outside.");
            }
            return Located.applied(from == span.from() ? before
                    : at.replace(at.range().withDmxFrom(new DmxValue(from, at.at().channel().bytes()))));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Located.range(before, range)
            .map(at -> "Start of " + at.called() + " " + at.span().from() + " → " + from)
            .orElse("Start of a range → " + from);
    }
}
