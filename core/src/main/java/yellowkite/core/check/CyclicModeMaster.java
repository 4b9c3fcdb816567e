package yellowkite.core.check;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;

/** Functions that wait for each other in a circle: none of them ever counts. */
final class CyclicModeMaster implements Rule.OfChannel {
    /** A fixture has a handful of masters that wait for masters. */
    private static final int LONGEST_CHAIN = 256;

    @Override
    public String id() {
        return "cyclic-mode-master";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return Conditions.areNone(spans) ? Stream.empty()
                : spans.stream()
                    .filter(span -> waitsForItself(view, span.function()))
                    .map(span -> found(view.place(channel, span),
                            "'" + span.name() + "' never counts: its mode masters wait for each other in a circle."));
    }

    private static boolean waitsForItself(ModeView view, ChannelFunction start) {
        var seen = new HashSet<Integer>();
        var at = start;
        while (!at.modeMaster().isEmpty() && seen.size() < LONGEST_CHAIN && seen.add(at.id())) {
            var target = view.links().find(at.modeMaster());
            if (target == null || target.function() == null) {
                return false;
            }
            at = target.function();
        }
        return seen.contains(at.id()) && at.id() == start.id();
    }
}
