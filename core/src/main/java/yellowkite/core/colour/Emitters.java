package yellowkite.core.colour;

import java.util.Comparator;
import java.util.Map;
import java.util.Objects;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Measurement;

/**
 * The coloured lights of a profile by level. A function that names no emitter counts as the profile's colour space has red,
 * green and blue (sRGB unless it says otherwise), or as lights of that kind usually are.
 */
public final class Emitters {
    /** As linear red, green and blue of the profile's colour space. */
    private static final Map<String, double[]> USUAL = Map.ofEntries(
            Map.entry("ColorAdd_R", rgb(1, 0, 0)), Map.entry("ColorAdd_G", rgb(0, 1, 0)), Map.entry("ColorAdd_B", rgb(0, 0, 1)),
            Map.entry("ColorAdd_C", rgb(0, 1, 1)), Map.entry("ColorAdd_M", rgb(1, 0, 1)), Map.entry("ColorAdd_Y", rgb(1, 1, 0)),
            Map.entry("ColorAdd_RY", rgb(1, 0.5, 0)), Map.entry("ColorAdd_GY", rgb(0.5, 1, 0)), Map.entry("ColorAdd_GC", rgb(0, 1, 0.5)),
            Map.entry("ColorAdd_BC", rgb(0, 0.5, 1)), Map.entry("ColorAdd_BM", rgb(0.5, 0, 1)), Map.entry("ColorAdd_RM", rgb(1, 0, 0.5)),
            Map.entry("ColorAdd_W", rgb(1, 1, 1)));
    private static final Map<String, Xyz> WHITES = Map.of(
            "ColorAdd_WW", new Temperature(2_800, 0).chromaticity().at(1), "ColorAdd_CW", new Temperature(6_500, 0).chromaticity().at(1));
    public static final String ULTRAVIOLET = "ColorAdd_UV";
    /** The edge of what can be seen, at 400 nm. */
    private static final Xyz VIOLET = new Chromaticity(0.1733, 0.0048).at(0.002);

    private final FixtureType type;
    private final RgbSpace space;
    /** The brightest of all, in candela, where every emitter was measured so and they can be weighed against each other by it; else 0. */
    private final double candela;

    private Emitters(FixtureType type) {
        this.type = type;
        this.space = RgbSpace.of(type.physicalDescriptions().colorSpace());
        var emitters = type.physicalDescriptions().emitters();
        var tops = emitters.stream().map(each -> each.measurements().stream().map(Measurement::luminousIntensity).filter(Objects::nonNull).mapToDouble(Double::doubleValue).max().orElse(0)).toList();
        this.candela = tops.stream().anyMatch(each -> each <= 0) ? 0 : tops.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }

    public static Emitters of(FixtureType type) {
        return new Emitters(type);
    }

    private static double[] rgb(double r, double g, double b) {
        return new double[] {r, g, b};
    }

    /** {@return whether functions of that attribute drive a light of their own} */
    public static boolean isEmitter(String attribute) {
        return USUAL.containsKey(attribute) || WHITES.containsKey(attribute) || attribute.equals(ULTRAVIOLET);
    }

    public RgbSpace space() {
        return space;
    }

    /** {@return the light of a function} @param share of its travel, in [0, 1]. @throws IllegalArgumentException if it drives no light */
    public Xyz at(ChannelFunction function, double share) {
        var emitter = function.emitter().isEmpty() ? null : type.physicalDescriptions().findEmitter(function.emitter()).orElse(null);
        return emitter == null || emitter.color() == null && emitter.measurements().stream().allMatch(each -> each.spectrum().isEmpty())
                ? usual(function.attribute()).times(share) : measured(emitter, share);
    }

    private Xyz usual(String attribute) {
        if (attribute.equals(ULTRAVIOLET)) {
            return VIOLET;
        }
        var parts = USUAL.get(attribute);
        if (parts != null) {
            return space.mix(parts[0], parts[1], parts[2]);
        }
        var white = WHITES.get(attribute);
        if (white == null) {
            throw new IllegalArgumentException("'" + attribute + "' drives no light of its own");
        }
        return white;
    }

    private Xyz measured(Emitter emitter, double share) {
        var points = emitter.measurements().stream().filter(each -> !each.spectrum().isEmpty() || each.luminousIntensity() != null)
                .sorted(Comparator.comparingDouble(Measurement::physical)).toList();
        return points.isEmpty() ? Xyz.of(emitter.color()).times(share) : Between.of(points, share, Xyz.BLACK, each -> at(emitter, each), Xyz::towards);
    }

    private Xyz at(Emitter emitter, Measurement measurement) {
        var seen = measurement.spectrum().isEmpty() ? Xyz.of(emitter.color()) : Spectrum.measured(measurement.spectrum()).seen();
        if (seen.y() <= 0) {
            return Xyz.BLACK;
        }
        double luminance = candela > 0 && measurement.luminousIntensity() != null ? measurement.luminousIntensity() / candela
                : emitter.color() == null ? measurement.physical() / 100 : emitter.color().luminance() / 100 * measurement.physical() / 100;
        return seen.times(luminance / seen.y());
    }

    /** {@return an emitter at full; black if the profile does not say what it is} */
    public Xyz full(Emitter emitter) {
        return emitter.color() == null && emitter.measurements().stream().allMatch(each -> each.spectrum().isEmpty()) ? Xyz.BLACK : measured(emitter, 1);
    }
}
