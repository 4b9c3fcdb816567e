package yellowkite.core.colour;

import java.util.List;
import java.util.stream.IntStream;

/** The CIE 1976 u'v' diagram, to be drawn: what can be seen, and where the black bodies lie. */
public final class Diagram {
    /** The square of the diagram that holds every colour: u' and v' from 0 to this. */
    public static final double SPAN = 0.64;
    private static final int[] KELVIN = {1_500, 2_000, 2_700, 3_200, 4_000, 5_000, 6_500, 10_000, 20_000};

    private Diagram() {}

    /** {@return the black bodies of a few round temperatures, warmest first} */
    public static List<Temperature> blackBodies() {
        return IntStream.of(KELVIN).mapToObj(kelvin -> new Temperature(kelvin, 0)).toList();
    }

    /**
     * {@return the diagram as the screen can show it, row by row from the top, 0xAARRGGBB; transparent where nothing can be seen} @param
     * side in pixels
     */
    public static int[] picture(int side) {
        var locus = new Hull(Observer.locus());
        var pixels = new int[side * side];
        for (int row = 0; row < side; row++) {
            for (int column = 0; column < side; column++) {
                var color = Chromaticity.ofUv((column + 0.5) / side * SPAN, (side - row - 0.5) / side * SPAN);
                if (color.y() > 0 && inside(locus.corners(), color)) {
                    pixels[row * side + column] = 0xFF000000 | Integer.parseInt(Srgb.hueOf(color.at(1)).hex().substring(1), 16);
                }
            }
        }
        return pixels;
    }

    /** By counting the edges that a ray to the right crosses. */
    private static boolean inside(List<Chromaticity> edge, Chromaticity color) {
        boolean inside = false;
        for (int i = 0; i < edge.size(); i++) {
            var a = edge.get(i);
            var b = edge.get((i + 1) % edge.size());
            if (a.v() > color.v() != b.v() > color.v() && color.u() < a.u() + (color.v() - a.v()) / (b.v() - a.v()) * (b.u() - a.u())) {
                inside = !inside;
            }
        }
        return inside;
    }
}
