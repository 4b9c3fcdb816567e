package yellowkite.core.gdtf;

import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.XmlNode;

/** {@code PhysicalDescriptions} and {@code DMXProfile}. */
final class PhysicalXml {
    private PhysicalXml() {}

    static PhysicalDescriptions read(ElementReader in) {
        return new PhysicalDescriptions(in.section("DMXProfiles").children("DMXProfile", PhysicalXml::readProfile), in.source());
    }

    static void write(PhysicalDescriptions physical, ElementWriter out) {
        out.section("DMXProfiles", profiles -> profiles.children("DMXProfile", physical.dmxProfiles(), PhysicalXml::writeProfile));
    }

    private static DmxProfile readProfile(ElementReader in) {
        return new DmxProfile(in.text("Name"), in.children("Point", PhysicalXml::readPoint), in.source());
    }

    private static DmxProfile.Point readPoint(ElementReader in) {
        return new DmxProfile.Point(in.value("DMXPercentage", TextForm.NUMBER, 0.0), in.value("CFC0", TextForm.NUMBER, 0.0),
                in.value("CFC1", TextForm.NUMBER, 0.0), in.value("CFC2", TextForm.NUMBER, 0.0), in.value("CFC3", TextForm.NUMBER, 0.0), in.source());
    }

    private static XmlNode.Element writeProfile(DmxProfile profile) {
        return new ElementWriter("DMXProfile", profile.source())
                .text("Name", profile.name())
                .children("Point", profile.points(), PhysicalXml::writePoint)
                .done();
    }

    private static XmlNode.Element writePoint(DmxProfile.Point point) {
        return new ElementWriter("Point", point.source())
                .value("DMXPercentage", TextForm.NUMBER, point.dmxPercentage(), 0.0)
                .value("CFC0", TextForm.NUMBER, point.cfc0(), 0.0)
                .value("CFC1", TextForm.NUMBER, point.cfc1(), 0.0)
                .value("CFC2", TextForm.NUMBER, point.cfc2(), 0.0)
                .value("CFC3", TextForm.NUMBER, point.cfc3(), 0.0)
                .done();
    }
}
