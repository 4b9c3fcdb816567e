package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/**
 * A function with a condition that takes values from one which always counts, and gives them back when its master moves: the standard has
 * it so, and not every reader knows.
 */
final class ConditionOverlap implements Rule.OfChannel {
    /** Each function is held against each; a channel has a few dozen, and only a hostile file has thousands. */
    private static final int MOST = 256;

    @Override
    public String id() {
        return "condition-overlap";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        if (spans.size() > MOST || Conditions.areNone(spans)) {
            return Stream.empty();
        }
        var always = spans.stream().filter(span -> span.function().modeMaster().isEmpty()).toList();
        return spans.stream()
            .filter(span -> !span.function().modeMaster().isEmpty())
            .flatMap(span -> always.stream()
                .filter(each -> each.logical() == span.logical() && from(each, span) <= to(each, span)
                        && comesBack(view, spans, each, span))
                .limit(1)
                .map(each -> found(view.place(channel, span),
                        "'" + span.name() + "' counts under a condition, and takes values " + from(each, span) + " to " + to(each, span)
                                + " from '" + each.name() + "', which always counts. If that is meant, give '" + each.name()
                                + "' the other values of '" + span.function().modeMaster() + "'.")));
    }

    /** Functions that share all values of a master between them leave none of theirs to the one below. */
    private static boolean comesBack(ModeView view, List<Spans.FunctionSpan> spans, Spans.FunctionSpan always, Spans.FunctionSpan waiting) {
        var master = waiting.function().modeMaster();
        return Conditions.firstGap(view, master, spans.stream()
            .filter(each -> each.function().modeMaster().equals(master)
                    && each.from() <= from(always, waiting) && each.to() >= to(always, waiting))
            .toList()) != null;
    }

    private static long from(Spans.FunctionSpan a, Spans.FunctionSpan b) {
        return Math.max(a.from(), b.from());
    }

    private static long to(Spans.FunctionSpan a, Spans.FunctionSpan b) {
        return Math.min(a.to(), b.to());
    }
}
