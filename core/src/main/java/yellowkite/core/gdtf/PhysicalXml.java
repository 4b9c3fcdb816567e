package yellowkite.core.gdtf;

import yellowkite.core.profile.Connector;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.Properties;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/**
 * {@code PhysicalDescriptions} and what it holds of the fixture's body; its light is in {@link LightXml}, its curves in
 * {@link DmxProfileXml}.
 */
final class PhysicalXml {
    private PhysicalXml() {}

    static PhysicalDescriptions read(ElementReader in) {
        return new PhysicalDescriptions(in.child("ColorSpace", LightXml::readColorSpace).orElse(null),
                in.section("AdditionalColorSpaces").children("ColorSpace", LightXml::readColorSpace),
                in.section("Gamuts").children("Gamut", LightXml::readGamut),
                in.section("Filters").children("Filter", LightXml::readFilter),
                in.section("Emitters").children("Emitter", LightXml::readEmitter),
                in.section("DMXProfiles").children("DMXProfile", DmxProfileXml::read),
                in.section("CRIs").children("CRIGroup", LightXml::readCriGroup),
                in.section("Connectors").children("Connector", PhysicalXml::readConnector),
                readProperties(in.section("Properties")), in.source());
    }

    static void write(PhysicalDescriptions physical, ElementWriter out) {
        out.child("ColorSpace", physical.colorSpace(), LightXml::writeColorSpace)
            .section("AdditionalColorSpaces", in -> in.children("ColorSpace", physical.additionalColorSpaces(), LightXml::writeColorSpace))
            .section("Gamuts", in -> in.children("Gamut", physical.gamuts(), LightXml::writeGamut))
            .section("Filters", in -> in.children("Filter", physical.filters(), LightXml::writeFilter))
            .section("Emitters", in -> in.children("Emitter", physical.emitters(), LightXml::writeEmitter))
            .section("DMXProfiles", in -> in.children("DMXProfile", physical.dmxProfiles(), DmxProfileXml::write))
            .section("CRIs", in -> in.children("CRIGroup", physical.criGroups(), LightXml::writeCriGroup))
            .section("Connectors", in -> in.children("Connector", physical.connectors(), PhysicalXml::writeConnector))
            .section("Properties", in -> writeProperties(physical.properties(), in));
    }

    private static Connector readConnector(ElementReader in) {
        return new Connector(in.text("Name"), in.text("Type"), in.value("DMXBreak", TextForm.INTEGER, 0),
                in.value("Gender", TextForm.INTEGER, 0),
                in.value("Length", TextForm.NUMBER, 0.0), in.source());
    }

    private static ElementWriter writeConnector(Connector connector) {
        return new ElementWriter("Connector", connector.source())
            .text("Name", connector.name())
            .text("Type", connector.type())
            .value("DMXBreak", TextForm.INTEGER, connector.dmxBreak(), 0)
            .value("Gender", TextForm.INTEGER, connector.gender(), 0)
            .value("Length", TextForm.NUMBER, connector.length(), 0.0);
    }

    private static Properties readProperties(ElementReader in) {
        return new Properties(
                in.child("OperatingTemperature",
                        each -> new Properties.OperatingTemperature(number(each, "Low"), number(each, "High"), each.source()))
                    .orElse(null),
                in.child("Weight", PhysicalXml::readAmount).orElse(null),
                in.children("PowerConsumption", PhysicalXml::readPower),
                in.child("LegHeight", PhysicalXml::readAmount).orElse(null), in.source());
    }

    private static void writeProperties(Properties properties, ElementWriter out) {
        out.child("OperatingTemperature", properties.operatingTemperature(),
                each -> new ElementWriter("OperatingTemperature", each.source())
                    .value("Low", TextForm.NUMBER, each.low(), 0.0)
                    .value("High", TextForm.NUMBER, each.high(), 0.0))
            .child("Weight", properties.weight(), each -> writeAmount("Weight", each))
            .children("PowerConsumption", properties.powerConsumptions(), PhysicalXml::writePower)
            .child("LegHeight", properties.legHeight(), each -> writeAmount("LegHeight", each));
    }

    private static Properties.Amount readAmount(ElementReader in) {
        return new Properties.Amount(number(in, "Value"), in.source());
    }

    private static ElementWriter writeAmount(String name, Properties.Amount amount) {
        return new ElementWriter(name, amount.source()).value("Value", TextForm.NUMBER, amount.value(), 0.0);
    }

    private static Properties.PowerConsumption readPower(ElementReader in) {
        return new Properties.PowerConsumption(in.text("Connector"), number(in, "Value"), in.value("PowerFactor", TextForm.NUMBER, 1.0),
                number(in, "VoltageLow"), number(in, "VoltageHigh"), number(in, "FrequencyLow"), number(in, "FrequencyHigh"), in.source());
    }

    private static ElementWriter writePower(Properties.PowerConsumption power) {
        return new ElementWriter("PowerConsumption", power.source())
            .text("Connector", power.connector())
            .value("Value", TextForm.NUMBER, power.value(), 0.0)
            .value("PowerFactor", TextForm.NUMBER, power.powerFactor(), 1.0)
            .value("VoltageLow", TextForm.NUMBER, power.voltageLow(), 0.0)
            .value("VoltageHigh", TextForm.NUMBER, power.voltageHigh(), 0.0)
            .value("FrequencyLow", TextForm.NUMBER, power.frequencyLow(), 0.0)
            .value("FrequencyHigh", TextForm.NUMBER, power.frequencyHigh(), 0.0);
    }

    private static double number(ElementReader in, String attribute) {
        return in.value(attribute, TextForm.NUMBER, 0.0);
    }
}
