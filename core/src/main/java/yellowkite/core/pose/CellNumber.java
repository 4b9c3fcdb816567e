package yellowkite.core.pose;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import org.joml.Vector3d;
import org.joml.Vector3dc;
import yellowkite.core.profile.Geometry;

/**
 * The number of a cell, where it stands.
 *
 * @param number as it is counted in its block; of a cell in cells those around it go before: 2.3. @param at in the room, metres
 */
public record CellNumber(String number, Vector3dc at) {
    /** More than this only cover each other. */
    private static final int MOST = 200;

    /** A block: what is repeated, and the cell that it is in. @param around place among all parts; -1 for none */
    private record Block(int around, String repeated) {}

    /** {@return of each cell that has no cells in it, in the body's order} */
    static List<CellNumber> of(List<Pose.Stood> parts) {
        var counted = new HashMap<Block, Integer>();
        var numbers = new LinkedHashMap<Integer, String>(); // by place, of cells that have no others in them so far
        var all = new HashMap<Integer, String>();
        var cellOf = new int[parts.size()];
        for (int i = 0; i < cellOf.length; i++) {
            int around = parts.get(i).outer() < 0 ? -1 : cellOf[parts.get(i).outer()];
            cellOf[i] = around;
            if (parts.get(i).geometry() instanceof Geometry.Reference cell) {
                int number = counted.merge(new Block(around, cell.geometry()), 1, Integer::sum);
                numbers.remove(around);
                numbers.put(i, all.containsKey(around) ? all.get(around) + "." + number : "" + number);
                all.put(i, numbers.get(i));
                cellOf[i] = i;
            }
        }
        return numbers.entrySet()
            .stream()
            .limit(MOST)
            .map(each -> new CellNumber(each.getValue(), parts.get(each.getKey()).frame().transformPosition(new Vector3d())))
            .toList();
    }
}
