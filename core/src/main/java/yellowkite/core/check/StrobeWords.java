package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetFunctionAttribute;
import yellowkite.core.profile.Channel;

/** A strobe by its name that is entered as plain dimmer or shutter: a console cannot set its speed. */
final class StrobeWords implements Rule.OfChannel {
    @Override
    public String id() {
        return "strobe-words";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream().filter(span -> EndNames.isShutter(span.function().attribute()) || span.function().attribute().equals("Dimmer")).flatMap(span -> {
            if (EndNames.saysStrobe(span.name()) && span.function().attribute().startsWith("Shutter")) {
                var strobe = span.function().attribute() + (span.name().toLowerCase(java.util.Locale.ROOT).contains("puls") ? "StrobePulse" : "Strobe");
                return Stream.of(found(view.place(channel, span), "'" + span.name() + "' is called a strobe, and its attribute is " + span.function().attribute() + ", which only opens and closes.",
                        new SetFunctionAttribute(span.function().id(), strobe), "Make it " + strobe));
            }
            return span.ranges().stream().filter(range -> span.contains(range.from()) && EndNames.saysStrobe(range.range().name())).limit(1)
                    .map(range -> found(view.place(channel, span, range), "'" + range.range().name() + "' is called a strobe, and stands in '" + span.name() + "', whose attribute is "
                            + span.function().attribute() + ". Divide the function there and give the part the attribute of a strobe."));
        });
    }
}
