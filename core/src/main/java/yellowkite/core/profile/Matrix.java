package yellowkite.core.profile;

import java.util.List;
import yellowkite.core.xml.Source;

/**
 * Where a geometry stands on its parent. Source: GDTF value type "Matrix".
 *
 * @param cells 16 finite numbers, row by row; the last column holds the translation in metres
 * @throws IllegalArgumentException if there are not 16
 */
public record Matrix(List<Double> cells) {
    public static final Matrix IDENTITY = new Matrix(
            List.of(1.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 1.0));

    public Matrix {
        cells = List.copyOf(cells);
        Require.inRange("cells", cells.size(), 16, 16);
    }
}
