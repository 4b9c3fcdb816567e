package yellowkite.core.check;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A fine byte that is kept as a channel of its own: nothing moves smoothly. */
final class LoneFineByte implements Rule.OfChannel {
    private static final Pattern FINE = Pattern.compile("(?i)(^|[^a-z])(fine|lsb|low byte)($|[^a-z])|[a-z]Fine$");

    /** A name without any of these needs no closer look. */
    private static final List<String> HINTS = List.of("ine", "INE", "yte", "YTE", "lsb", "LSB");

    @Override
    public String id() {
        return "lone-fine-byte";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return channel.bytes() != 1 || channel.isVirtual() ? Stream.empty()
                : spans.stream()
                    .filter(span -> saysFine(span.name()) || saysFine(span.function().originalAttribute()) || saysFine(channel.attribute()))
                    .limit(1)
                    .map(span -> found(view.place(channel, span), "'" + span.name()
                            + "' is a fine byte as a channel of its own; give its address to the channel of the coarse byte, as the second one."));
    }

    private static boolean saysFine(String name) {
        for (var hint : HINTS) {
            if (name.contains(hint)) {
                return FINE.matcher(name).find();
            }
        }
        return false;
    }
}
