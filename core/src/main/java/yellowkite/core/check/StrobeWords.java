package yellowkite.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
        var findings = new ArrayList<Finding>();
        for (var span : spans) {
            var attribute = span.function().attribute();
            if (EndNames.isShutter(attribute) && EndNames.saysStrobe(span.name())) {
                var strobe = attribute + (span.name().toLowerCase(Locale.ROOT).contains("puls") ? "StrobePulse" : "Strobe");
                findings.add(found(view.place(channel, span),
                        "'" + span.name() + "' is called a strobe, and its attribute is " + attribute + ", which only opens and closes.",
                        new SetFunctionAttribute(span.function().id(), strobe), "Make it " + strobe));
            } else if (EndNames.isShutter(attribute) || attribute.equals("Dimmer")) {
                span.ranges()
                    .stream()
                    .filter(range -> EndNames.saysStrobe(range.range().name()) && span.contains(range.from()))
                    .findFirst()
                    .ifPresent(range -> findings.add(found(view.place(channel, span, range),
                            "'" + range.range().name() + "' is called a strobe, and stands in '" + span.name()
                                    + "', whose attribute is " + attribute
                                    + ". Divide the function there and give the part the attribute of a strobe.")));
            }
        }
        return findings.stream();
    }
}
