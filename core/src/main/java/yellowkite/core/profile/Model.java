package yellowkite.core.profile;

import yellowkite.core.xml.Source;

/**
 * The shape of a part: GDTF {@code Model}.
 *
 * @param length m, as are width and height
 * @param file name of its files in the archive's {@code models/} folders, without the ending; empty = none
 * @param svg where the part's origin lies in its drawings
 */
public record Model(String name, double length, double width, double height, Primitive primitiveType, String file, SvgOffsets svg,
        Source source) {

    public Model withName(String to) {
        return new Model(to, length, width, height, primitiveType, file, svg, source);
    }

    public Model withFile(String to) {
        return new Model(name, length, width, height, primitiveType, to, svg, source);
    }

    public Model withSvg(SvgOffsets to) {
        return new Model(name, length, width, height, primitiveType, file, to, source);
    }

    /** By the standard's names. */
    public enum Primitive {
        Undefined, Cube, Cylinder, Sphere, Base, Yoke, Head, Scanner, Conventional, Pigtail, Base1_1, Scanner1_1, Conventional1_1
    }

    /** Offsets in the drawing from above, from the side and from the front. */
    public record SvgOffsets(double x, double y, double sideX, double sideY, double frontX, double frontY) {
        public static final SvgOffsets NONE = new SvgOffsets(0, 0, 0, 0, 0, 0);
    }
}
