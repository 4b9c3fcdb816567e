package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Trees;

/** Begins a named range inside a function; the range that held its first value ends below it. */
public record AddRange(int function, String name, long from) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var span = at.span();
            if (!span.contains(from)) {
                return Located.rejected("from",
                        "'" + span.name() + "' runs from " + span.from() + " to " + span.to() + "; " + from + " is outside it.");
            }
            if (span.ranges().stream().anyMatch(range -> range.from() == from)) {
                return Located.rejected("from", "A named range starts at " + from + " already.");
            }
            return Names.refusal("name", name).orElseGet(() -> {
                int index = (int) span.ranges().stream().filter(range -> range.from() < from).count();
                var range = NamedRange.of(before.nextId(), name, new DmxValue(from, at.channel().bytes()));
                var after = at.replace(at.function().with(f -> f.ranges = Trees.insert(f.ranges, index, range)));
                return Located.applied(after.with(f -> f.nextId++));
            });
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Range '" + name + "' begins at " + from
                + Located.function(before, function).map(at -> " in '" + at.name() + "'").orElse("");
    }
}
