package yellowkite.core.profile;

import java.util.List;
import yellowkite.core.xml.Source;

/**
 * How a facet is turned. Source: GDTF value type "Rotation".
 *
 * @param cells nine finite numbers, row by row
 * @throws IllegalArgumentException if there are not nine
 */
public record Rotation(List<Double> cells) {
    public static final Rotation NONE = new Rotation(List.of(1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0));

    public Rotation {
        cells = List.copyOf(cells);
        Require.inRange("cells", cells.size(), 9, 9);
    }
}
