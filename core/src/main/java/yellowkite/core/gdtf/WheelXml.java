package yellowkite.core.gdtf;

import yellowkite.core.profile.Rotation;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code Wheel}, {@code Slot}, and what a prism's or an animation's slot holds. */
final class WheelXml {
    private WheelXml() {}

    static Wheel read(ElementReader in) {
        return new Wheel(in.newId(), in.text("Name"), in.children("Slot", WheelXml::readSlot), in.source());
    }

    static ElementWriter write(Wheel wheel) {
        return new ElementWriter("Wheel", wheel.source())
            .text("Name", wheel.name())
            .children("Slot", wheel.slots(), WheelXml::writeSlot);
    }

    private static Wheel.Slot readSlot(ElementReader in) {
        return new Wheel.Slot(in.newId(), in.text("Name"), in.valueOrNull("Color", GdtfForm.COLOR), in.text("Filter"),
                in.text("MediaFileName"), in.children("Facet", WheelXml::readFacet),
                in.child("AnimationSystem", WheelXml::readAnimation).orElse(null), in.source());
    }

    private static ElementWriter writeSlot(Wheel.Slot slot) {
        return new ElementWriter("Slot", slot.source())
            .text("Name", slot.name())
            .value("Color", GdtfForm.COLOR, slot.color(), null)
            .text("Filter", slot.filter())
            .text("MediaFileName", slot.mediaFile())
            .children("Facet", slot.facets(), WheelXml::writeFacet)
            .child("AnimationSystem", slot.animation(), WheelXml::writeAnimation);
    }

    private static Wheel.Facet readFacet(ElementReader in) {
        return new Wheel.Facet(in.valueOrNull("Color", GdtfForm.COLOR), in.value("Rotation", GdtfForm.ROTATION, Rotation.NONE),
                in.source());
    }

    private static ElementWriter writeFacet(Wheel.Facet facet) {
        return new ElementWriter("Facet", facet.source())
            .value("Color", GdtfForm.COLOR, facet.color(), null)
            .value("Rotation", GdtfForm.ROTATION, facet.rotation(), Rotation.NONE);
    }

    private static Wheel.AnimationSystem readAnimation(ElementReader in) {
        return new Wheel.AnimationSystem(in.value("P1", GdtfForm.SPOT, Wheel.Spot.ORIGIN), in.value("P2", GdtfForm.SPOT, Wheel.Spot.ORIGIN),
                in.value("P3", GdtfForm.SPOT, Wheel.Spot.ORIGIN), in.value("Radius", TextForm.NUMBER, 0.0), in.source());
    }

    private static ElementWriter writeAnimation(Wheel.AnimationSystem animation) {
        return new ElementWriter("AnimationSystem", animation.source())
            .value("P1", GdtfForm.SPOT, animation.p1(), Wheel.Spot.ORIGIN)
            .value("P2", GdtfForm.SPOT, animation.p2(), Wheel.Spot.ORIGIN)
            .value("P3", GdtfForm.SPOT, animation.p3(), Wheel.Spot.ORIGIN)
            .value("Radius", TextForm.NUMBER, animation.radius(), 0.0);
    }
}
