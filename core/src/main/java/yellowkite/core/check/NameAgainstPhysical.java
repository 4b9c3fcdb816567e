package yellowkite.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.SetFunctionPhysical;
import yellowkite.core.edit.SetRangePhysical;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.PhysicalUnit;

/** A function or range called open, closed or stop whose physical value says something else. */
final class NameAgainstPhysical implements Rule.OfChannel {
    /** What stands still at 0. */
    private static final Set<PhysicalUnit> MOVES = Set.of(PhysicalUnit.AngularSpeed, PhysicalUnit.Speed, PhysicalUnit.Frequency);

    @Override
    public String id() {
        return "name-against-physical";
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
            var unit = view.type().unitOf(attribute);
            var due = promised(span.name(), attribute, unit);
            double from = span.function().physicalFrom();
            double to = span.function().physicalTo();
            if (due != null && span.ranges().isEmpty() && (from != due || to != due)) {
                findings.add(found(view.place(channel, span), says(span.name(), attribute, unit, from, to),
                        new SetFunctionPhysical(span.function().id(), due, due), "Make it " + EndWords.of(attribute, due, unit)));
            }
            for (var range : span.ranges()) {
                var promise = promised(range.range().name(), attribute, unit);
                if (promise != null && span.contains(range.from()) && differs(range, promise)) {
                    findings.add(found(view.place(channel, span, range),
                            says(range.range().name(), attribute, unit, range.physicalFrom(), range.physicalTo()),
                            new SetRangePhysical(range.range().id(), promise, promise),
                            "Make it " + EndWords.of(attribute, promise, unit)));
                }
            }
        }
        return findings.stream();
    }

    /** A range that takes its ends from a function which passes through all values is forgiven: it only has to lead there. */
    private static boolean differs(Spans.RangeSpan range, double due) {
        return range.hasOwnPhysical() ? range.physicalFrom() != due || range.physicalTo() != due
                : range.physicalFrom() == range.physicalTo() && range.physicalFrom() != due;
    }

    /** {@return the physical value that a name promises; null if it promises none} */
    private static @Nullable Double promised(String name, String attribute, PhysicalUnit unit) {
        if (EndNames.opensAndCloses(attribute)) {
            return EndNames.saysOpen(name) ? (Double) 1.0 : EndNames.saysClosed(name) ? (Double) 0.0 : null;
        }
        return MOVES.contains(unit) && EndNames.saysStop(name) ? (Double) 0.0 : null;
    }

    private static String says(String name, String attribute, PhysicalUnit unit, double from, double to) {
        var first = EndWords.of(attribute, from, unit);
        return "'" + name + "' is " + (from == to ? first : first + " to " + EndWords.of(attribute, to, unit)) + " by its physical values.";
    }
}
