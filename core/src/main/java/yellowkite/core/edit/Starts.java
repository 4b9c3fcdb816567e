package yellowkite.core.edit;

import java.util.HashSet;
import java.util.Optional;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;

/** Whether functions, and the named ranges of each, begin at values of their own: of two that begin together only one is ever reached. */
final class Starts {
    private Starts() {}

    /** {@return the outcome, or a refusal where functions or ranges that began apart before begin together} */
    static Edit.Outcome kept(FixtureType before, Edit.Outcome outcome, String field) {
        if (!(outcome instanceof Edit.Outcome.Applied applied)) {
            return outcome;
        }
        for (var mode : applied.after().modes()) {
            for (var channel : mode.channels()) {
                var was = Located.channel(before, channel.id()).map(Located.InMode::channel).orElse(null);
                var together = was == channel || was != null && together(was).isPresent() ? Optional.<String>empty() : together(channel);
                if (together.isPresent()) {
                    return new Edit.Outcome.Rejected(field, together.get());
                }
            }
        }
        return outcome;
    }

    private static Optional<String> together(Channel channel) {
        var spans = Spans.of(channel);
        for (var span : spans) {
            var other = spans.stream().filter(each -> each != span && each.logical() == span.logical() && each.from() == span.from() && Spans.sameSituation(each.function(), span.function())).findFirst();
            if (other.isPresent()) {
                return Optional.of("'" + span.name() + "' and '" + other.get().name() + "' of '" + channel.name() + "' would both start at " + span.from() + ".");
            }
            var starts = new HashSet<Long>();
            var range = span.ranges().stream().filter(each -> !starts.add(each.from())).findFirst();
            if (range.isPresent()) {
                return Optional.of("Two named ranges of '" + span.name() + "' on '" + channel.name() + "' would both start at " + range.get().from() + ".");
            }
        }
        return Optional.empty();
    }
}
