package yellowkite.core.gdtf;

import yellowkite.core.profile.DmxProfile;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code DMXProfile} and {@code Point}. */
final class DmxProfileXml {
    private DmxProfileXml() {}

    static DmxProfile read(ElementReader in) {
        return new DmxProfile(in.text("Name"), in.children("Point", DmxProfileXml::readPoint), in.source());
    }

    private static DmxProfile.Point readPoint(ElementReader in) {
        return new DmxProfile.Point(in.value("DMXPercentage", TextForm.NUMBER, 0.0), in.value("CFC0", TextForm.NUMBER, 0.0),
                in.value("CFC1", TextForm.NUMBER, 0.0), in.value("CFC2", TextForm.NUMBER, 0.0), in.value("CFC3", TextForm.NUMBER, 0.0),
                in.source());
    }

    static ElementWriter write(DmxProfile profile) {
        return new ElementWriter("DMXProfile", profile.source())
            .text("Name", profile.name())
            .children("Point", profile.points(), DmxProfileXml::writePoint);
    }

    private static ElementWriter writePoint(DmxProfile.Point point) {
        return new ElementWriter("Point", point.source())
            .value("DMXPercentage", TextForm.NUMBER, point.dmxPercentage(), 0.0)
            .value("CFC0", TextForm.NUMBER, point.cfc0(), 0.0)
            .value("CFC1", TextForm.NUMBER, point.cfc1(), 0.0)
            .value("CFC2", TextForm.NUMBER, point.cfc2(), 0.0)
            .value("CFC3", TextForm.NUMBER, point.cfc3(), 0.0);
    }
}
