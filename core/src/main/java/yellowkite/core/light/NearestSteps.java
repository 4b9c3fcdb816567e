package yellowkite.core.light;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glass;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Spans;

/**
 * Levels of several lights on channels of one byte, rounded together: each rounded by itself may lie on the nearest step, and their sum
 * still far from the colour.
 */
record NearestSteps(CompiledMode mode, Glass onTop, Emitters emitters, List<LightPath.Lit> lights) {
    /** Two steps for each light are tried in every combination. */
    private static final int MOST_LIGHTS = 10;

    /** The two steps that lie around what is asked of a light, and what is seen at each. */
    private record Choice(int channel, long[] raws, Xyz[] seen) {}

    /**
     * {@return the values with those of the lights changed so that their sum comes nearest to the aim's colour}
     *
     * @param values raw, by channel id; those of the lights on their nearest steps
     * @param physical what is asked of each attribute
     */
    Map<Integer, Long> of(Map<Integer, Long> values, Map<String, Double> physical, Xyz aim) {
        var choices = lights.size() > MOST_LIGHTS ? List.<Choice>of()
                : lights.stream()
                    .flatMap(light -> choice(light, values, Objects.requireNonNull(physical.get(light.attribute()))).stream())
                    .toList();
        if (choices.size() < lights.size()) {
            return values;
        }
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int combination = 0; combination < 1 << choices.size(); combination++) {
            var sum = Xyz.BLACK;
            for (int i = 0; i < choices.size(); i++) {
                sum = sum.plus(choices.get(i).seen()[combination >> i & 1]);
            }
            double far = sum.isBlack() ? Double.POSITIVE_INFINITY : sum.chromaticity().distanceTo(aim.chromaticity());
            if (far < least) {
                least = far;
                best = combination;
            }
        }
        var nearest = new HashMap<>(values);
        for (int i = 0; i < choices.size(); i++) {
            nearest.put(choices.get(i).channel(), choices.get(i).raws()[best >> i & 1]);
        }
        return nearest;
    }

    private List<Choice> choice(LightPath.Lit light, Map<Integer, Long> values, double asked) {
        var found = new ArrayList<Choice>();
        for (var channel : mode.mode().channels()) {
            var raw = values.get(channel.id());
            if (raw == null || channel.bytes() > 1) {
                continue;
            }
            mode.spans(channel)
                .stream()
                .filter(span -> span.function().attribute().equals(light.attribute()) && span.contains(raw))
                .findFirst()
                .ifPresent(span -> found.add(choice(channel.id(), span, raw, asked)));
        }
        return found.size() == 1 ? found : List.of(); // where a light stands on several channels each keeps its own nearest step
    }

    private Choice choice(int channel, Spans.FunctionSpan span, long raw, double asked) {
        double got = span.reachedAt(raw);
        long up = Math.min(span.to(), raw + 1);
        boolean towards = Math.signum(span.reachedAt(up) - got) == Math.signum(asked - got);
        long other = towards ? up : Math.max(span.from(), raw - 1);
        return new Choice(channel, new long[]{raw, other}, new Xyz[]{seen(span, raw), seen(span, other)});
    }

    private Xyz seen(Spans.FunctionSpan span, long raw) {
        var function = span.function();
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        double share = high == low ? 1 : Math.clamp((span.reachedAt(raw) - low) / (high - low), 0, 1);
        return onTop.pass(emitters.at(function, share));
    }
}
