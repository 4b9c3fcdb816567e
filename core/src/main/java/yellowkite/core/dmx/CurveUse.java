package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** A function in its place, for what a curve does to it. */
public record CurveUse(Mode mode, Channel channel, Spans.FunctionSpan span) {
    private static final int QUARTERS = 4;

    /** {@return the functions that run through a curve, in document order} */
    public static List<CurveUse> of(FixtureType type, String curve) {
        return of(type, function -> function.dmxProfile().equals(curve));
    }

    /** {@return the functions that run through a curve, and the one that is to run through it} */
    public static List<CurveUse> with(FixtureType type, String curve, int functionId) {
        return of(type, function -> function.dmxProfile().equals(curve) || function.id() == functionId);
    }

    private static List<CurveUse> of(FixtureType type, Predicate<ChannelFunction> counts) {
        var uses = new ArrayList<CurveUse>();
        for (var mode : type.modes()) {
            for (var channel : mode.channels()) {
                if (channel.functions().anyMatch(counts)) {
                    Spans.of(type, channel)
                        .stream()
                        .filter(each -> counts.test(each.function()))
                        .forEach(span -> uses.add(new CurveUse(mode, channel, span)));
                }
            }
        }
        return uses;
    }

    /** What one value means, and would mean. Physical values in the unit of the function's attribute. */
    public record Change(long raw, double before, double after) {}

    /**
     * {@return what another curve in the place of this one would change at a quarter, the half and three quarters of the function's span}
     */
    public List<Change> through(Curve other) {
        var after = span.with(other);
        return IntStream.range(1, QUARTERS)
            .mapToLong(quarter -> span.from() + Math.round((span.to() - span.from()) * (double) quarter / QUARTERS))
            .mapToObj(raw -> new Change(raw, span.reachedAt(raw), after.reachedAt(raw)))
            .toList();
    }
}
