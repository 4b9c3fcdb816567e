package yellowkite.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Rule.ModeView;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.DmxValue;

/** What the rules about functions that wait for a master ask of them. */
final class Conditions {
    private Conditions() {}

    /** Most channels wait for nothing; rules about conditions ask this first. */
    static boolean areNone(List<Spans.FunctionSpan> spans) {
        for (var span : spans) {
            if (!span.function().modeMaster().isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** {@return the first values of a master at which none of these functions counts; null if there are none} */
    static @Nullable Values firstGap(ModeView view, String master, List<Spans.FunctionSpan> waiting) {
        var target = view.links().find(master);
        var of = target == null ? null : values(view, target);
        return of == null ? null : firstGap(waiting, Objects.requireNonNull(target).channel().bytes(), of);
    }

    /** Values of a master, both ends included. */
    record Values(long from, long to) {}

    private static @Nullable Values values(ModeView view, LinkTargets.Target master) {
        return master.function() == null ? new Values(0, master.channel().max())
                : view.compiled()
                    .spans(master.channel())
                    .stream()
                    .filter(span -> span.function() == master.function())
                    .map(span -> new Values(span.from(), span.to()))
                    .findFirst()
                    .orElse(null);
    }

    /**
     * {@return the first values of the master that no condition holds} Less than a step of the first byte is told as a gap between
     * conditions.
     */
    private static @Nullable Values firstGap(List<Spans.FunctionSpan> spans, int bytes, Values of) {
        long least = (DmxValue.max(bytes) + 1) >> 8;
        long next = of.from();
        for (var condition : spans.stream()
            .map(span -> new Values(span.function().modeFrom().at(bytes), span.function().modeTo().at(bytes)))
            .sorted(Comparator.comparingLong(Values::from))
            .toList()) {
            if (condition.from() - next >= least) {
                return new Values(next, Math.min(condition.from() - 1, of.to()));
            }
            next = Math.max(next, condition.to() + 1);
        }
        return of.to() - next + 1 >= least ? new Values(next, of.to()) : null;
    }
}
