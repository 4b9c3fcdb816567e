package yellowkite.core.colour;

import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Measurement;

/**
 * The coloured lights of a profile by level. A function that names no emitter counts as the profile's colour space has red, green and blue
 * (sRGB unless it says otherwise), or as lights of that kind usually are.
 */
public final class Emitters {
    /** As linear red, green and blue of the profile's colour space. */
    private static final Map<String, double[]> USUAL = Map.ofEntries(
            Map.entry("ColorAdd_R", rgb(1, 0, 0)), Map.entry("ColorAdd_G", rgb(0, 1, 0)), Map.entry("ColorAdd_B", rgb(0, 0, 1)),
            Map.entry("ColorAdd_C", rgb(0, 1, 1)), Map.entry("ColorAdd_M", rgb(1, 0, 1)), Map.entry("ColorAdd_Y", rgb(1, 1, 0)),
            Map.entry("ColorAdd_RY", rgb(1, 0.5, 0)), Map.entry("ColorAdd_GY", rgb(0.5, 1, 0)), Map.entry("ColorAdd_GC", rgb(0, 1, 0.5)),
            Map.entry("ColorAdd_BC", rgb(0, 0.5, 1)), Map.entry("ColorAdd_BM", rgb(0.5, 0, 1)), Map.entry("ColorAdd_RM", rgb(1, 0, 0.5)),
            Map.entry("ColorAdd_W", rgb(1, 1, 1)));
    private static final Map<String, Spectrum> WHITES = Map.of("ColorAdd_WW", Spectrum.planck(2_800), "ColorAdd_CW",
            Spectrum.planck(6_500));
    private static final int HALVINGS = 40;
    public static final String ULTRAVIOLET = "ColorAdd_UV";
    /** The edge of what can be seen, at 400 nm. */
    private static final Xyz VIOLET = new Chromaticity(0.1733, 0.0048).at(0.002);

    private final FixtureType type;
    private final RgbSpace space;
    /** What was measured of each emitter, by its name: made once, however often a light is looked at. */
    private final Map<String, Measured> measured = new ConcurrentHashMap<>();
    /** The brightest of all, in candela, where every emitter was measured so and they can be weighed against each other by it; else 0. */
    private final double candela;

    private Emitters(FixtureType type) {
        this.type = type;
        this.space = RgbSpace.of(type.physicalDescriptions().colorSpace());
        var emitters = type.physicalDescriptions().emitters();
        var tops = emitters.stream()
            .map(each -> each.measurements()
                .stream()
                .map(Measurement::luminousIntensity)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0))
            .toList();
        this.candela = tops.stream().anyMatch(each -> each <= 0) ? 0 : tops.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }

    public static Emitters of(FixtureType type) {
        return new Emitters(type);
    }

    private static double[] rgb(double r, double g, double b) {
        return new double[]{r, g, b};
    }

    /** {@return whether functions of that attribute drive a light of their own} */
    public static boolean isEmitter(String attribute) {
        return USUAL.containsKey(attribute) || WHITES.containsKey(attribute) || attribute.equals(ULTRAVIOLET);
    }

    public RgbSpace space() {
        return space;
    }

    /** {@return the light of a function} @param share of its travel, in [0, 1]. @throws IllegalArgumentException if it drives no light */
    public Spectrum at(ChannelFunction function, double share) {
        var emitter = find(function);
        return emitter == null ? usual(function.attribute()).times(share) : measured(emitter, share);
    }

    /**
     * {@return how far a function has to be driven for a share of its full light} Light need not follow the travel: the measurements say
     * how it does.
     *
     * @param level in [0, 1]
     */
    public double travel(ChannelFunction function, double level) {
        var emitter = find(function);
        var points = emitter == null ? List.<Measurement>of() : points(emitter);
        if (emitter == null || points.isEmpty() || level <= 0 || level >= 1) {
            return level;
        }
        double wanted = level * luminance(emitter, points, 1);
        double low = 0;
        double high = 1;
        for (int round = 0; round < HALVINGS; round++) {
            double middle = (low + high) / 2;
            if (luminance(emitter, points, middle) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private double luminance(Emitter emitter, List<Measurement> points, double share) {
        return Between.of(points, share, 0.0, each -> luminance(emitter, each), (from, to, part) -> from + part * (to - from));
    }

    private @Nullable Emitter find(ChannelFunction function) {
        return function.emitter().isEmpty() ? null
                : type.physicalDescriptions().findEmitter(function.emitter()).filter(Emitters::isKnown).orElse(null);
    }

    private static boolean isKnown(Emitter emitter) {
        return emitter.color() != null || emitter.measurements().stream().anyMatch(each -> !each.spectrum().isEmpty());
    }

    private Spectrum usual(String attribute) {
        if (attribute.equals(ULTRAVIOLET)) {
            return Spectrum.of(VIOLET);
        }
        var parts = USUAL.get(attribute);
        if (parts != null) {
            return Spectrum.of(space.mix(parts[0], parts[1], parts[2]));
        }
        var white = WHITES.get(attribute);
        if (white == null) {
            throw new IllegalArgumentException("'" + attribute + "' drives no light of its own");
        }
        return white;
    }

    private static List<Measurement> points(Emitter emitter) {
        return emitter.measurements()
            .stream()
            .filter(each -> !each.spectrum().isEmpty() || each.luminousIntensity() != null)
            .sorted(Comparator.comparingDouble(Measurement::physical))
            .toList();
    }

    /** @param lights at each of the points, in their order; the light at full alone where nothing was measured */
    private record Measured(List<Measurement> points, Map<Measurement, Spectrum> lights, Spectrum full) {}

    private Spectrum measured(Emitter emitter, double share) {
        var known = measured.computeIfAbsent(emitter.name(), name -> prepared(emitter));
        return known.points().isEmpty() ? known.full().times(share)
                : Between.of(known.points(), share, Spectrum.BLACK, known.lights()::get, Spectrum::towards);
    }

    private Measured prepared(Emitter emitter) {
        var points = points(emitter);
        var lights = new IdentityHashMap<Measurement, Spectrum>();
        points.forEach(each -> lights.put(each, at(emitter, points, each)));
        return new Measured(points, lights, points.isEmpty() ? Spectrum.of(Xyz.of(Objects.requireNonNull(emitter.color())))
                : Objects.requireNonNull(lights.get(points.getLast())));
    }

    private Spectrum at(Emitter emitter, List<Measurement> points, Measurement measurement) {
        var shape = shape(emitter, points, measurement);
        return shape.seen().y() <= 0 ? Spectrum.BLACK : shape.times(luminance(emitter, measurement) / shape.seen().y());
    }

    /** A measurement of the strength alone has the spectrum of the nearest one that was measured whole. */
    private static Spectrum shape(Emitter emitter, List<Measurement> points, Measurement measurement) {
        var measured = points.stream()
            .filter(each -> !each.spectrum().isEmpty())
            .min(Comparator.comparingDouble(each -> Math.abs(each.physical() - measurement.physical())));
        return measurement.spectrum().isEmpty() && emitter.color() != null ? Spectrum.of(Xyz.of(Objects.requireNonNull(emitter.color())))
                : Spectrum.measured(measured.orElseThrow().spectrum());
    }

    private double luminance(Emitter emitter, Measurement measurement) {
        return candela > 0 && measurement.luminousIntensity() != null ? measurement.luminousIntensity() / candela
                : emitter.color() == null ? measurement.physical() / 100 : emitter.color().luminance() / 100 * measurement.physical() / 100;
    }

    /** {@return an emitter at full; black if the profile does not say what it is} */
    public Spectrum full(Emitter emitter) {
        return isKnown(emitter) ? measured(emitter, 1) : Spectrum.BLACK;
    }
}
