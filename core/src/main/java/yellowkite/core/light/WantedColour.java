package yellowkite.core.light;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import yellowkite.core.colour.Additive;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glasses;
import yellowkite.core.colour.Hue;
import yellowkite.core.colour.Hull;
import yellowkite.core.colour.Subtractive;
import yellowkite.core.colour.Temperature;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.Figures;

/**
 * The way back for colour: from a wanted colour to the values of the channels that make it. Wheels and corrections stay where they stand.
 * Ultraviolet is put out: it makes paint glow, and is hardly seen itself. Of several places that mix, the one with the most to mix with is
 * asked; channels of its attributes are set everywhere.
 */
public final class WantedColour {
    private final CompiledMode mode;
    private final Probe probe;
    private final LightPlaces.Place place;
    private final LightPath path;

    /** @param level in [0, 1] of what the attribute can do */
    public record Level(String attribute, double level) {}

    /** The answer, or why there is none. */
    public sealed interface Result {
        /**
         * @param values raw, by channel id
         * @param reached what the steps of these channels really give
         * @param distance from the wanted colour, Delta u'v'
         * @param inGamut whether the fixture can make the wanted colour; if not, the nearest to it is reached
         * @param dimmed whether the brightness that was asked for is met; if not, the mode has nothing that dims
         */
        record Found(List<Level> levels, Map<Integer, Long> values, Xyz reached, double distance, boolean inGamut,
                boolean dimmed) implements Result {
            /** Such a difference can just be told apart side by side. */
            private static final double SEEN = 0.0011;

            /** {@return one sentence or two on how near it comes} */
            public String says() {
                var far = "\u0394u'v' " + Figures.of(Math.round(distance * 1e4) / 1e4);
                var near = !inGamut ? "Out of this fixture's gamut: the nearest that it can make is " + far + " away."
                        : distance < SEEN ? "Reached within what can be told apart: " + far + "."
                                : "Reached as near as the steps of its channels allow: " + far + ".";
                return dimmed ? near : near + " The brightness stays: this mode has no dimmer.";
            }
        }

        /** @param reason one sentence */
        record Impossible(String reason) implements Result {}
    }

    private WantedColour(Probe probe, LightPlaces.Place place, LightPath path) {
        this.mode = probe.mode();
        this.probe = probe;
        this.place = place;
        this.path = path;
    }

    /** @param probe where the channels stand */
    public static WantedColour of(Probe probe) {
        var meanings = probe.meanings();
        var optics = Optics.of(probe.mode());
        return optics.places()
            .places()
            .stream()
            .map(place -> new WantedColour(probe, place, LightPath.of(optics, place.channels().stream().map(meanings::get).toList())))
            .max(Comparator.<WantedColour>comparingInt(each -> each.path.lights().size() + each.path.flags().size())
                .thenComparing(each -> -each.place.channels().getFirst()))
            .orElseThrow();
    }

    /** {@return the colours that the mode can mix; none if it mixes none} */
    public Optional<Hull> gamut() {
        var lights = lights();
        if (lights.size() >= 2) {
            return Optional.of(Additive.gamut(List.copyOf(lights.values())));
        }
        if (path.flags().size() >= 2) {
            return Optional.of(Subtractive.gamut(path.white(), flagsOnTop()));
        }
        if (has("CIE_X") && has("CIE_Y")) {
            return Optional.empty(); // whatever can be written can be asked for
        }
        if (has("HSB_Hue") || has("ColorRGB_Red")) {
            var space = Optics.of(mode).emitters().space();
            return Optional.of(Additive.gamut(List.of(space.red(), space.green(), space.blue())));
        }
        return Optional.empty();
    }

    /** {@return the lights that are mixed, by attribute, as they leave the fixture at full} */
    public Map<String, Xyz> lights() {
        var lights = new LinkedHashMap<String, Xyz>();
        mixed().forEach((attribute, light) -> lights.put(attribute, path.onTop().pass(light.full())));
        return lights;
    }

    private Map<String, LightPath.Lit> mixed() {
        var lights = new LinkedHashMap<String, LightPath.Lit>();
        for (var light : path.lights()) {
            if (!light.attribute().equals(Emitters.ULTRAVIOLET) && !path.onTop().pass(light.full()).isBlack()) {
                lights.putIfAbsent(light.attribute(), light);
            }
        }
        return lights;
    }

    private Map<String, Glasses.Travel> flags() {
        var flags = new LinkedHashMap<String, Glasses.Travel>();
        path.flags().forEach(each -> flags.putIfAbsent(each.attribute(), each.travel()));
        return flags;
    }

    /** What lies on top is looked through with each of the flags; it is the same in every mix. */
    private List<Glasses.Travel> flagsOnTop() {
        var flags = new ArrayList<>(flags().values());
        var first = flags.getFirst();
        flags.set(0, share -> first.at(share).and(path.onTop()));
        return flags;
    }

    /** {@return whether a brightness can be asked for} */
    public boolean canDim() {
        return mixed().size() >= 2 || has("ColorRGB_Red") || has("CIE_X") && has(AskedColour.TRISTIMULUS_Z) || dimmer().isPresent();
    }

    private Optional<String> dimmer() {
        return List.of("HSB_Brightness", "CIE_Brightness", "Dimmer").stream().filter(this::has).findFirst();
    }

    /** @param brightness share of the brightest that the colour allows, more than 0 and at most 1 */
    public Result find(Chromaticity wanted, Additive.Choice choice, double brightness) {
        var lights = mixed();
        if (lights.size() >= 2) {
            return add(lights, wanted, choice, brightness);
        }
        if (path.flags().size() >= 2) {
            var mix = Subtractive.solve(path.white(), flagsOnTop(), wanted);
            return set(wanted, levels(List.copyOf(flags().keySet()), mix.levels()), mix.inGamut(), brightness);
        }
        return asked(wanted, brightness);
    }

    private Result add(Map<String, LightPath.Lit> lights, Chromaticity wanted, Additive.Choice choice, double brightness) {
        try {
            var mix = Additive.solve(List.copyOf(lights().values()), wanted, choice);
            var levels = levels(List.copyOf(lights.keySet()), mix.levels().stream().map(level -> level * brightness).toList());
            var emitters = Optics.of(mode).emitters();
            var physical = new LinkedHashMap<String, Double>();
            levels.forEach(each -> physical.put(each.attribute(),
                    physical(each.attribute(),
                            emitters.travel(Objects.requireNonNull(lights.get(each.attribute())).function(), each.level()))));
            if (has(Emitters.ULTRAVIOLET)) {
                physical.put(Emitters.ULTRAVIOLET, physical(Emitters.ULTRAVIOLET, 0));
            }
            var found = Wanted.find(probe, physical);
            return found instanceof Wanted.Result.Found so
                    ? found(wanted,
                            new NearestSteps(mode, path.onTop(), emitters, List.copyOf(lights.values())).of(so.values(), physical,
                                    mix.reached().times(brightness)),
                            levels, mix.inGamut(), true)
                    : new Result.Impossible(((Wanted.Result.OutOfReach) found).reason());
        } catch (IllegalStateException unmet) { // lights that no way of solving handles: rather no answer than a wrong one
            return new Result.Impossible("No levels of these lights were found that make this colour.");
        }
    }

    private Result asked(Chromaticity wanted, double brightness) {
        if (has("CIE_X") && has("CIE_Y") && has(AskedColour.TRISTIMULUS_Z)) {
            return tristimulus(wanted, brightness);
        }
        if (has("CIE_X") && has("CIE_Y")) {
            return setPhysical(wanted, Map.of("CIE_X", wanted.x(), "CIE_Y", wanted.y()), List.of(), true, brightness);
        }
        var space = Optics.of(mode).emitters().space();
        var parts = space.split(wanted.at(1));
        boolean inGamut = Math.min(parts[0], Math.min(parts[1], parts[2])) >= -1e-6;
        if (has("HSB_Hue")) {
            var hue = Hue.of(parts);
            return set(wanted, levels(List.of("HSB_Hue", "HSB_Saturation"), List.of(hue[0] / 360, hue[1])), inGamut, brightness);
        }
        if (has("ColorRGB_Red")) {
            return set(wanted, levels(List.of("ColorRGB_Red", "ColorRGB_Green", "ColorRGB_Blue"), scaledTo(brightness, parts)), inGamut, 1);
        }
        var correction = List.of("CTC", "CTO", "CTB")
            .stream()
            .filter(each -> has(each) && mode.type().unitOf(each) == PhysicalUnit.Temperature)
            .findFirst();
        if (correction.isPresent()) {
            return white(wanted, correction.get(), brightness);
        }
        boolean elsewhere = mode.mode()
            .channels()
            .stream()
            .flatMap(each -> each.functions())
            .anyMatch(each -> Emitters.isEmitter(each.attribute()) || Glasses.isFlag(each.attribute()));
        return new Result.Impossible(elsewhere
                ? "The channels of mode '" + mode.mode().name()
                        + "' that mix a colour do not count at these values: another channel, such as a macro, has taken over."
                : "Mode '" + mode.mode().name() + "' has no channels that mix a colour.");
    }

    /** X, Y and Z of that colour, as large as the smallest of the three channels allows. */
    private Result tristimulus(Chromaticity wanted, double brightness) {
        var light = wanted.at(1);
        var parts = new LinkedHashMap<String, Double>();
        parts.put("CIE_X", light.x());
        parts.put("CIE_Y", light.y());
        parts.put(AskedColour.TRISTIMULUS_Z, light.z());
        double up = parts.entrySet()
            .stream()
            .filter(each -> each.getValue() > 0)
            .mapToDouble(each -> physical(each.getKey(), 1) / each.getValue())
            .min()
            .orElse(0);
        parts.replaceAll((attribute, part) -> Math.max(part * up * brightness, physical(attribute, 0)));
        return setPhysical(wanted, parts, List.of(), true, 1);
    }

    private Result white(Chromaticity wanted, String attribute, double brightness) {
        var white = Temperature.of(wanted).orElse(null);
        if (white == null) {
            return new Result.Impossible("Mode '" + mode.mode().name() + "' only changes its white, and what is wanted is not a white.");
        }
        var function = function(attribute);
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        return setPhysical(wanted, Map.of(attribute, Math.clamp(white.kelvin(), low, high)), List.of(),
                white.kelvin() >= low && white.kelvin() <= high && Math.abs(white.duv()) < 0.001, brightness);
    }

    private static List<Double> scaledTo(double brightness, double[] parts) {
        double most = Math.max(parts[0], Math.max(parts[1], parts[2])) / brightness;
        return List.of(Math.clamp(parts[0] / most, 0, 1), Math.clamp(parts[1] / most, 0, 1), Math.clamp(parts[2] / most, 0, 1));
    }

    private static List<Level> levels(List<String> attributes, List<Double> levels) {
        var named = new ArrayList<Level>();
        for (int i = 0; i < attributes.size(); i++) {
            named.add(new Level(attributes.get(i), levels.get(i)));
        }
        return named;
    }

    private Result set(Chromaticity wanted, List<Level> levels, boolean inGamut, double brightness) {
        var physical = new LinkedHashMap<String, Double>();
        levels.stream()
            .filter(each -> has(each.attribute()))
            .forEach(each -> physical.put(each.attribute(), physical(each.attribute(), each.level())));
        return setPhysical(wanted, physical, levels, inGamut, brightness);
    }

    private double physical(String attribute, double level) {
        var function = function(attribute);
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        return low + level * (high - low);
    }

    private Result setPhysical(Chromaticity wanted, Map<String, Double> physical, List<Level> levels, boolean inGamut, double brightness) {
        var all = new LinkedHashMap<>(physical);
        var dimmer = brightness < 1 ? dimmer() : Optional.<String>empty();
        dimmer.ifPresent(attribute -> all.put(attribute, physical(attribute, brightness)));
        return switch (Wanted.find(probe, all)) {
            case Wanted.Result.OutOfReach out -> new Result.Impossible(out.reason());
            case Wanted.Result.Found found -> found(wanted, found.values(), levels, inGamut, brightness == 1 || dimmer.isPresent());
        };
    }

    private Result found(Chromaticity wanted, Map<Integer, Long> values, List<Level> levels, boolean inGamut, boolean dimmed) {
        var meanings = probe.with(values).meanings();
        var reached = LightPath.of(Optics.of(mode), place.channels().stream().map(meanings::get).toList()).seen();
        return new Result.Found(levels, values, reached, reached.chromaticity().distanceTo(wanted), inGamut, dimmed);
    }

    private boolean has(String attribute) {
        return mode.mode().channels().stream().anyMatch(each -> each.carries(attribute));
    }

    private ChannelFunction function(String attribute) {
        return mode.mode()
            .channels()
            .stream()
            .filter(each -> each.carries(attribute))
            .findFirst()
            .flatMap(each -> each.functions().filter(function -> function.attribute().equals(attribute)).findFirst())
            .orElseThrow(() -> new IllegalStateException("the mode has no " + attribute));
    }
}
