package yellowkite.core.shape;

import java.util.List;
import yellowkite.core.profile.Model;

/**
 * The shapes that the standard names without a file, drawn by us: the standard says their names and sizes only. What hangs (base, yoke, a
 * conventional fixture) hangs below its origin; all others have it in their middle.
 */
public final class Primitives {
    /** A part without a size is drawn so large, in metres: seen, and never taken for a stated one. */
    private static final double UNSAID = 0.1;
    private static final int DARK = 0x2b3136;
    private static final int GREY = 0x3d454b;
    private static final int PALE = 0x55606a;

    private Primitives() {}

    /** {@return the shape of a model that has no file; a box for what is not known} */
    public static Shape of(Model model) {
        return of(model.primitiveType(), said(model.length()), said(model.width()), said(model.height()));
    }

    private static double said(double size) {
        return size > 0 ? size : UNSAID;
    }

    private static Shape of(Model.Primitive primitive, double l, double w, double h) {
        return new Shape(switch (primitive) {
            case Undefined, Cube -> List.of(Solids.box(-l / 2, -w / 2, -h / 2, l / 2, w / 2, h / 2, GREY));
            case Cylinder -> List.of(Solids.cylinder(l, w, -h / 2, h / 2, 1, GREY));
            case Sphere -> List.of(Solids.sphere(l, w, h, GREY));
            case Base, Base1_1 -> List.of(Solids.box(-l / 2, -w / 2, -h, l / 2, w / 2, -0.15 * h, DARK),
                    Solids.box(-0.4 * l, -0.3 * w, -0.15 * h, 0.4 * l, 0.3 * w, 0, GREY));
            case Yoke -> List.of(Solids.box(-l / 2, -w / 2, -0.16 * h, l / 2, w / 2, 0, GREY),
                    Solids.box(-l / 2, -w / 2, -h, -0.4 * l, w / 2, -0.16 * h, GREY),
                    Solids.box(0.4 * l, -w / 2, -h, l / 2, w / 2, -0.16 * h, GREY));
            case Head -> List.of(Solids.cylinder(l, w, -0.1 * h, h / 2, 0.8, DARK), Solids.cylinder(l, w, -h / 2, -0.1 * h, 1, PALE));
            case Scanner, Scanner1_1 -> List.of(Solids.box(-l / 2, -w / 2, -h, l / 2, w / 2, 0, DARK),
                    Solids.box(-0.2 * l, -0.56 * w, -0.8 * h, 0.2 * l, -w / 2, -0.2 * h, PALE));
            case Conventional, Conventional1_1 -> List.of(Solids.cylinder(l, w, -h, -0.2 * h, 0.9, DARK),
                    Solids.cylinder(0.7 * l, 0.7 * w, -0.2 * h, 0, 0.6, GREY));
            case Pigtail -> List.of(Solids.cylinder(l, w, -h, 0, 1, PALE));
        });
    }
}
