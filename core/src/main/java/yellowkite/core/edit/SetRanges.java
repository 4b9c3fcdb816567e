package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.xml.Source;

/** Gives a function these named ranges instead of the ones it had. They begin within it, each at a value of its own. */
public record SetRanges(int function, List<Row> ranges) implements Edit {
    private static final int MOST = 2_000;

    /** @param from raw value in the channel's own width. @param slot 0 = none. Physical ends: both null = on the function's line */
    public record Row(long from, String name, @Nullable Double physicalFrom, @Nullable Double physicalTo, int slot) {}

    public SetRanges {
        ranges = List.copyOf(ranges);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            if (ranges.size() > MOST) {
                return Located.rejected("ranges", "A function has at most " + MOST + " named ranges.");
            }
            var span = at.span();
            int slots = before.findWheel(at.function().wheel()).map(wheel -> wheel.slots().size()).orElse(0);
            var sorted = ranges.stream().sorted(Comparator.comparingLong(Row::from)).toList();
            var after = new ArrayList<NamedRange>();
            for (var row : sorted) {
                if (row.from() < span.from() || row.from() > span.to()) {
                    return Located.rejected("ranges", "'" + at.name() + "' runs from " + span.from() + " to " + span.to() + "; '"
                            + row.name() + "' at " + row.from() + " is outside.");
                }
                if (!after.isEmpty() && after.getLast().dmxFrom().raw() == row.from()) {
                    return Located.rejected("ranges",
                            "'" + after.getLast().name() + "' and '" + row.name() + "' both start at " + row.from() + ".");
                }
                if (row.slot() < 0 || row.slot() > slots) {
                    return Located.rejected("ranges", "'" + row.name() + "' points at slot " + row.slot() + "; there are " + slots + ".");
                }
                if ((row.physicalFrom() == null) != (row.physicalTo() == null)
                        || row.physicalFrom() != null && !(Double.isFinite(row.physicalFrom()) && Double.isFinite(row.physicalTo()))) {
                    return Located.rejected("ranges", "'" + row.name() + "' has both physical ends, as finite numbers, or neither.");
                }
                var refusal = Names.refusal("ranges", row.name());
                if (refusal.isPresent()) {
                    return refusal.get();
                }
                after.add(new NamedRange(before.nextId() + after.size(), row.name(), new DmxValue(row.from(), at.channel().bytes()),
                        row.physicalFrom(), row.physicalTo(), row.slot(),
                        List.of(), Source.NONE));
            }
            return Located.applied(at.replace(at.function().with(f -> f.ranges = after)).with(f -> f.nextId += after.size()));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Named ranges" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + ": " + ranges.size();
    }
}
