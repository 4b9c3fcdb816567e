package yellowkite.core.gdtf;

import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.WiringDetails;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** What only a {@code WiringObject} has. */
final class WiringXml {
    private WiringXml() {}

    static WiringDetails read(ElementReader in) {
        return new WiringDetails(in.text("ConnectorType"), in.text("ComponentType"), in.text("SignalType"),
                in.value("PinCount", TextForm.INTEGER, 0), number(in, "ElectricalPayLoad"), number(in, "VoltageRangeMin"),
                number(in, "VoltageRangeMax"), number(in, "FrequencyRangeMin"), number(in, "FrequencyRangeMax"), number(in, "MaxPayLoad"),
                number(in, "Voltage"), in.value("SignalLayer", TextForm.INTEGER, 0), number(in, "CosPhi"), number(in, "FuseCurrent"),
                in.text("FuseRating"), in.text("Orientation"), in.text("WireGroup"),
                in.children("PinPatch", each -> new Geometry.PinPatch(each.text("ToWiringObject"),
                        each.value("FromPin", TextForm.INTEGER, 0), each.value("ToPin", TextForm.INTEGER, 0), each.source())));
    }

    private static double number(ElementReader in, String attribute) {
        return in.value(attribute, TextForm.NUMBER, 0.0);
    }

    static void write(WiringDetails wiring, ElementWriter out) {
        out.text("ConnectorType", wiring.connectorType())
            .text("ComponentType", wiring.componentType())
            .text("SignalType", wiring.signalType())
            .value("PinCount", TextForm.INTEGER, wiring.pinCount(), 0)
            .value("ElectricalPayLoad", TextForm.NUMBER, wiring.payload(), 0.0)
            .value("VoltageRangeMin", TextForm.NUMBER, wiring.voltageLow(), 0.0)
            .value("VoltageRangeMax", TextForm.NUMBER, wiring.voltageHigh(), 0.0)
            .value("FrequencyRangeMin", TextForm.NUMBER, wiring.frequencyLow(), 0.0)
            .value("FrequencyRangeMax", TextForm.NUMBER, wiring.frequencyHigh(), 0.0)
            .value("MaxPayLoad", TextForm.NUMBER, wiring.maxPayload(), 0.0)
            .value("Voltage", TextForm.NUMBER, wiring.voltage(), 0.0)
            .value("SignalLayer", TextForm.INTEGER, wiring.signalLayer(), 0)
            .value("CosPhi", TextForm.NUMBER, wiring.cosPhi(), 0.0)
            .value("FuseCurrent", TextForm.NUMBER, wiring.fuseCurrent(), 0.0)
            .text("FuseRating", wiring.fuseRating())
            .text("Orientation", wiring.orientation())
            .text("WireGroup", wiring.wireGroup())
            .children("PinPatch", wiring.pinPatches(), each -> new ElementWriter("PinPatch", each.source())
                .text("ToWiringObject", each.toWiringObject())
                .value("FromPin", TextForm.INTEGER, each.fromPin(), 0)
                .value("ToPin", TextForm.INTEGER, each.toPin(), 0));
    }
}
