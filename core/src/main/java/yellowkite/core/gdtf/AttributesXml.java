package yellowkite.core.gdtf;

import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.AttributeDefinitions.ActivationGroup;
import yellowkite.core.profile.AttributeDefinitions.Attribute;
import yellowkite.core.profile.AttributeDefinitions.Feature;
import yellowkite.core.profile.AttributeDefinitions.FeatureGroup;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.XmlNode;

/** {@code AttributeDefinitions} and what it holds. */
final class AttributesXml {
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
                        each -> new ElementWriter("ActivationGroup", each.source()).text("Name", each.name()).done()))
                .section("FeatureGroups", groups -> groups.children("FeatureGroup", definitions.featureGroups(), AttributesXml::writeGroup))
                .section("Attributes", all -> all.children("Attribute", definitions.attributes(), AttributesXml::writeAttribute));
    }

    private static FeatureGroup readGroup(ElementReader in) {
        return new FeatureGroup(in.text("Name"), in.text("Pretty"),
                in.children("Feature", each -> new Feature(each.text("Name"), each.source())), in.source());
    }

    private static XmlNode.Element writeGroup(FeatureGroup group) {
        return new ElementWriter("FeatureGroup", group.source())
                .text("Name", group.name())
                .text("Pretty", group.pretty())
                .children("Feature", group.features(),
                        each -> new ElementWriter("Feature", each.source()).text("Name", each.name()).done())
                .done();
    }

    private static Attribute readAttribute(ElementReader in) {
        return new Attribute(in.text("Name"), in.text("Pretty"), in.text("ActivationGroup"), in.text("Feature"),
                in.text("MainAttribute"), in.value("PhysicalUnit", TextForm.UNIT, PhysicalUnit.None),
                in.value("Color", TextForm.COLOR, null), in.source());
    }

    private static XmlNode.Element writeAttribute(Attribute attribute) {
        return new ElementWriter("Attribute", attribute.source())
                .text("Name", attribute.name())
                .text("Pretty", attribute.pretty())
                .text("ActivationGroup", attribute.activationGroup())
                .text("Feature", attribute.feature())
                .text("MainAttribute", attribute.mainAttribute())
                .value("PhysicalUnit", TextForm.UNIT, attribute.physicalUnit(), PhysicalUnit.None)
                .value("Color", TextForm.COLOR, attribute.color(), null)
                .done();
    }
}
