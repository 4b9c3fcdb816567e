package yellowkite.core.bench;

import java.util.Comparator;
import java.util.Set;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.light.Light;

/** The values from which a walk is walked: those at which the light can be looked at. */
final class Lit {
    private Lit() {}

    /**
     * {@return one value for each placed channel} Highlight values where they are stated; where these leave it dark, what lets light out.
     */
    static long[] of(CompiledMode mode) {
        var raws = Probe.atStart(mode).lit(Set.of()).raws().clone();
        if (Light.of(mode, mode.resolve(raws)).level() > 0) {
            return raws;
        }
        for (int i = 0; i < raws.length; i++) {
            var channel = mode.map().channels().get(i).channel();
            var spans = mode.spans(channel).stream().filter(each -> each.from() <= each.to()).toList();
            var attribute = channel.attribute();
            if (attribute.equals("Dimmer") || attribute.startsWith("ColorAdd_")) {
                raws[i] = spans.isEmpty() ? raws[i] : brightest(spans.getFirst());
            } else if (attribute.matches("Shutter\\d*")) {
                raws[i] = spans.stream()
                    .filter(each -> Watched.of(each.function(), mode.type().unitOf(each.function().attribute())) == Watched.LEVEL)
                    .max(Comparator.comparingDouble(each -> each.reachedAt(brightest(each))))
                    .map(Lit::brightest)
                    .orElse(raws[i]);
            }
        }
        return raws;
    }

    private static long brightest(Spans.FunctionSpan span) {
        return Wanted.nearest(span, Math.max(span.function().physicalFrom(), span.function().physicalTo())).raw();
    }
}
