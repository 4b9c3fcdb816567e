package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Spans;

/** Values of a function that no named range explains. */
public final class Holes {
    private Holes() {}

    /**
     * One hole, both ends included.
     *
     * @param range the range without a name that stands for it; null before the first range
     * @param closes lets a neighbour take its values
     */
    public record Hole(long from, long to, @Nullable Integer range, Edit closes) {}

    /** {@return the holes of a function that has named ranges, in order} One without any is not full of holes: its name explains it. */
    public static List<Hole> of(Spans.FunctionSpan span) {
        var ranges = span.ranges()
            .stream()
            .filter(each -> each.from() <= each.to())
            .sorted(java.util.Comparator.comparingLong(Spans.RangeSpan::from))
            .toList();
        var holes = new ArrayList<Hole>();
        if (!ranges.isEmpty() && ranges.getFirst().from() > span.from()) {
            holes.add(new Hole(span.from(), ranges.getFirst().from() - 1, null,
                    new MoveRangeStart(ranges.getFirst().range().id(), span.from())));
        }
        for (int i = 0; i < ranges.size(); i++) {
            var range = ranges.get(i);
            if (range.range().name().isEmpty() && range.range().slot() == 0 && (i > 0 || ranges.size() > 1)) {
                var remove = new RemoveRange(range.range().id());
                holes.add(new Hole(range.from(), range.to(), range.range().id(),
                        i > 0 ? remove : new Several(List.of(remove, new MoveRangeStart(ranges.get(1).range().id(), range.from())))));
            }
        }
        return holes;
    }
}
