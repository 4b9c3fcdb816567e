package yellowkite.core.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;

/**
 * A fixture's axes and wheels on their way: as fast as its functions say, at once where they say nothing. Each way begins from standing
 * still: it gains speed for {@code RealAcceleration} seconds, loses it as long, and at full speed crosses all of a function in
 * {@code RealFade} seconds. Source: GDTF, channel function. Not for several threads.
 */
public final class Moving {
    private final CompiledMode mode;
    private final Map<String, Way> ways = new HashMap<>();
    private Seen target;

    /** A wheel of so many slots. */
    private static final String ON_WHEEL = "wheel ";

    /** From one place to another. @param begun in s. @param speed in units a second, 0 = at once. @param gain s to full speed */
    private record Way(double from, double to, double begun, double speed, double gain) {
        double at(double now) {
            double distance = Math.abs(to - from);
            double done = speed <= 0 ? distance : Math.min(distance, travelled(distance, Math.max(0, now - begun)));
            return done >= distance ? to : from + Math.signum(to - from) * done;
        }

        private double travelled(double distance, double time) {
            double gaining = gain;
            double top = speed;
            if (gain > 0 && speed * gain > distance) { // too near to reach full speed
                gaining = Math.sqrt(distance * gain / speed);
                top = speed * gaining / gain;
            }
            double whole = gaining + distance / top;
            if (time >= whole) {
                return distance;
            } else if (time < gaining) {
                return top * time * time / (2 * gaining);
            }
            double left = whole - time;
            return left < gaining ? distance - top * left * left / (2 * gaining) : top * (time - gaining / 2);
        }
    }

    /** @param standing what is seen of it where it stands */
    public Moving(CompiledMode mode, Seen standing) {
        this.mode = mode;
        this.target = standing;
    }

    /** Sends it where its channels say. @param meanings that it obeys. @param to what is seen there in the end. @param now in s */
    public void aim(List<Meaning> meanings, Seen to, double now) {
        var before = at(now);
        for (var meaning : meanings) {
            var function = meaning.function();
            if (function == null || meaning.physical() == null) {
                continue;
            }
            var attribute = function.function().attribute();
            double fade = function.function().realFade();
            double gain = function.function().realAcceleration();
            if (to.axes().containsKey(attribute) && Objects.equals(to.axes().get(attribute), meaning.physical())) {
                double span = Math.abs(function.function().physicalTo() - function.function().physicalFrom());
                begin(attribute, before.axes().get(attribute), to.axes().get(attribute), fade > 0 ? span / fade : 0, gain, now);
            }
            var wheel = function.function().wheel();
            if (to.wheels().containsKey(wheel)) {
                int slots = mode.type().findWheel(wheel).map(each -> each.slots().size()).orElse(1);
                var was = before.wheels().get(wheel);
                begin(ON_WHEEL + wheel, was == null ? null : (double) was.slot(), (double) to.wheels().get(wheel).slot(),
                        fade > 0 ? Math.max(1, slots - 1) / fade : 0, gain, now);
            }
        }
        target = to;
    }

    private void begin(String name, @Nullable Double from, Double to, double speed, double gain, double now) {
        var on = ways.get(name);
        if (on == null || on.to() != to) {
            ways.put(name, new Way(on == null ? from == null ? to : from : on.at(now), to, now, speed, gain));
        }
    }

    /** {@return what is seen of it now} @param now in s */
    public Seen at(double now) {
        var axes = new TreeMap<>(target.axes());
        axes.replaceAll((name, end) -> ways.containsKey(name) ? ways.get(name).at(now) : end);
        var wheels = new TreeMap<>(target.wheels());
        wheels.replaceAll((name, end) -> {
            var way = ways.get(ON_WHEEL + name);
            return way == null ? end : new Seen.OfWheel((int) Math.round(way.at(now)), end.turn(), end.spin(), end.shake());
        });
        return new Seen(target.frames(), target.source(), target.dmx(), target.level(), axes, target.colour(), wheels, target.zoom(),
                target.focus(), target.iris(), target.strobe(), target.cells(), target.identify(), target.address(), target.personality());
    }

    /** {@return whether everything has come to rest} @param now in s */
    public boolean rests(double now) {
        return ways.values().stream().allMatch(each -> each.at(now) == each.to());
    }
}
