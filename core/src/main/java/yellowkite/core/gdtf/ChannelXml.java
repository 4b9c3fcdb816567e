package yellowkite.core.gdtf;

import java.util.List;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code DMXChannel} and {@code LogicalChannel}. */
final class ChannelXml {
    private static final TextForm<LogicalChannel.Snap> SNAP = TextForm.names(LogicalChannel.Snap.values(), TextForm::capitalised);
    private static final TextForm<LogicalChannel.Master> MASTER = TextForm.names(LogicalChannel.Master.values(), TextForm::capitalised);

    private ChannelXml() {}

    static Channel read(ElementReader in) {
        return new Channel(in.newId(),
                in.value("DMXBreak", GdtfForm.BREAK, DmxBreak.FIRST),
                in.value("Offset", GdtfForm.OFFSETS, List.of()),
                in.text("InitialFunction"),
                in.valueOrNone("Highlight", GdtfForm.DMX),
                in.valueOrNull("Default", GdtfForm.DMX),
                in.text("Geometry"),
                in.children("LogicalChannel", ChannelXml::readLogical),
                in.source());
    }

    static ElementWriter write(Channel channel) {
        return new ElementWriter("DMXChannel", channel.source())
            .value("DMXBreak", GdtfForm.BREAK, channel.dmxBreak(), DmxBreak.FIRST)
            .value("Offset", GdtfForm.OFFSETS, channel.offsets(), List.of())
            .text("InitialFunction", channel.initialFunction())
            .value("Highlight", GdtfForm.DMX, channel.highlight(), null)
            .value("Default", GdtfForm.DMX, channel.defaultValue(), null)
            .text("Geometry", channel.geometry())
            .children("LogicalChannel", channel.logicalChannels(), ChannelXml::writeLogical);
    }

    private static LogicalChannel readLogical(ElementReader in) {
        return new LogicalChannel(in.newId(), in.text("Attribute"),
                in.value("Snap", SNAP, LogicalChannel.Snap.NO),
                in.value("Master", MASTER, LogicalChannel.Master.NONE),
                in.value("MibFade", TextForm.NUMBER, 0.0),
                in.value("DMXChangeTimeLimit", TextForm.NUMBER, 0.0),
                in.children("ChannelFunction", FunctionXml::read),
                in.source());
    }

    private static ElementWriter writeLogical(LogicalChannel logical) {
        return new ElementWriter("LogicalChannel", logical.source())
            .text("Attribute", logical.attribute())
            .value("Snap", SNAP, logical.snap(), LogicalChannel.Snap.NO)
            .value("Master", MASTER, logical.master(), LogicalChannel.Master.NONE)
            .value("MibFade", TextForm.NUMBER, logical.mibFade(), 0.0)
            .value("DMXChangeTimeLimit", TextForm.NUMBER, logical.dmxChangeTimeLimit(), 0.0)
            .children("ChannelFunction", logical.functions(), FunctionXml::write);
    }
}
