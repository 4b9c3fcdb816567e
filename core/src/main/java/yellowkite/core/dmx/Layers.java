package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.List;

/**
 * Functions that share values, since they are active in different situations, are drawn under each other: in rows of which none overlaps
 * itself.
 */
public final class Layers {
    private Layers() {}

    /** What lies from one value to another, both included. */
    public record Span(long from, long to) {
        boolean meets(Span other) {
            return from <= other.to && other.from <= to;
        }
    }

    /** {@return the row of each span, 0 = the uppermost: the first in which none of those before it lies in its way} */
    public static List<Integer> of(List<Span> spans) {
        var rows = new ArrayList<List<Span>>();
        var layers = new ArrayList<Integer>();
        for (var span : spans) {
            int row = 0;
            while (row < rows.size() && rows.get(row).stream().anyMatch(span::meets)) {
                row++;
            }
            if (row == rows.size()) {
                rows.add(new ArrayList<>());
            }
            rows.get(row).add(span);
            layers.add(row);
        }
        return layers;
    }
}
