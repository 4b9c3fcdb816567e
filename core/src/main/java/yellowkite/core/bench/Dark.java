package yellowkite.core.bench;

import java.util.Comparator;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Wanted;

/** The values at which a fixture gives no light. */
public final class Dark {
    private Dark() {}

    /** {@return start values, with every channel that lets light out where it lets none} */
    public static long[] of(CompiledMode mode) {
        var raws = mode.startValues();
        for (int i = 0; i < raws.length; i++) {
            var channel = mode.map().channels().get(i).channel();
            var attribute = channel.attribute();
            boolean lets = attribute.equals("Dimmer") || attribute.startsWith("ColorAdd_") || attribute.matches("Shutter\\d*");
            if (lets) {
                raws[i] = mode.spans(channel)
                    .stream()
                    .filter(each -> each.from() <= each.to()
                            && Watched.of(each.function(), mode.type().unitOf(each.function().attribute())) != Watched.STROBE)
                    .map(each -> Wanted.nearest(each, Math.min(each.function().physicalFrom(), each.function().physicalTo())))
                    .min(Comparator.comparingDouble(Wanted.Step::got))
                    .map(Wanted.Step::raw)
                    .orElse(raws[i]);
            }
        }
        return raws;
    }
}
