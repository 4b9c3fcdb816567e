package yellowkite.core.body;

import java.util.stream.Stream;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.Model.Primitive;
import yellowkite.core.xml.Source;

/** What is put onto a fixture and is no fixture: figures of our own, to be set right by whoever has one on the scales. */
public enum Accessory {
    /** Carries a standing fixture. */
    STAND("Stand", 4.5, 0.6, 0.6, 1.2, Primitive.Cylinder, 0.6),
    /** Keeps the rain off. */
    RAIN_HOOD("Rain hood", 1.8, 0.7, 0.7, 0.35, Primitive.Sphere, 0),
    /** A tube before the lens that keeps stray light in. */
    SNOOT("Snoot", 0.6, 0.2, 0.2, 0.25, Primitive.Cylinder, -0.125);

    private final String called;
    private final double weight;
    private final double length;
    private final double width;
    private final double height;
    private final Primitive primitive;
    private final double z;

    Accessory(String called, double weight, double length, double width, double height, Primitive primitive, double z) {
        this.called = called;
        this.weight = weight;
        this.length = length;
        this.width = width;
        this.height = height;
        this.primitive = primitive;
        this.z = z;
    }

    public String called() {
        return called;
    }

    /** {@return kg} */
    public double weight() {
        return weight;
    }

    /** {@return where it stands on the part that it is put onto} */
    public Place place() {
        return new Place(0, 0, z);
    }

    /** {@return kg of the accessories among a part and what stands in it, known by their models} */
    public static double weightIn(Geometry part) {
        return part.walk()
            .flatMap(each -> Stream.of(values()).filter(accessory -> accessory.called.equals(each.model())))
            .mapToDouble(Accessory::weight)
            .sum();
    }

    public Model model() {
        return new Model(called, length, width, height, primitive, "", Model.SvgOffsets.NONE, Source.NONE);
    }
}
