package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.DefineAttribute;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;

/** An attribute in use that the profile does not define: it has no unit and no feature group. */
final class UndefinedAttribute implements Rule.OfChannel {
    @Override
    public String id() {
        return "undefined-attribute";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var used = Stream.concat(channel.logicalChannels().stream().map(each -> each.attribute()),
                spans.stream().map(span -> span.function().attribute()));
        return used.distinct()
            .filter(name -> !name.equals(ChannelFunction.NO_FEATURE) && view.type().attributeDefinitions().find(name).isEmpty())
            .map(name -> found(view.place(channel), "The attribute '" + name + "' is used here and not defined in this profile.",
                    Catalogue.STANDARD.find(name).map(standard -> new DefineAttribute(name)).orElse(null),
                    "Define it as the standard does"));
    }
}
