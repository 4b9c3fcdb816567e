package yellowkite.core.gdtf;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.Source;
import yellowkite.core.xml.TextForm;

/** The geometry elements, {@code GeometryReference} and {@code Break}. */
final class GeometryXml {
    private static final String REFERENCE = "GeometryReference";
    private static final Set<String> NAMES = Stream.concat(Stream.of(REFERENCE),
            Arrays.stream(Geometry.Kind.values()).map(Enum::name))
        .collect(Collectors.toUnmodifiableSet());

    private GeometryXml() {}

    static List<Geometry> readAll(ElementReader in) {
        return in.children("geometry", NAMES, GeometryXml::read);
    }

    static void writeAll(List<Geometry> geometries, ElementWriter out) {
        out.children("geometry", geometries, GeometryXml::write);
    }

    private static Geometry read(ElementReader in) {
        var name = in.text("Name");
        var model = in.text("Model");
        var position = in.value("Position", GdtfForm.MATRIX, Matrix.IDENTITY);
        if (in.name().equals(REFERENCE)) {
            return new Geometry.Reference(name, model, position, in.text("Geometry"), in.children("Break", GeometryXml::readBreak),
                    in.source());
        }
        var kind = Geometry.Kind.valueOf(in.name());
        return new Geometry.Part(kind, name, model, position, DetailsXml.read(kind, in), readAll(in), in.source());
    }

    private static ElementWriter write(Geometry geometry) {
        return switch (geometry) {
            case Geometry.Reference reference ->
                placed(REFERENCE, reference.name(), reference.model(), reference.position(), reference.source())
                    .text("Geometry", reference.geometry())
                    .children("Break", reference.breaks(), GeometryXml::writeBreak);
            case Geometry.Part part -> {
                var out = placed(part.kind().name(), part.name(), part.model(), part.position(), part.source());
                DetailsXml.write(part.details(), out);
                writeAll(part.children(), out);
                yield out;
            }
        };
    }

    private static ElementWriter placed(String element, String name, String model, Matrix position, Source source) {
        return new ElementWriter(element, source).text("Name", name)
            .text("Model", model)
            .value("Position", GdtfForm.MATRIX, position, Matrix.IDENTITY);
    }

    private static Geometry.Break readBreak(ElementReader in) {
        return new Geometry.Break(in.value("DMXOffset", GdtfForm.BREAK_OFFSET, 1), in.value("DMXBreak", TextForm.INTEGER, 1),
                in.source());
    }

    private static ElementWriter writeBreak(Geometry.Break each) {
        return new ElementWriter("Break", each.source())
            .value("DMXOffset", GdtfForm.BREAK_OFFSET, each.dmxOffset(), 1)
            .value("DMXBreak", TextForm.INTEGER, each.dmxBreak(), 1);
    }
}
