package yellowkite.core.chart.correct;

import java.util.List;

/**
 * What a person says of a chart. Channels are named by the first line that they come from, which is the same in each mode that has them;
 * lines by their place; functions by their index, as the corrections before left them. Values are in the channel's width.
 */
public sealed interface Correction {

    /** The channel is of that attribute. What was said of its functions before counts no more. */
    record ChooseAttribute(String channel, String attribute) implements Correction {}

    /**
     * The channel stands there in that mode. @param mode its index among the chart's. @param addresses most significant first; within the
     * cell where there is one
     */
    record ChooseAddresses(String channel, int mode, List<Integer> addresses) implements Correction {
        public ChooseAddresses {
            addresses = List.copyOf(addresses);
        }
    }

    /** A line that was not placed belongs to the channel. @param values as charts write them; empty = it goes on with the line before */
    record PlaceLine(String line, String channel, String values, String words) implements Correction {}

    /** A line that was not placed is a channel of its own. */
    record MakeChannel(String line, int mode, List<Integer> addresses, String words) implements Correction {
        public MakeChannel {
            addresses = List.copyOf(addresses);
        }
    }

    /** Lines, or channels, that are left out. @param reason may be empty */
    record SetAside(List<String> lines, String reason) implements Correction {
        public SetAside {
            lines = List.copyOf(lines);
        }
    }

    /** What was set aside counts again. */
    record TakeBack(String line) implements Correction {}

    /** From {@code at} on, the function is one of its own. */
    record SplitFunction(String channel, int function, long at) implements Correction {}

    /** The function goes on with the one before it. */
    record JoinFunction(String channel, int function) implements Correction {}

    /** The function begins at {@code from}, and the one before it ends there. */
    record MoveBoundary(String channel, int function, long from) implements Correction {}

    /** Its physical ends, in the unit that it is counted in. */
    record ChooseEnds(String channel, int function, double physicalFrom, double physicalTo) implements Correction {}

    /** What the function does; its ends are the usual ones then. */
    record ChooseFunctionAttribute(String channel, int function, String attribute) implements Correction {}

    record ChooseStart(String channel, long value) implements Correction {}

    /** Somebody looked at the channel's doubts, and it is right as it is. */
    record Settle(String channel) implements Correction {}
}
