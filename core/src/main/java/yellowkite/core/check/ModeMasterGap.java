package yellowkite.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;

/** Two conditions on a wide master that meet in one byte and leave values between them in its own width. */
final class ModeMasterGap implements Rule.OfChannel {
    @Override
    public String id() {
        return "mode-master-gap";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        if (Conditions.areNone(spans)) {
            return Stream.empty();
        }
        var starts = new HashMap<Start, Spans.FunctionSpan>();
        spans.forEach(span -> starts.putIfAbsent(new Start(span.function().modeMaster(), span.function().modeFrom()), span));
        return spans.stream()
            .map(Spans.FunctionSpan::function)
            .filter(function -> !function.modeMaster().isEmpty() && function.modeTo().raw() < DmxValue.max(function.modeTo().bytes()))
            .flatMap(lower -> {
                var master = view.links().find(lower.modeMaster());
                var next = starts.get(new Start(lower.modeMaster(),
                        new DmxValue(lower.modeTo().raw() + 1, lower.modeTo().bytes(), lower.modeTo().shifted())));
                if (master == null || next == null) {
                    return Stream.empty();
                }
                int bytes = master.channel().bytes();
                long last = lower.modeTo().at(bytes);
                long first = next.function().modeFrom().at(bytes);
                return last + 1 >= first ? Stream.empty()
                        : Stream.of(found(view.place(channel, next),
                                "Between the conditions of '" + lower.name() + "' and '" + next.name() + "' the values "
                                        + (last + 1) + " to " + (first - 1) + " of '" + lower.modeMaster()
                                        + "' belong to neither: a byte repeated in " + 8 * bytes + " bits leaves a gap."));
            });
    }

    private record Start(String master, DmxValue from) {}
}
