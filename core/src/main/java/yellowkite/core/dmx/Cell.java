package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import yellowkite.core.body.BodyMap;

/**
 * A cell of a mode: what stands under a reference, or under references in references.
 *
 * @param path names of the references that lead there, outermost first. @param channels ids of those that act in it, in document order
 */
public record Cell(List<String> path, List<Integer> channels) {
    /** What has more is not moved cell by cell. */
    public static final int MOST = 1_024;
    /** What is nested further moves with what is around it. */
    static final int DEEPEST = 8;

    public Cell {
        path = List.copyOf(path);
        channels = List.copyOf(channels);
    }

    /** {@return its name among all cells, in words} */
    public String called() {
        return BodyMap.way(path);
    }

    /** {@return the cells in which a channel acts, each behind those around it; the first {@link #MOST}} */
    public static List<Cell> of(AddressMap map) {
        var cells = new LinkedHashMap<List<String>, Set<Integer>>();
        for (var placed : map.channels()) {
            for (int depth = 1; depth <= Math.min(placed.path().size(), DEEPEST); depth++) {
                var path = placed.path().subList(0, depth);
                if (cells.size() < MOST || cells.containsKey(path)) {
                    cells.computeIfAbsent(path, first -> new LinkedHashSet<>()).add(placed.channel().id());
                }
            }
        }
        var all = new ArrayList<Cell>();
        cells.forEach((path, channels) -> all.add(new Cell(path, List.copyOf(channels))));
        return all;
    }
}
