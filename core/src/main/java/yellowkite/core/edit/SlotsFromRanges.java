package yellowkite.core.edit;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.ChartFunctions;
import yellowkite.core.chart.meaning.RangeMeaning;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/**
 * Joins the named ranges of a function to the slots of a wheel by their names; slots that the wheel lacks are added at its end.
 *
 * @param wheel id; null = a new wheel, made of the ranges
 */
public record SlotsFromRanges(int function, @Nullable Integer wheel) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var channel = at.channel();
            var span = Spans.of(before, channel).stream().filter(each -> each.function().id() == function).findFirst().orElseThrow();
            var named = span.ranges()
                .stream()
                .filter(each -> !each.range().name().isBlank() && each.from() <= each.to())
                .map(each -> new RangeMeaning.Named(each.range().name(), each.from(), Math.min(each.to(), span.to())))
                .toList();
            if (named.isEmpty()) {
                return Located.rejected("function", "'" + span.name() + "' has no named range that could name a slot.");
            }
            var known = wheel == null ? null : before.wheels().stream().filter(each -> each.id() == wheel).findFirst().orElse(null);
            if (wheel != null && known == null) {
                return Located.missing("wheel");
            }
            var name = RangeMeaning.wheelOf(channel.attribute());
            if (name.isEmpty()) {
                return Located.rejected("function", Attributes.pretty(before, channel.attribute()) + " selects from no wheel.");
            }
            var meaning = RangeMeaning.ofRanges(channel.attribute(), Attributes.pretty(before, channel.attribute()), named, channel.bytes(),
                    known == null ? null : known.slots().stream().map(Wheel.Slot::name).toList());
            var laid = ChartFunctions.of(before, channel.attribute(), meaning, channel.bytes(), Map.of());
            var called = laid.functions().stream().map(each -> each.function().wheel()).filter(each -> !each.isEmpty()).findFirst();
            if (called.isEmpty()) {
                return Located.rejected("function", "The words of the ranges of '" + span.name() + "' name no slot.");
            }
            var slots = new HashMap<Long, Integer>();
            laid.functions()
                .forEach(each -> each.function().ranges().forEach(range -> slots.put(range.dmxFrom().at(channel.bytes()), range.slot())));
            var joined = at.function().with(f -> {
                f.wheel = called.get();
                f.ranges = f.ranges.stream()
                    .map(range -> range.withSlot(slots.getOrDefault(range.dmxFrom().at(channel.bytes()), range.slot())))
                    .toList();
            });
            return Located.applied(at.replace(joined).with(f -> {
                f.wheels = laid.type().wheels();
                f.nextId = Math.max(f.nextId, laid.type().nextId());
            }));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function)
            .map(at -> "Ranges of '" + at.name() + "' joined to the slots of " + (wheel == null ? "a new wheel" : "a wheel"))
            .orElse("Ranges joined to slots");
    }
}
