package yellowkite.core.gdtf;

import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.AttributeDefinitions.ActivationGroup;
import yellowkite.core.profile.AttributeDefinitions.Attribute;
import yellowkite.core.profile.AttributeDefinitions.Feature;
import yellowkite.core.profile.AttributeDefinitions.FeatureGroup;
import yellowkite.core.profile.AttributeDefinitions.SubPhysicalUnit;
import yellowkite.core.profile.AttributeDefinitions.SubType;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code AttributeDefinitions} and what it holds. */
final class AttributesXml {
    private static final TextForm<SubType> SUB_TYPE = TextForm.names(SubType.class);

    private AttributesXml() {}

    static AttributeDefinitions read(ElementReader in) {
        return new AttributeDefinitions(
                in.section("ActivationGroups").children("ActivationGroup", each -> new ActivationGroup(each.text("Name"), each.source())),
                in.section("FeatureGroups").children("FeatureGroup", AttributesXml::readGroup),
                in.section("Attributes").children("Attribute", AttributesXml::readAttribute),
                in.source());
    }

    static void write(AttributeDefinitions definitions, ElementWriter out) {
        out.section("ActivationGroups", groups -> groups.children("ActivationGroup", definitions.activationGroups(),
                each -> new ElementWriter("ActivationGroup", each.source()).text("Name", each.name())))
            .section("FeatureGroups", groups -> groups.children("FeatureGroup", definitions.featureGroups(), AttributesXml::writeGroup))
            .section("Attributes", all -> all.children("Attribute", definitions.attributes(), AttributesXml::writeAttribute));
    }

    private static FeatureGroup readGroup(ElementReader in) {
        return new FeatureGroup(in.text("Name"), in.text("Pretty"),
                in.children("Feature", each -> new Feature(each.text("Name"), each.source())), in.source());
    }

    private static ElementWriter writeGroup(FeatureGroup group) {
        return new ElementWriter("FeatureGroup", group.source())
            .text("Name", group.name())
            .text("Pretty", group.pretty())
            .children("Feature", group.features(),
                    each -> new ElementWriter("Feature", each.source()).text("Name", each.name()));
    }

    private static Attribute readAttribute(ElementReader in) {
        return new Attribute(in.text("Name"), in.text("Pretty"), in.text("ActivationGroup"), in.text("Feature"),
                in.text("MainAttribute"), in.value("PhysicalUnit", GdtfForm.UNIT, PhysicalUnit.None),
                in.valueOrNull("Color", GdtfForm.COLOR), in.children("SubPhysicalUnit", AttributesXml::readSubUnit), in.source());
    }

    private static ElementWriter writeAttribute(Attribute attribute) {
        return new ElementWriter("Attribute", attribute.source())
            .text("Name", attribute.name())
            .text("Pretty", attribute.pretty())
            .text("ActivationGroup", attribute.activationGroup())
            .text("Feature", attribute.feature())
            .text("MainAttribute", attribute.mainAttribute())
            .value("PhysicalUnit", GdtfForm.UNIT, attribute.physicalUnit(), PhysicalUnit.None)
            .value("Color", GdtfForm.COLOR, attribute.color(), null)
            .children("SubPhysicalUnit", attribute.subPhysicalUnits(), AttributesXml::writeSubUnit);
    }

    private static SubPhysicalUnit readSubUnit(ElementReader in) {
        return new SubPhysicalUnit(in.value("Type", SUB_TYPE, SubType.Value), in.value("PhysicalUnit", GdtfForm.UNIT, PhysicalUnit.None),
                in.value("PhysicalFrom", TextForm.NUMBER, 0.0), in.value("PhysicalTo", TextForm.NUMBER, 1.0), in.source());
    }

    private static ElementWriter writeSubUnit(SubPhysicalUnit unit) {
        return new ElementWriter("SubPhysicalUnit", unit.source())
            .value("Type", SUB_TYPE, unit.type(), SubType.Value)
            .value("PhysicalUnit", GdtfForm.UNIT, unit.physicalUnit(), PhysicalUnit.None)
            .value("PhysicalFrom", TextForm.NUMBER, unit.physicalFrom(), 0.0)
            .value("PhysicalTo", TextForm.NUMBER, unit.physicalTo(), 1.0);
    }
}
