package yellowkite.core.profile;

import java.util.List;
import yellowkite.core.xml.Source;

/** The colours that a fixture can reach, as the corners of a shape in the chromaticity diagram: GDTF {@code Gamut}. */
public record Gamut(String name, List<ColorCie> points, Source source) {
    public Gamut {
        points = List.copyOf(points);
    }
}
