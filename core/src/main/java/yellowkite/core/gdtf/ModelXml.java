package yellowkite.core.gdtf;

import yellowkite.core.profile.Model;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code Model}. */
final class ModelXml {
    private static final TextForm<Model.Primitive> PRIMITIVE = TextForm.names(Model.Primitive.class);

    private ModelXml() {}

    static Model read(ElementReader in) {
        return new Model(in.text("Name"), number(in, "Length"), number(in, "Width"), number(in, "Height"),
                in.value("PrimitiveType", PRIMITIVE, Model.Primitive.Undefined), in.text("File"),
                new Model.SvgOffsets(number(in, "SVGOffsetX"), number(in, "SVGOffsetY"), number(in, "SVGSideOffsetX"),
                        number(in, "SVGSideOffsetY"),
                        number(in, "SVGFrontOffsetX"), number(in, "SVGFrontOffsetY")),
                in.source());
    }

    private static double number(ElementReader in, String attribute) {
        return in.value(attribute, TextForm.NUMBER, 0.0);
    }

    static ElementWriter write(Model model) {
        var svg = model.svg();
        return new ElementWriter("Model", model.source())
            .text("Name", model.name())
            .value("Length", TextForm.NUMBER, model.length(), 0.0)
            .value("Width", TextForm.NUMBER, model.width(), 0.0)
            .value("Height", TextForm.NUMBER, model.height(), 0.0)
            .value("PrimitiveType", PRIMITIVE, model.primitiveType(), Model.Primitive.Undefined)
            .text("File", model.file())
            .value("SVGOffsetX", TextForm.NUMBER, svg.x(), 0.0)
            .value("SVGOffsetY", TextForm.NUMBER, svg.y(), 0.0)
            .value("SVGSideOffsetX", TextForm.NUMBER, svg.sideX(), 0.0)
            .value("SVGSideOffsetY", TextForm.NUMBER, svg.sideY(), 0.0)
            .value("SVGFrontOffsetX", TextForm.NUMBER, svg.frontX(), 0.0)
            .value("SVGFrontOffsetY", TextForm.NUMBER, svg.frontY(), 0.0);
    }
}
