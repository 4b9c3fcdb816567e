package yellowkite.core.gdtf;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.XmlNode;

/** The geometry elements, {@code GeometryReference} and {@code Break}. */
final class GeometryXml {
    private static final String REFERENCE = "GeometryReference";
    private static final Set<String> NAMES = Stream.concat(Stream.of(REFERENCE),
            Arrays.stream(Geometry.Kind.values()).map(Enum::name)).collect(Collectors.toUnmodifiableSet());

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
        return in.name().equals(REFERENCE)
                ? new Geometry.Reference(name, model, in.text("Geometry"), in.children("Break", GeometryXml::readBreak), in.source())
                : new Geometry.Part(Geometry.Kind.valueOf(in.name()), name, model, readAll(in), in.source());
    }

    private static XmlNode.Element write(Geometry geometry) {
        return switch (geometry) {
            case Geometry.Reference reference -> new ElementWriter(REFERENCE, reference.source())
                    .text("Name", reference.name())
                    .text("Model", reference.model())
                    .text("Geometry", reference.geometry())
                    .children("Break", reference.breaks(), GeometryXml::writeBreak)
                    .done();
            case Geometry.Part part -> {
                var out = new ElementWriter(part.kind().name(), part.source())
                        .text("Name", part.name())
                        .text("Model", part.model());
                writeAll(part.children(), out);
                yield out.done();
            }
        };
    }

    private static Geometry.Break readBreak(ElementReader in) {
        return new Geometry.Break(in.value("DMXOffset", TextForm.BREAK_OFFSET, 1), in.value("DMXBreak", TextForm.INTEGER, 1),
                in.source());
    }

    private static XmlNode.Element writeBreak(Geometry.Break each) {
        return new ElementWriter("Break", each.source())
                .value("DMXOffset", TextForm.BREAK_OFFSET, each.dmxOffset(), 1)
                .value("DMXBreak", TextForm.INTEGER, each.dmxBreak(), 1)
                .done();
    }
}
