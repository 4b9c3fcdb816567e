package yellowkite.core.chart.meaning;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.profile.DmxValue;

/**
 * The value that a channel starts at: what the chart says, else what harms nobody. @param why part of a sentence; empty if the chart says
 * it
 */
record Starts(@Nullable Long value, String why) {
    static Starts of(String attribute, List<Row> rows, List<FunctionProposal> functions, int bytes, boolean additive, boolean hasDimmer) {
        var stated = rows.stream().map(Row::start).filter(each -> !each.isEmpty()).findFirst().flatMap(Values::of);
        if (stated.isPresent()) {
            return new Starts(scaled(stated.get(), bytes), "");
        }
        if (attribute.startsWith("Shutter")) {
            var open = functions.stream()
                .filter(each -> each.attribute().equals(attribute) && each.physicalFrom() == 1 && each.physicalTo() == 1)
                .findFirst();
            return open.isPresent() ? new Starts(open.get().from(), "the chart names no start value, so it starts open")
                    : new Starts(0L, "the chart names no start value, so it starts at 0");
        }
        if (attribute.equals("Pan") || attribute.equals("Tilt")) {
            return new Starts((DmxValue.max(bytes) + 1) / 2, "the chart names no start value, so it starts in the middle");
        }
        if (attribute.startsWith("ColorAdd_") && additive && hasDimmer) {
            return new Starts(DmxValue.max(bytes), "the chart names no start value, so it starts at full");
        }
        if (attribute.endsWith("MSpeed")) {
            return new Starts(fastest(functions), "the chart names no start value, so it starts at its fastest");
        }
        var nothing = functions.stream().filter(each -> each.attribute().equals("NoFeature")).findFirst();
        if (nothing.isPresent() && attribute.startsWith("Control")) {
            return new Starts(nothing.get().from(), "the chart names no start value, so it starts where nothing happens");
        }
        return new Starts(0L, "the chart names no start value, so it starts at 0");
    }

    /** A speed that is a time is fastest where the time is shortest. */
    private static long fastest(List<FunctionProposal> functions) {
        var first = functions.isEmpty() ? null : functions.getFirst();
        return first == null || first.physicalFrom() <= first.physicalTo() || first.unit() != yellowkite.core.profile.PhysicalUnit.Time ? 0
                : first.to();
    }

    private static long scaled(Values values, int bytes) {
        long max = DmxValue.max(bytes);
        if (values.percent()) {
            return Math.round(Math.min(100, values.from()) / 100 * max);
        }
        long value = (long) values.from();
        return value <= 255 && bytes > 1 ? value == 255 ? max : value << 8 * (bytes - 1) : Math.min(value, max);
    }
}
