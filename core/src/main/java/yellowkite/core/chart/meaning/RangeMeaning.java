package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;

/**
 * What named ranges of a channel mean by their words, as rows of a chart would.
 *
 * @param wheels that the functions select from, as far as their words name slots
 */
public record RangeMeaning(List<FunctionProposal> functions, List<WheelProposal> wheels, List<String> doubts) {
    public RangeMeaning {
        functions = List.copyOf(functions);
        wheels = List.copyOf(wheels);
        doubts = List.copyOf(doubts);
    }

    /** @param from raw value, as is {@code to} */
    public record Named(String name, long from, long to) {}

    /**
     * {@return what the ranges mean on a channel of that attribute}
     *
     * @param slots of the wheel that the channel selects from; null if it has none
     */
    public static RangeMeaning ofRanges(String attribute, String words, List<Named> ranges, int bytes, @Nullable List<String> slots) {
        var rows = ranges.stream()
            .map(each -> new Row(new Values(each.from(), each.to(), false, false), each.name(), "", "", "'" + each.name() + "'"))
            .toList();
        return of(attribute, words, rows, bytes, true, slots);
    }

    /** Like {@link #ofRanges}, with the rows of a chart: on a wider channel, values up to 255 are those of its coarse byte. */
    public static RangeMeaning of(String attribute, String words, List<Row> rows, int bytes, @Nullable List<String> slots) {
        return of(attribute, words, rows, bytes, false, slots);
    }

    private static RangeMeaning of(String attribute, String words, List<Row> rows, int bytes, boolean exact, @Nullable List<String> slots) {
        var wheels = new WheelMaker();
        if (slots != null && !WheelMaker.nameFor(attribute).isEmpty()) {
            wheels.know(WheelMaker.nameFor(attribute), slots);
        }
        var doubts = new ArrayList<String>();
        return new RangeMeaning(Functions.of(attribute, words, rows, bytes, exact, wheels, doubts), wheels.wheels(), doubts);
    }

    /** {@return what the wheel of an attribute is called among the proposals; empty if it selects from none} */
    public static String wheelOf(String attribute) {
        return WheelMaker.nameFor(attribute);
    }
}
