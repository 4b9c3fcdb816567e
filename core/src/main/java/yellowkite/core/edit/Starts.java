package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;

/**
 * Whether functions, and the named ranges of each, begin at values of their own, the ranges within their function: of two that begin
 * together, and of those that begin outside, one is never reached.
 */
final class Starts {
    private Starts() {}

    /** {@return the outcome, or a refusal where functions or ranges that began well before begin together, or outside} */
    static Outcome<FixtureType> kept(FixtureType before, Outcome<FixtureType> outcome, String field) {
        if (!(outcome instanceof Outcome.Applied<FixtureType> applied)) {
            return outcome;
        }
        for (var mode : applied.after().modes()) {
            var known = before.findMode(mode.id()).map(each -> each.channels()).orElse(List.of());
            for (int i = 0; i < mode.channels().size(); i++) {
                var channel = mode.channels().get(i);
                if (i < known.size() && known.get(i) == channel) { // as nearly all are
                    continue;
                }
                var was = Located.channel(before, channel.id()).map(Located.InMode::channel).orElse(null);
                var spoiled = was == channel || was != null && spoiled(was).isPresent() ? Optional.<String>empty() : spoiled(channel);
                if (spoiled.isPresent()) {
                    return new Outcome.Rejected<>(field, spoiled.get());
                }
            }
        }
        return outcome;
    }

    private static Optional<String> spoiled(Channel channel) {
        var spans = Spans.of(channel);
        for (var span : spans) {
            var other = spans.stream()
                .filter(each -> each != span && each.logical() == span.logical() && each.from() == span.from()
                        && Spans.sameSituation(each.function(), span.function()))
                .findFirst();
            if (other.isPresent()) {
                return Optional.of("'" + span.name() + "' and '" + other.get().name() + "' of '" + channel.name() + "' would both start at "
                        + span.from() + ".");
            }
            var outside = span.ranges().stream().filter(each -> !span.contains(each.from())).findFirst();
            if (outside.isPresent()) {
                return Optional.of("'" + outside.get().range().name() + "' begins at " + outside.get().from() + ", and '" + span.name()
                        + "' of '" + channel.name() + "' would run from " + span.from() + " to " + span.to() + " only.");
            }
            var starts = new HashSet<Long>();
            var range = span.ranges().stream().filter(each -> !starts.add(each.from())).findFirst();
            if (range.isPresent()) {
                return Optional.of("Two named ranges of '" + span.name() + "' on '" + channel.name() + "' would both start at "
                        + range.get().from() + ".");
            }
        }
        return Optional.empty();
    }
}
