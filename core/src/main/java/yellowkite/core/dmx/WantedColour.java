package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Additive;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glass;
import yellowkite.core.colour.Hue;
import yellowkite.core.colour.Hull;
import yellowkite.core.colour.Subtractive;
import yellowkite.core.colour.Temperature;
import yellowkite.core.colour.Xyz;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.PhysicalUnit;

/**
 * The way back for colour: from a wanted colour to the values of the channels that make it. Wheels and corrections stay where
 * they stand. Ultraviolet is put out: it makes paint glow, and is hardly seen itself.
 */
public final class WantedColour {
    private final FixtureType type;
    private final Mode mode;
    private final Resolver resolver;
    private final long[] raws;
    private final LightPath path;

    /** @param level in [0, 1] of what the attribute can do */
    public record Level(String attribute, double level) {}

    /** The answer, or why there is none. */
    public sealed interface Result {
        /**
         * @param values  raw, by channel id
         * @param reached what the steps of these channels really give
         * @param inGamut whether the lamp can make the wanted colour; if not, the nearest to it is reached
         */
        record Found(List<Level> levels, Map<Integer, Long> values, Xyz reached, double distance, boolean inGamut) implements Result {
            /** Such a difference can just be told apart side by side. */
            private static final double SEEN = 0.0011;

            /** {@return one sentence on how near it comes} */
            public String says() {
                var far = String.format(Locale.ROOT, "%.4f", distance);
                return !inGamut ? "Out of this lamp's gamut: the nearest that it can make is \u0394u'v' " + far + " away."
                        : distance < SEEN ? "Reached within what can be told apart: \u0394u'v' " + far + "."
                        : "Reached as near as the steps of its channels allow: \u0394u'v' " + far + ".";
            }
        }

        /** @param reason one sentence */
        record Impossible(String reason) implements Result {}
    }

    private WantedColour(FixtureType type, Mode mode, Resolver resolver, long[] raws) {
        this.type = type;
        this.mode = mode;
        this.resolver = resolver;
        this.raws = raws;
        this.path = LightPath.of(type, resolver.resolve(raws));
    }

    /** @param raws where the channels stand, in the order of the resolver's map */
    public static WantedColour of(FixtureType type, Mode mode, Resolver resolver, long[] raws) {
        return new WantedColour(type, mode, resolver, raws.clone());
    }

    /** {@return the colours that the mode can mix; none if it mixes none} */
    public Optional<Hull> gamut() {
        var lights = lights();
        if (lights.size() >= 2) {
            return Optional.of(Additive.gamut(List.copyOf(lights.values())));
        }
        if (path.flags().size() >= 2) {
            return Optional.of(Subtractive.gamut(path.onTop().pass(path.white()), path.flags().stream().map(LightPath.Part::full).toList()));
        }
        if (has("CIE_X") && has("CIE_Y")) {
            return Optional.empty(); // whatever can be written can be asked for
        }
        if (has("HSB_Hue") || has("ColorRGB_Red")) {
            var space = Emitters.of(type).space();
            return Optional.of(Additive.gamut(List.of(space.red(), space.green(), space.blue())));
        }
        return Optional.empty();
    }

    /** {@return the lights that are mixed, by attribute, as they leave the lamp at full} */
    public Map<String, Xyz> lights() {
        var lights = new LinkedHashMap<String, Xyz>();
        for (var part : path.lights()) {
            var light = path.onTop().pass(part.full());
            if (!part.attribute().equals(Emitters.ULTRAVIOLET) && !light.isBlack()) {
                lights.putIfAbsent(part.attribute(), light);
            }
        }
        return lights;
    }

    /** @param brightness share of the brightest that the colour allows, more than 0 and at most 1 */
    public Result find(Chromaticity wanted, Additive.Choice choice, double brightness) {
        var lights = lights();
        if (lights.size() >= 2) {
            var mix = Additive.solve(List.copyOf(lights.values()), wanted, choice);
            return set(wanted, levels(List.copyOf(lights.keySet()), mix.levels().stream().map(level -> level * brightness).toList()), mix.inGamut());
        }
        if (path.flags().size() >= 2) {
            var flags = new LinkedHashMap<String, LightPath.Part<Glass>>();
            path.flags().forEach(each -> flags.putIfAbsent(each.attribute(), each));
            var mix = Subtractive.solve(path.onTop().pass(path.white()), flags.values().stream().map(LightPath.Part::full).toList(), wanted);
            return set(wanted, levels(List.copyOf(flags.keySet()), mix.levels()), mix.inGamut());
        }
        return asked(wanted, brightness);
    }

    private Result asked(Chromaticity wanted, double brightness) {
        if (has("CIE_X") && has("CIE_Y") && has(LightPath.TRISTIMULUS_Z)) {
            return tristimulus(wanted, brightness);
        }
        if (has("CIE_X") && has("CIE_Y")) {
            return setPhysical(wanted, Map.of("CIE_X", wanted.x(), "CIE_Y", wanted.y()), List.of(), true);
        }
        var space = Emitters.of(type).space();
        var parts = space.split(wanted.at(1));
        boolean inGamut = Math.min(parts[0], Math.min(parts[1], parts[2])) >= -1e-6;
        if (has("HSB_Hue")) {
            var hue = Hue.of(parts);
            return set(wanted, levels(List.of("HSB_Hue", "HSB_Saturation"), List.of(hue[0] / 360, hue[1])), inGamut);
        }
        if (has("ColorRGB_Red")) {
            return set(wanted, levels(List.of("ColorRGB_Red", "ColorRGB_Green", "ColorRGB_Blue"), atFull(parts)), inGamut);
        }
        var correction = List.of("CTC", "CTO", "CTB").stream().filter(each -> has(each) && type.unitOf(each) == PhysicalUnit.Temperature).findFirst().orElse(null);
        return correction == null ? new Result.Impossible("Mode '" + mode.name() + "' has no channels that mix a colour.") : white(wanted, correction);
    }

    /** X, Y and Z of that colour, as large as the smallest of the three channels allows. */
    private Result tristimulus(Chromaticity wanted, double brightness) {
        var light = wanted.at(1);
        var parts = new LinkedHashMap<String, Double>();
        parts.put("CIE_X", light.x());
        parts.put("CIE_Y", light.y());
        parts.put(LightPath.TRISTIMULUS_Z, light.z());
        double up = parts.entrySet().stream().filter(each -> each.getValue() > 0).mapToDouble(each -> physical(new Level(each.getKey(), 1)) / each.getValue()).min().orElse(0);
        parts.replaceAll((attribute, part) -> Math.max(part * up * brightness, physical(new Level(attribute, 0))));
        return setPhysical(wanted, parts, List.of(), true);
    }

    private Result white(Chromaticity wanted, String attribute) {
        var white = Temperature.of(wanted).orElse(null);
        if (white == null) {
            return new Result.Impossible("Mode '" + mode.name() + "' only changes its white, and what is wanted is no white.");
        }
        var function = function(attribute);
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        return setPhysical(wanted, Map.of(attribute, Math.clamp(white.kelvin(), low, high)), List.of(), white.kelvin() >= low && white.kelvin() <= high && Math.abs(white.duv()) < 0.001);
    }

    private static List<Double> atFull(double[] parts) {
        double most = Math.max(parts[0], Math.max(parts[1], parts[2]));
        return List.of(Math.clamp(parts[0] / most, 0, 1), Math.clamp(parts[1] / most, 0, 1), Math.clamp(parts[2] / most, 0, 1));
    }

    private static List<Level> levels(List<String> attributes, List<Double> levels) {
        var named = new ArrayList<Level>();
        for (int i = 0; i < attributes.size(); i++) {
            named.add(new Level(attributes.get(i), levels.get(i)));
        }
        return named;
    }

    private Result set(Chromaticity wanted, List<Level> levels, boolean inGamut) {
        var physical = new LinkedHashMap<String, Double>();
        for (var each : levels) {
            if (!has(each.attribute())) {
                continue;
            }
            physical.put(each.attribute(), physical(each));
        }
        if (!lights().isEmpty() && has(Emitters.ULTRAVIOLET)) {
            physical.put(Emitters.ULTRAVIOLET, physical(new Level(Emitters.ULTRAVIOLET, 0)));
        }
        return setPhysical(wanted, physical, levels, inGamut);
    }

    private double physical(Level wanted) {
        var function = function(wanted.attribute());
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        return low + wanted.level() * (high - low);
    }

    private Result setPhysical(Chromaticity wanted, Map<String, Double> physical, List<Level> levels, boolean inGamut) {
        return switch (Wanted.find(type, mode, resolver, physical)) {
            case Wanted.Result.OutOfReach out -> new Result.Impossible(out.reason());
            case Wanted.Result.Found found -> {
                var stands = raws.clone();
                for (int i = 0; i < stands.length; i++) {
                    stands[i] = found.values().getOrDefault(resolver.map().channels().get(i).channel().id(), stands[i]);
                }
                var reached = LightPath.of(type, resolver.resolve(stands)).seen();
                yield new Result.Found(levels, found.values(), reached, reached.chromaticity().distanceTo(wanted), inGamut);
            }
        };
    }

    private boolean has(String attribute) {
        return mode.channels().stream().anyMatch(each -> each.carries(attribute));
    }

    private ChannelFunction function(String attribute) {
        var found = find(attribute);
        if (found == null) {
            throw new IllegalStateException("the mode has no " + attribute);
        }
        return found;
    }

    private @Nullable ChannelFunction find(String attribute) {
        return mode.channels().stream().filter(each -> each.carries(attribute)).findFirst().flatMap(each -> each.functions().filter(function -> function.attribute().equals(attribute)).findFirst()).orElse(null);
    }
}
