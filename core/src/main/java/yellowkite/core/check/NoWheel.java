package yellowkite.core.check;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A channel that turns gobos, colours or prisms, and says no wheel that these are on. */
final class NoWheel implements Rule.OfChannel {
    private static final Pattern TURNS_A_WHEEL = Pattern.compile("(Gobo|Color|Prism)\\d+");

    @Override
    public String id() {
        return "no-wheel";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(span -> span.function().wheel().isEmpty() && turnsAWheel(span.function().attribute()))
            .map(span -> foundOnWheel(view, channel, span,
                    "'" + span.name() + "' is on no wheel, so nobody can see what its values select."));
    }

    private static boolean turnsAWheel(String attribute) {
        return (attribute.startsWith("Gobo") || attribute.startsWith("Color") || attribute.startsWith("Prism"))
                && TURNS_A_WHEEL.matcher(attribute).matches();
    }
}
