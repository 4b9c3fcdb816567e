package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A function that starts below the one before it. */
final class FunctionsOutOfOrder implements Rule.OfChannel {
    @Override
    public String id() {
        return "functions-out-of-order";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return java.util.stream.IntStream.range(1, spans.size())
            .filter(i -> spans.get(i).logical() == spans.get(i - 1).logical() && spans.get(i).from() < spans.get(i - 1).from()
                    && Spans.sameSituation(spans.get(i).function(), spans.get(i - 1).function()))
            .mapToObj(i -> found(view.place(channel, spans.get(i)),
                    "'" + spans.get(i).name() + "' starts at " + spans.get(i).from() + ", below '" + spans.get(i - 1).name()
                            + "' before it; programs may read them differently."));
    }
}
