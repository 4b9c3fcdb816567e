package yellowkite.core.gdtf;

import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Revision;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code FixtureType} and {@code Revision}. */
final class FixtureTypeXml {
    private FixtureTypeXml() {}

    static FixtureType read(ElementReader in) {
        return FixtureType.of(type -> {
            type.name = in.text("Name");
            type.shortName = in.text("ShortName");
            type.longName = in.text("LongName");
            type.manufacturer = in.text("Manufacturer");
            type.description = in.text("Description");
            type.fixtureTypeId = in.text("FixtureTypeID");
            type.refFt = in.text("RefFT");
            type.thumbnail = in.text("Thumbnail");
            type.thumbnailOffsetX = in.value("ThumbnailOffsetX", TextForm.INTEGER, 0);
            type.thumbnailOffsetY = in.value("ThumbnailOffsetY", TextForm.INTEGER, 0);
            type.canHaveChildren = in.value("CanHaveChildren", TextForm.FLAG, true);
            type.attributeDefinitions = AttributesXml.read(in.section("AttributeDefinitions"));
            type.wheels = in.section("Wheels").children("Wheel", WheelXml::read);
            type.physicalDescriptions = PhysicalXml.read(in.section("PhysicalDescriptions"));
            type.models = in.section("Models").children("Model", ModelXml::read);
            type.geometries = GeometryXml.readAll(in.section("Geometries"));
            type.modes = in.section("DMXModes").children("DMXMode", ModeXml::read);
            type.revisions = in.section("Revisions").children("Revision", FixtureTypeXml::readRevision);
            type.protocols = ProtocolsXml.read(in.section("Protocols"));
            type.source = in.source();
            type.nextId = in.nextId();
        });
    }

    static ElementWriter write(FixtureType type) {
        return new ElementWriter("FixtureType", type.source())
            .requiredText("Name", type.name())
            .text("ShortName", type.shortName())
            .text("LongName", type.longName())
            .requiredText("Manufacturer", type.manufacturer())
            .text("Description", type.description())
            .requiredText("FixtureTypeID", type.fixtureTypeId())
            .text("RefFT", type.refFt())
            .text("Thumbnail", type.thumbnail())
            .value("ThumbnailOffsetX", TextForm.INTEGER, type.thumbnailOffsetX(), 0)
            .value("ThumbnailOffsetY", TextForm.INTEGER, type.thumbnailOffsetY(), 0)
            .value("CanHaveChildren", TextForm.FLAG, type.canHaveChildren(), true)
            .section("AttributeDefinitions", out -> AttributesXml.write(type.attributeDefinitions(), out))
            .section("Wheels", out -> out.children("Wheel", type.wheels(), WheelXml::write))
            .section("PhysicalDescriptions", out -> PhysicalXml.write(type.physicalDescriptions(), out))
            .section("Models", out -> out.children("Model", type.models(), ModelXml::write))
            .section("Geometries", out -> GeometryXml.writeAll(type.geometries(), out))
            .section("DMXModes", out -> out.children("DMXMode", type.modes(), ModeXml::write))
            .section("Revisions", out -> out.children("Revision", type.revisions(), FixtureTypeXml::writeRevision))
            .section("Protocols", out -> ProtocolsXml.write(type.protocols(), out));
    }

    private static Revision readRevision(ElementReader in) {
        return new Revision(in.text("Text"), in.text("Date"), in.text("UserID"), in.text("ModifiedBy"), in.source());
    }

    private static ElementWriter writeRevision(Revision revision) {
        return new ElementWriter("Revision", revision.source())
            .text("Text", revision.text())
            .text("Date", revision.date())
            .text("UserID", revision.userId())
            .text("ModifiedBy", revision.modifiedBy());
    }
}
