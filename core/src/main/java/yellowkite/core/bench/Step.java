package yellowkite.core.bench;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Spans;

/**
 * One step of a walk.
 *
 * @param channel by its name in its place; empty where the whole fixture is looked at. @param function likewise
 * @param range null where it is not about one. @param dmx the value on that channel, in its own width
 * @param raws what is sent, one for each placed channel, in the map's order; empty = nothing is sent
 * @param watched what is looked at; none = no instrument sees it
 * @param tolerance half of what one step of the channel does, in the unit of what is read: of light, a share
 */
public record Step(int number, Kind kind, String channel, String function, @Nullable String range, long dmx, long[] raws,
        List<Reading> watched, double tolerance) {

    public Step {
        watched = List.copyOf(watched);
    }

    /** {@return the function that it is about; empty where the whole fixture is looked at} */
    Optional<Spans.FunctionSpan> spanIn(CompiledMode mode) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> each.name().equals(channel))
            .flatMap(each -> mode.spans(each.channel()).stream())
            .filter(each -> each.name().equals(function))
            .findFirst();
    }

    Step numbered(int as) {
        return new Step(as, kind, channel, function, range, dmx, raws, watched, tolerance);
    }

    /** {@return the same step at another value of its channel} @param index of the channel, in the map's order */
    Step between(int as, int index, long value) {
        var at = raws.clone();
        at[index] = value;
        return new Step(as, Kind.BETWEEN, channel, function, range, value, at, watched, tolerance);
    }

    /** What a step tries. */
    public enum Kind {
        /** Nothing was sent yet. */
        UNSENT,
        /** All channels at their start values. */
        START,
        /** All channels at their highlight values. */
        HIGHLIGHT,
        /** The first value of a range or function. */
        FIRST,
        /** One in its middle. */
        MIDDLE,
        /** Its last value. */
        LAST,
        /** A value between, where a boundary that is elsewhere is looked for. */
        BETWEEN,
        /** Where an axis stands at zero. */
        ZERO,
        /** One step of the fine byte beside the middle. */
        FINE,
        /** One cell lit by itself. */
        CELL
    }
}
