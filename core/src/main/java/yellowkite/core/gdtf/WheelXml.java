package yellowkite.core.gdtf;

import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.XmlNode;

/** {@code Wheel} and {@code Slot}. */
final class WheelXml {
    private WheelXml() {}

    static Wheel read(ElementReader in) {
        return new Wheel(in.newId(), in.text("Name"), in.children("Slot", WheelXml::readSlot), in.source());
    }

    static XmlNode.Element write(Wheel wheel) {
        return new ElementWriter("Wheel", wheel.source())
                .text("Name", wheel.name())
                .children("Slot", wheel.slots(), WheelXml::writeSlot)
                .done();
    }

    private static Wheel.Slot readSlot(ElementReader in) {
        return new Wheel.Slot(in.newId(), in.text("Name"), in.value("Color", TextForm.COLOR, null), in.text("Filter"),
                in.text("MediaFileName"), in.source());
    }

    private static XmlNode.Element writeSlot(Wheel.Slot slot) {
        return new ElementWriter("Slot", slot.source())
                .text("Name", slot.name())
                .value("Color", TextForm.COLOR, slot.color(), null)
                .text("Filter", slot.filter())
                .text("MediaFileName", slot.mediaFile())
                .done();
    }
}
