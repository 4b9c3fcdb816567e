package yellowkite.core.gdtf;

import java.util.List;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.Macro;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Relation;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** {@code DMXMode}, its relations and its macros. */
final class ModeXml {
    private static final TextForm<Relation.Type> TYPE = TextForm.names(Relation.Type.values(), TextForm::capitalised);

    private ModeXml() {}

    static Mode read(ElementReader in) {
        return new Mode(in.newId(), in.text("Name"), in.text("Description"), in.text("Geometry"),
                in.section("DMXChannels").children("DMXChannel", ChannelXml::read),
                in.section("Relations").children("Relation", ModeXml::readRelation),
                in.section("FTMacros").children("FTMacro", ModeXml::readMacro),
                in.source());
    }

    static ElementWriter write(Mode mode) {
        return new ElementWriter("DMXMode", mode.source())
            .text("Name", mode.name())
            .text("Description", mode.description())
            .text("Geometry", mode.geometry())
            .section("DMXChannels", out -> out.children("DMXChannel", mode.channels(), ChannelXml::write))
            .section("Relations", out -> out.children("Relation", mode.relations(), ModeXml::writeRelation))
            .section("FTMacros", out -> out.children("FTMacro", mode.macros(), ModeXml::writeMacro));
    }

    private static Relation readRelation(ElementReader in) {
        // spec: files before 1.2 say Slave.
        var follower = in.has("Slave") && !in.has("Follower") ? in.text("Slave") : in.text("Follower");
        return new Relation(in.text("Name"), in.text("Master"), follower,
                in.value("Type", TYPE, Relation.Type.MULTIPLY), in.source());
    }

    private static ElementWriter writeRelation(Relation relation) {
        boolean old = relation.source().spelling("Slave") != null && relation.source().spelling("Follower") == null;
        var out = new ElementWriter("Relation", relation.source())
            .text("Name", relation.name())
            .text("Master", relation.master())
            .text(old ? "Slave" : "Follower", relation.follower());
        if (relation.source().spelling("Type") == null) {
            return out.value("Type", TYPE, relation.type(), null);
        }
        return out.value("Type", TYPE, relation.type(), Relation.Type.MULTIPLY);
    }

    private static Macro readMacro(ElementReader in) {
        return new Macro(in.text("Name"), in.text("ChannelFunction"), readSteps(in.section("MacroDMX")), in.source());
    }

    private static List<Macro.Step> readSteps(ElementReader in) {
        return in.children("MacroDMXStep", step -> new Macro.Step(step.value("Duration", TextForm.NUMBER, 1.0),
                step.children("MacroDMXValue", value -> new Macro.Value(value.value("Value", GdtfForm.DMX, DmxValue.ZERO),
                        value.text("DMXChannel"), value.source())),
                step.source()));
    }

    private static ElementWriter writeMacro(Macro macro) {
        return new ElementWriter("FTMacro", macro.source())
            .text("Name", macro.name())
            .text("ChannelFunction", macro.channelFunction())
            .section("MacroDMX", out -> out.children("MacroDMXStep", macro.steps(), ModeXml::writeStep));
    }

    private static ElementWriter writeStep(Macro.Step step) {
        return new ElementWriter("MacroDMXStep", step.source())
            .value("Duration", TextForm.NUMBER, step.duration(), 1.0)
            .children("MacroDMXValue", step.values(), value -> new ElementWriter("MacroDMXValue", value.source())
                .value("Value", GdtfForm.DMX, value.value(), DmxValue.ZERO)
                .text("DMXChannel", value.channel()));
    }
}
