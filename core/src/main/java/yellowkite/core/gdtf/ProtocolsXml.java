package yellowkite.core.gdtf;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.profile.Protocols;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code Protocols}: {@code FTRDM} and the networks. */
final class ProtocolsXml {
    private ProtocolsXml() {}

    static Protocols read(ElementReader in) {
        var rdm = in.child("FTRDM", ProtocolsXml::readRdm).orElse(null);
        var networks = new ArrayList<Protocols.Network>();
        for (var kind : Protocols.Kind.values()) {
            in.child(kind.element(), each -> new Protocols.Network(kind, each.children("Map", ProtocolsXml::readEntry), each.source()))
                .ifPresent(networks::add);
        }
        return new Protocols(rdm, networks, in.source());
    }

    static void write(Protocols protocols, ElementWriter out) {
        out.child("FTRDM", protocols.rdm(), ProtocolsXml::writeRdm);
        for (var network : protocols.networks()) {
            var name = network.kind().element();
            out.child(name, network, each -> new ElementWriter(name, each.source()).children("Map", each.map(), ProtocolsXml::writeEntry));
        }
    }

    private static Protocols.Rdm readRdm(ElementReader in) {
        return new Protocols.Rdm(in.value("ManufacturerID", TextForm.HEX, 0), in.value("DeviceModelID", TextForm.HEX, 0),
                in.children("SoftwareVersionID", ProtocolsXml::readVersion), in.source());
    }

    private static ElementWriter writeRdm(Protocols.Rdm rdm) {
        return new ElementWriter("FTRDM", rdm.source())
            .value("ManufacturerID", TextForm.HEX, rdm.manufacturerId(), 0)
            .value("DeviceModelID", TextForm.HEX, rdm.deviceModelId(), 0)
            .children("SoftwareVersionID", rdm.versions(), ProtocolsXml::writeVersion);
    }

    private static Protocols.SoftwareVersion readVersion(ElementReader in) {
        List<Protocols.Personality> personalities = in.children("DMXPersonality",
                each -> new Protocols.Personality(each.value("Value", TextForm.COUNT, 0), each.text("DMXMode"), each.source()));
        return new Protocols.SoftwareVersion(in.value("Value", TextForm.COUNT, 0), personalities, in.source());
    }

    private static ElementWriter writeVersion(Protocols.SoftwareVersion version) {
        return new ElementWriter("SoftwareVersionID", version.source())
            .value("Value", TextForm.COUNT, version.value(), 0)
            .children("DMXPersonality", version.personalities(), each -> new ElementWriter("DMXPersonality", each.source())
                .value("Value", TextForm.COUNT, each.value(), 0)
                .text("DMXMode", each.mode()));
    }

    private static Protocols.Entry readEntry(ElementReader in) {
        return new Protocols.Entry(in.value("Key", TextForm.COUNT, 0), in.value("Value", TextForm.COUNT, 0), in.source());
    }

    private static ElementWriter writeEntry(Protocols.Entry entry) {
        return new ElementWriter("Map", entry.source()).value("Key", TextForm.COUNT, entry.key(), 0)
            .value("Value", TextForm.COUNT, entry.value(), 0);
    }
}
