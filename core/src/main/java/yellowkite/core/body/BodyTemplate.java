package yellowkite.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry.BeamType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.Model.Primitive;
import yellowkite.core.xml.Source;

/** Bodies of our own drawing to begin from. Each hangs from the origin, its front towards the one who looks, its light straight down. */
public enum BodyTemplate {
    /** One lens in a housing that does not move. */
    STATIC("Static fixture", 0.3, 0.3, 0.4),
    /** A head in a yoke on a base. */
    MOVING_HEAD("Moving head with yoke", 0.4, 0.35, 0.65),
    /** A housing that lies, with a mirror before it. */
    MIRROR_SCANNER("Mirror scanner", 0.3, 0.7, 0.25),
    /** Cells in a row. */
    BATTEN("Batten of cells", 1, 0.1, 0.15),
    /** Cells in rows and columns. */
    PANEL("Panel of cells", 0.5, 0.5, 0.1),
    /** Cells in a circle. */
    RING("Ring of cells", 0.5, 0.5, 0.1),
    /** One long lens. */
    STRIP_LIGHT("Strip light", 1, 0.1, 0.12),
    /** A few large lamps in rows. */
    BLINDER("Blinder", 0.5, 0.5, 0.2),
    /** A box that gives no light. */
    MACHINE("Machine without light", 0.5, 0.35, 0.3);

    private static final String BASE = "Base";
    private static final String CELL = "Cell";
    private static final BeamDetails LENS = BeamDetails.DEFAULT;

    private final String called;
    private final double length;
    private final double width;
    private final double height;

    BodyTemplate(String called, double length, double width, double height) {
        this.called = called;
        this.length = length;
        this.width = width;
        this.height = height;
    }

    public String called() {
        return called;
    }

    /** {@return the size that such a fixture often has, to begin from} */
    public Size usual() {
        return new Size(length, width, height);
    }

    /**
     * What a template is built to.
     *
     * @param length metres from left to right. @param width from front to back. @param height from top to bottom, at rest
     * @param cells how many; of no matter without cells. @param columns cells in a row of a panel or blinder
     * @param spacing addresses from one cell to the next
     */
    public record Size(double length, double width, double height, int cells, int columns, int spacing) {
        /** A single light of that size. */
        public Size(double length, double width, double height) {
            this(length, width, height, 1, 1, 1);
        }
    }

    /** @param top the body. @param cell what its references repeat; null without cells. @param models of all of them */
    public record Drawn(Geometry.Part top, Geometry.@Nullable Part cell, List<Model> models) {
        public Drawn {
            models = List.copyOf(models);
        }
    }

    public boolean hasCells() {
        return this == BATTEN || this == PANEL || this == RING || this == BLINDER;
    }

    /** {@return whether its cells stand in rows and columns} */
    public boolean hasColumns() {
        return this == PANEL || this == BLINDER;
    }

    /** {@return the body in that size} */
    public Drawn draw(Size size) {
        return switch (this) {
            case STATIC -> single(size, Primitive.Conventional, BeamType.Fresnel);
            case STRIP_LIGHT -> single(size, Primitive.Cube, BeamType.Rectangle);
            case MACHINE -> new Drawn(part(Kind.Geometry, BASE, BASE, 0, 0), null, List.of(housing(size, Primitive.Base)));
            case MOVING_HEAD -> movingHead(size);
            case MIRROR_SCANNER -> scanner(size);
            case BATTEN -> celled(size, CellLayout.row(size.length() / size.cells()));
            case PANEL, BLINDER -> {
                int rows = (size.cells() + size.columns() - 1) / size.columns();
                yield celled(size,
                        new CellLayout(CellLayout.Form.GRID, size.columns(), size.length() / size.columns(), size.width() / rows));
            }
            case RING -> celled(size, new CellLayout(CellLayout.Form.RING, 1,
                    0.85 * size.length() * Math.sin(Math.PI / Math.max(2, size.cells())), 0));
        };
    }

    private static Drawn single(Size size, Primitive primitive, BeamType beam) {
        double down = primitive == Primitive.Cube ? -size.height() / 2 : -size.height();
        var lens = beam("Beam", down, Math.min(size.length(), size.width()) * 0.4, beam);
        var top = primitive == Primitive.Cube
                ? part(Kind.Geometry, BASE, "", 0, 0, part(Kind.Geometry, "Housing", BASE, 0, down, lens))
                : part(Kind.Geometry, BASE, BASE, 0, 0, lens);
        return new Drawn(top, null, List.of(housing(size, primitive)));
    }

    private static Drawn movingHead(Size size) {
        double h = size.height();
        var head = part(Kind.Axis, "Head", "Head", 0, -0.42 * h,
                beam("Beam", -0.33 * h, 0.25 * Math.min(size.length(), size.width()), BeamType.Spot));
        var yoke = part(Kind.Axis, "Yoke", "Yoke", 0, -0.25 * h, head);
        return new Drawn(part(Kind.Geometry, BASE, BASE, 0, 0, yoke), null,
                List.of(model(BASE, size.length(), size.width(), 0.25 * h, Primitive.Base),
                        model("Yoke", size.length(), 0.4 * size.width(), 0.5 * h, Primitive.Yoke),
                        model("Head", 0.7 * size.length(), 0.7 * size.width(), 0.66 * h, Primitive.Head)));
    }

    private static Drawn scanner(Size size) {
        double mirror = Math.min(size.length(), size.height());
        var tilt = part(Kind.Axis, "Mirror tilt", "Mirror", 0, 0, beam("Beam", -0.05 * mirror, 0.2 * mirror, BeamType.Spot));
        var pan = part(Kind.Axis, "Mirror pan", "", -0.6 * size.width(), -size.height() / 2, tilt);
        return new Drawn(part(Kind.Geometry, BASE, BASE, 0, 0, pan), null, List.of(housing(size, Primitive.Scanner),
                model("Mirror", 0.5 * mirror, 0.04 * mirror, 0.5 * mirror, Primitive.Cube)));
    }

    private static Drawn celled(Size size, CellLayout layout) {
        var places = layout.places(size.cells());
        var references = new ArrayList<Geometry>();
        IntStream.range(0, size.cells())
            .forEach(i -> references.add(new Geometry.Reference(CELL + " " + (i + 1), "",
                    Frames.matrix(new Place(places.get(i).x(), places.get(i).y(), -size.height())), CELL,
                    List.of(new Geometry.Break(1 + i * size.spacing(), 1, Source.NONE)), Source.NONE)));
        double across = 0.8 * Math.min(layout.pitch(), layout.form() == CellLayout.Form.GRID ? layout.rowPitch() : size.width());
        var cell = beam(CELL, 0, across / 2, BeamType.Wash).withModel(CELL);
        return new Drawn(part(Kind.Geometry, BASE, "", 0, 0, join(part(Kind.Geometry, "Housing", BASE, 0, -size.height() / 2), references)),
                cell,
                List.of(housing(size, Primitive.Cube), model(CELL, across, across, 0.02, Primitive.Cylinder)));
    }

    private static Geometry[] join(Geometry first, List<Geometry> others) {
        var all = new ArrayList<Geometry>(List.of(first));
        all.addAll(others);
        return all.toArray(Geometry[]::new);
    }

    private static Model housing(Size size, Primitive primitive) {
        return model(BASE, size.length(), size.width(), size.height(), primitive);
    }

    private static Model model(String name, double length, double width, double height, Primitive primitive) {
        return new Model(name, tidy(length), tidy(width), tidy(height), primitive, "", Model.SvgOffsets.NONE, Source.NONE);
    }

    private static Geometry.Part part(Kind kind, String name, String model, double y, double z, Geometry... children) {
        return new Geometry.Part(kind, name, model, Frames.matrix(new Place(0, tidy(y), tidy(z))), Geometry.NoDetails.NONE,
                List.of(children),
                Source.NONE);
    }

    private static Geometry.Part beam(String name, double z, double radius, BeamType type) {
        return new Geometry.Part(Kind.Beam, name, "", Frames.matrix(new Place(0, 0, tidy(z))), lens(radius, type), List.of(), Source.NONE);
    }

    private static BeamDetails lens(double radius, BeamType type) {
        return new BeamDetails(LENS.lampType(), LENS.powerConsumption(), LENS.luminousFlux(), LENS.colorTemperature(), LENS.beamAngle(),
                LENS.fieldAngle(), LENS.throwRatio(), LENS.rectangleRatio(), tidy(radius), type, LENS.colorRenderingIndex(),
                LENS.emitterSpectrum());
    }

    private static double tidy(double metres) {
        return Math.round(metres * 1e4) / 1e4 + 0.0;
    }
}
