package yellowkite.core.gdtf;

import java.util.List;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry.BeamType;
import yellowkite.core.profile.Geometry.Details;
import yellowkite.core.profile.Geometry.DisplayDetails;
import yellowkite.core.profile.Geometry.LaserDetails;
import yellowkite.core.profile.Geometry.StructureDetails;
import yellowkite.core.profile.Geometry.SupportDetails;
import yellowkite.core.profile.Geometry.WiringDetails;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** What only one kind of geometry has. */
final class DetailsXml {
    private static final TextForm<BeamType> BEAM_TYPE = TextForm.names(BeamType.class);
    private static final BeamDetails BEAM = BeamDetails.DEFAULT;
    /** Along them, then about them. */
    private static final List<String> AXES = List.of("X", "Y", "Z", "XX", "YY", "ZZ");

    private DetailsXml() {}

    static Details read(Geometry.Kind kind, ElementReader in) {
        return switch (kind) {
            case Beam -> readBeam(in);
            case Display -> new DisplayDetails(in.text("Texture"));
            case Laser ->
                new LaserDetails(in.text("ColorType"), number(in, "Color", 0), number(in, "OutputStrength", 0), in.text("Emitter"),
                        number(in, "BeamDiameter", 0), number(in, "BeamDivergenceMin", 0), number(in, "BeamDivergenceMax", 0),
                        number(in, "ScanAnglePan", 0),
                        number(in, "ScanAngleTilt", 0), number(in, "ScanSpeed", 0),
                        in.children("Protocol", each -> new Geometry.LaserProtocol(each.text("Name"), each.source())));
            case WiringObject -> WiringXml.read(in);
            case Inventory -> new Geometry.InventoryDetails(in.value("Count", TextForm.INTEGER, 1));
            case Structure -> new StructureDetails(in.text("LinkedGeometry"), in.text("StructureType"), in.text("CrossSectionType"),
                    number(in, "CrossSectionHeight", 0), number(in, "CrossSectionWallThickness", 0), in.text("TrussCrossSection"));
            case Support -> new SupportDetails(in.text("SupportType"), in.text("RopeCrossSection"), in.text("RopeOffset"),
                    AXES.stream().map(axis -> number(in, "Capacity" + axis, 0)).toList(),
                    AXES.stream().map(axis -> number(in, "Resistance" + axis, 0)).toList());
            default -> Geometry.NoDetails.NONE;
        };
    }

    private static BeamDetails readBeam(ElementReader in) {
        return new BeamDetails(in.has("LampType") ? in.text("LampType") : BEAM.lampType(),
                number(in, "PowerConsumption", BEAM.powerConsumption()),
                number(in, "LuminousFlux", BEAM.luminousFlux()), number(in, "ColorTemperature", BEAM.colorTemperature()),
                number(in, "BeamAngle", BEAM.beamAngle()), number(in, "FieldAngle", BEAM.fieldAngle()),
                number(in, "ThrowRatio", BEAM.throwRatio()),
                number(in, "RectangleRatio", BEAM.rectangleRatio()), number(in, "BeamRadius", BEAM.beamRadius()),
                in.value("BeamType", BEAM_TYPE, BEAM.beamType()), number(in, "ColorRenderingIndex", BEAM.colorRenderingIndex()),
                in.text("EmitterSpectrum"));
    }

    private static double number(ElementReader in, String attribute, double otherwise) {
        return in.value(attribute, TextForm.NUMBER, otherwise);
    }

    static void write(Details details, ElementWriter out) {
        switch (details) {
            case Geometry.NoDetails none -> {
            }
            case BeamDetails beam -> writeBeam(beam, out);
            case DisplayDetails display -> out.text("Texture", display.texture());
            case LaserDetails laser -> writeLaser(laser, out);
            case WiringDetails wiring -> WiringXml.write(wiring, out);
            case Geometry.InventoryDetails inventory -> out.value("Count", TextForm.INTEGER, inventory.count(), 1);
            case StructureDetails structure -> out.text("LinkedGeometry", structure.linkedGeometry())
                .text("StructureType", structure.structureType())
                .text("CrossSectionType", structure.crossSectionType())
                .value("CrossSectionHeight", TextForm.NUMBER, structure.crossSectionHeight(), 0.0)
                .value("CrossSectionWallThickness", TextForm.NUMBER, structure.crossSectionWallThickness(), 0.0)
                .text("TrussCrossSection", structure.trussCrossSection());
            case SupportDetails support -> writeSupport(support, out);
        }
    }

    private static void writeSupport(SupportDetails support, ElementWriter out) {
        out.text("SupportType", support.supportType())
            .text("RopeCrossSection", support.ropeCrossSection())
            .text("RopeOffset", support.ropeOffset());
        for (int i = 0; i < AXES.size(); i++) {
            out.value("Capacity" + AXES.get(i), TextForm.NUMBER, support.capacity().get(i), 0.0)
                .value("Resistance" + AXES.get(i), TextForm.NUMBER, support.resistance().get(i), 0.0);
        }
    }

    private static void writeBeam(BeamDetails beam, ElementWriter out) {
        out.value("LampType", TextForm.TEXT, beam.lampType(), BEAM.lampType())
            .value("PowerConsumption", TextForm.NUMBER, beam.powerConsumption(), BEAM.powerConsumption())
            .value("LuminousFlux", TextForm.NUMBER, beam.luminousFlux(), BEAM.luminousFlux())
            .value("ColorTemperature", TextForm.NUMBER, beam.colorTemperature(), BEAM.colorTemperature())
            .value("BeamAngle", TextForm.NUMBER, beam.beamAngle(), BEAM.beamAngle())
            .value("FieldAngle", TextForm.NUMBER, beam.fieldAngle(), BEAM.fieldAngle())
            .value("ThrowRatio", TextForm.NUMBER, beam.throwRatio(), BEAM.throwRatio())
            .value("RectangleRatio", TextForm.NUMBER, beam.rectangleRatio(), BEAM.rectangleRatio())
            .value("BeamRadius", TextForm.NUMBER, beam.beamRadius(), BEAM.beamRadius())
            .value("BeamType", BEAM_TYPE, beam.beamType(), BEAM.beamType())
            .value("ColorRenderingIndex", TextForm.NUMBER, beam.colorRenderingIndex(), BEAM.colorRenderingIndex())
            .text("EmitterSpectrum", beam.emitterSpectrum());
    }

    private static void writeLaser(LaserDetails laser, ElementWriter out) {
        out.text("ColorType", laser.colorType())
            .value("Color", TextForm.NUMBER, laser.color(), 0.0)
            .value("OutputStrength", TextForm.NUMBER, laser.outputStrength(), 0.0)
            .text("Emitter", laser.emitter())
            .value("BeamDiameter", TextForm.NUMBER, laser.beamDiameter(), 0.0)
            .value("BeamDivergenceMin", TextForm.NUMBER, laser.beamDivergenceMin(), 0.0)
            .value("BeamDivergenceMax", TextForm.NUMBER, laser.beamDivergenceMax(), 0.0)
            .value("ScanAnglePan", TextForm.NUMBER, laser.scanAnglePan(), 0.0)
            .value("ScanAngleTilt", TextForm.NUMBER, laser.scanAngleTilt(), 0.0)
            .value("ScanSpeed", TextForm.NUMBER, laser.scanSpeed(), 0.0)
            .children("Protocol", laser.protocols(), each -> new ElementWriter("Protocol", each.source()).text("Name", each.name()));
    }
}
