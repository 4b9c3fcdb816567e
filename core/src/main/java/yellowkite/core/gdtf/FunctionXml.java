package yellowkite.core.gdtf;

import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code ChannelFunction}, {@code ChannelSet} and {@code SubChannelSet}. */
final class FunctionXml {
    private FunctionXml() {}

    static ChannelFunction read(ElementReader in) {
        return ChannelFunction.of(in.newId(), f -> {
            f.name = in.text("Name");
            f.attribute = in.has("Attribute") ? in.text("Attribute") : ChannelFunction.NO_FEATURE;
            f.originalAttribute = in.text("OriginalAttribute");
            f.dmxFrom = in.value("DMXFrom", GdtfForm.DMX, DmxValue.ZERO);
            f.defaultValue = in.valueOrNull("Default", GdtfForm.DMX);
            f.physicalFrom = in.value("PhysicalFrom", TextForm.NUMBER, 0.0);
            f.physicalTo = in.value("PhysicalTo", TextForm.NUMBER, 1.0);
            f.realFade = in.value("RealFade", TextForm.NUMBER, 0.0);
            f.realAcceleration = in.value("RealAcceleration", TextForm.NUMBER, 0.0);
            f.wheel = in.text("Wheel");
            f.emitter = in.text("Emitter");
            f.filter = in.text("Filter");
            f.colorSpace = in.text("ColorSpace");
            f.gamut = in.text("Gamut");
            f.modeMaster = in.text("ModeMaster");
            f.modeFrom = in.value("ModeFrom", GdtfForm.DMX, DmxValue.ZERO);
            f.modeTo = in.value("ModeTo", GdtfForm.DMX, DmxValue.ZERO);
            f.dmxProfile = in.text("DMXProfile");
            f.min = in.valueOrNull("Min", TextForm.NUMBER);
            f.max = in.valueOrNull("Max", TextForm.NUMBER);
            f.customName = in.text("CustomName");
            f.ranges = in.children("ChannelSet", FunctionXml::readRange);
            f.source = in.source();
        });
    }

    static ElementWriter write(ChannelFunction f) {
        return new ElementWriter("ChannelFunction", f.source())
            .text("Name", f.name())
            .value("Attribute", TextForm.TEXT, f.attribute(), ChannelFunction.NO_FEATURE)
            .text("OriginalAttribute", f.originalAttribute())
            .value("DMXFrom", GdtfForm.DMX, f.dmxFrom(), DmxValue.ZERO)
            .value("Default", GdtfForm.DMX, f.defaultValue(), null)
            .value("PhysicalFrom", TextForm.NUMBER, f.physicalFrom(), 0.0)
            .value("PhysicalTo", TextForm.NUMBER, f.physicalTo(), 1.0)
            .value("RealFade", TextForm.NUMBER, f.realFade(), 0.0)
            .value("RealAcceleration", TextForm.NUMBER, f.realAcceleration(), 0.0)
            .text("Wheel", f.wheel())
            .text("Emitter", f.emitter())
            .text("Filter", f.filter())
            .text("ColorSpace", f.colorSpace())
            .text("Gamut", f.gamut())
            .text("ModeMaster", f.modeMaster())
            .value("ModeFrom", GdtfForm.DMX, f.modeFrom(), DmxValue.ZERO)
            .value("ModeTo", GdtfForm.DMX, f.modeTo(), DmxValue.ZERO)
            .text("DMXProfile", f.dmxProfile())
            .value("Min", TextForm.NUMBER, f.min(), null)
            .value("Max", TextForm.NUMBER, f.max(), null)
            .text("CustomName", f.customName())
            .children("ChannelSet", f.ranges(), FunctionXml::writeRange);
    }

    private static NamedRange readRange(ElementReader in) {
        return new NamedRange(in.newId(), in.text("Name"), in.value("DMXFrom", GdtfForm.DMX, DmxValue.ZERO),
                in.valueOrNull("PhysicalFrom", TextForm.NUMBER), in.valueOrNull("PhysicalTo", TextForm.NUMBER),
                in.value("WheelSlotIndex", TextForm.INTEGER, 0), in.children("SubChannelSet", FunctionXml::readSubRange), in.source());
    }

    private static ElementWriter writeRange(NamedRange range) {
        return new ElementWriter("ChannelSet", range.source())
            .requiredText("Name", range.name())
            .value("DMXFrom", GdtfForm.DMX, range.dmxFrom(), DmxValue.ZERO)
            .value("PhysicalFrom", TextForm.NUMBER, range.physicalFrom(), null)
            .value("PhysicalTo", TextForm.NUMBER, range.physicalTo(), null)
            .value("WheelSlotIndex", TextForm.INTEGER, range.slot(), 0)
            .children("SubChannelSet", range.subRanges(), FunctionXml::writeSubRange);
    }

    private static NamedRange.SubRange readSubRange(ElementReader in) {
        return new NamedRange.SubRange(in.text("Name"), in.value("PhysicalFrom", TextForm.NUMBER, 0.0),
                in.value("PhysicalTo", TextForm.NUMBER, 1.0),
                in.text("SubPhysicalUnit"), in.text("DMXProfile"), in.source());
    }

    private static ElementWriter writeSubRange(NamedRange.SubRange range) {
        return new ElementWriter("SubChannelSet", range.source())
            .requiredText("Name", range.name())
            .value("PhysicalFrom", TextForm.NUMBER, range.physicalFrom(), 0.0)
            .value("PhysicalTo", TextForm.NUMBER, range.physicalTo(), 1.0)
            .text("SubPhysicalUnit", range.subPhysicalUnit())
            .text("DMXProfile", range.dmxProfile());
    }
}
