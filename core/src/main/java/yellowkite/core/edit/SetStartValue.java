package yellowkite.core.edit;

import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/** Sets the value that a channel has when nothing else is asked for. The function that holds it becomes the initial one. */
public record SetStartValue(int channel, long value) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            var was = at.channel();
            if (value < 0 || value > was.max()) {
                return Located.rejected("value",
                        "A start value of this channel lies from 0 to " + was.max() + "; " + value + " is outside.");
            }
            if (value == was.start()) {
                return Located.applied(before);
            }
            var initial = was.findInitialFunction();
            var holding = Spans.of(was).stream().filter(span -> span.contains(value)).toList();
            if (holding.isEmpty()) {
                return Located.rejected("value", "No function of this channel holds " + value + ".");
            }
            var span = holding.stream()
                .filter(each -> initial.isPresent() && each.function().id() == initial.get().id())
                .findFirst()
                .orElse(holding.getFirst());
            var start = new DmxValue(value, was.bytes());
            var after = was.mapFunctions(each -> each.id() == span.function().id() ? each.with(f -> f.defaultValue = start) : each);
            boolean first = was.functions().findFirst().orElseThrow().id() == span.function().id();
            boolean initialStays = initial.isPresent() && initial.get().id() == span.function().id();
            if (!initialStays) {
                after = after.withInitialFunction(first ? "" : was.linkTo(span.logical(), span.function()));
            }
            return Located.applied(at.replace(after));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Located.channel(before, channel)
            .map(at -> "Start value of " + at.called() + " " + at.channel().start() + " → " + value)
            .orElse("Start value → " + value);
    }
}
