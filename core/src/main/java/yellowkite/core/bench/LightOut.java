package yellowkite.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.light.Light;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;

/** The values at which a fixture lets its light out, and those at which it gives none; one for each placed channel, in the map's order. */
public final class LightOut {
    private static final Pattern OPENS = Pattern.compile("Dimmer|Shutter\\d*|ColorAdd_.*");

    private LightOut() {}

    /**
     * {@return values at which the light can be looked at} Highlight values where they are stated; where these leave it dark, what opens
     * it.
     */
    static long[] full(CompiledMode mode) {
        var raws = Probe.atStart(mode).lit(Set.of()).raws().clone();
        return Light.of(mode, mode.resolve(raws)).level() > 0 ? raws
                : moved(mode, raws, each -> Math.max(each.physicalFrom(), each.physicalTo()),
                        Comparator.comparingDouble(step -> -step.got()));
    }

    /** {@return start values, with every channel that lets light out where it lets none} */
    public static long[] none(CompiledMode mode) {
        return moved(mode, mode.startValues(), each -> Math.min(each.physicalFrom(), each.physicalTo()),
                Comparator.comparingDouble(Wanted.Step::got));
    }

    /** {@return whether a channel lets light out, or keeps it in} */
    static boolean isOpenedBy(Channel channel) {
        return OPENS.matcher(channel.attribute()).matches();
    }

    private static long[] moved(CompiledMode mode, long[] raws, ToDoubleFunction<ChannelFunction> wanted, Comparator<Wanted.Step> best) {
        for (int i = 0; i < raws.length; i++) {
            var channel = mode.map().channels().get(i).channel();
            if (isOpenedBy(channel)) {
                raws[i] = steady(mode, mode.spans(channel)).stream()
                    .map(each -> Wanted.nearest(each, wanted.applyAsDouble(each.function())))
                    .min(best)
                    .map(Wanted.Step::raw)
                    .orElse(raws[i]);
            }
        }
        return raws;
    }

    /** Without those that flash. */
    private static List<Spans.FunctionSpan> steady(CompiledMode mode, List<Spans.FunctionSpan> spans) {
        return spans.stream()
            .filter(each -> each.from() <= each.to()
                    && Watched.of(each.function(), mode.type().unitOf(each.function().attribute())) != Watched.STROBE)
            .toList();
    }
}
