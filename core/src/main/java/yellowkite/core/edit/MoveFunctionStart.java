package yellowkite.core.edit;

import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/**
 * Moves the boundary below a function. A named range that begins with the function moves along; no other named range, of this function or
 * the one before it, may be cut.
 */
public record MoveFunctionStart(int function, long from) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var span = at.span();
            var others = span.ranges().stream().filter(range -> range.from() > span.from()).mapToLong(Spans.RangeSpan::from);
            long high = Math.min(span.to(), others.min().orElse(span.to() + 1) - 1);
            long low = lowest(at, span);
            if (from < low || from > high) {
                return Located.rejected("from",
                        "The start of '" + span.name() + "' can lie from " + low + " to " + high + "; " + from + " is outside.");
            }
            if (from == span.from()) {
                return Located.applied(before);
            }
            var start = new DmxValue(from, at.channel().bytes());
            var moved = at.function()
                .with(f -> f.dmxFrom = start)
                .mapRanges(range -> range.dmxFrom().at(at.channel().bytes()) == span.from() ? range.withDmxFrom(start) : range);
            return Located.applied(at.replace(moved));
        });
    }

    /** {@return the value above the last start before this function: of a function of its situation, or of that one's ranges} */
    private static long lowest(Located.InChannel at, Spans.FunctionSpan span) {
        long low = 0;
        for (var other : Spans.of(at.channel())) {
            if (other.logical() == span.logical() && other.from() < span.from()
                    && Spans.sameSituation(other.function(), span.function())) {
                long last = other.ranges()
                    .stream()
                    .mapToLong(Spans.RangeSpan::from)
                    .filter(start -> start < span.from())
                    .max()
                    .orElse(other.from());
                low = Math.max(low, Math.max(other.from(), last) + 1);
            }
        }
        return low;
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function)
            .map(at -> "Start of '" + at.name() + "' " + at.span().from() + " → " + from)
            .orElse("Start of a function → " + from);
    }
}
