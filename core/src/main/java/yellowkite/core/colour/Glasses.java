package yellowkite.core.colour;

import java.util.Comparator;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Measurement;
import yellowkite.core.profile.Wheel;

/** The filters of a profile by how far they are driven in, in front of its lamp. */
public final class Glasses {
    /** What flags that name no filter do: the full screen's cyan, magenta and so on. */
    private static final Map<String, Glass> USUAL = Map.of("ColorSub_C", usual(0, 1, 1), "ColorSub_M", usual(1, 0, 1), "ColorSub_Y", usual(1, 1, 0),
            "ColorSub_R", usual(1, 0, 0), "ColorSub_G", usual(0, 1, 0), "ColorSub_B", usual(0, 0, 1));
    private final FixtureType type;
    private final double kelvin;

    private Glasses(FixtureType type, double kelvin) {
        this.type = type;
        this.kelvin = kelvin;
    }

    /** @param kelvin of the lamp behind the glasses; more than 0 */
    public static Glasses of(FixtureType type, double kelvin) {
        return new Glasses(type, kelvin);
    }

    private static Glass usual(double r, double g, double b) {
        return Glass.of(RgbSpace.SRGB.mix(r, g, b));
    }

    /** {@return whether functions of that attribute drive a filter into the light} */
    public static boolean isFlag(String attribute) {
        return USUAL.containsKey(attribute);
    }

    /** {@return what a flag does} @param share of its travel, in [0, 1] */
    public Glass at(ChannelFunction function, double share) {
        var filter = find(function.filter());
        return filter == null || !isKnown(filter) ? USUAL.getOrDefault(function.attribute(), Glass.CLEAR).covering(share) : at(filter, share);
    }

    /** {@return what a slot does to the light; clear if it says nothing of its colour} */
    public Glass of(Wheel.Slot slot) {
        var filter = find(slot.filter());
        if (filter != null && isKnown(filter)) {
            return at(filter, 1);
        }
        return slot.color() == null ? Glass.CLEAR : Glass.of(Xyz.of(slot.color()));
    }

    private @Nullable Filter find(String name) {
        return name.isEmpty() ? null : type.physicalDescriptions().findFilter(name).orElse(null);
    }

    private static boolean isKnown(Filter filter) {
        return filter.color() != null || filter.measurements().stream().anyMatch(each -> !each.spectrum().isEmpty());
    }

    private Glass at(Filter filter, double share) {
        var points = filter.measurements().stream().filter(each -> !each.spectrum().isEmpty() || each.transmission() != null)
                .sorted(Comparator.comparingDouble(Measurement::physical)).toList();
        return points.isEmpty() ? Glass.of(Xyz.of(filter.color())).covering(share)
                : Between.of(points, share, Glass.CLEAR, each -> at(filter, each), Glass::towards);
    }

    private Glass at(Filter filter, Measurement measurement) {
        if (measurement.spectrum().isEmpty()) {
            var color = Xyz.of(filter.color());
            return color.y() <= 0 ? new Glass(0, 0, 0) : Glass.of(color.times(transmission(measurement) / color.y()));
        }
        var lamp = Spectrum.planck(kelvin);
        var white = lamp.seen();
        var seen = lamp.through(Spectrum.measured(measurement.spectrum())).seen();
        if (seen.y() <= 0) {
            return new Glass(0, 0, 0);
        }
        double most = measurement.spectrum().stream().mapToDouble(Measurement.Point::energy).max().orElse(1);
        double passed = measurement.transmission() != null ? transmission(measurement) : seen.y() / white.y() / (most > 1 ? 100 : 1);
        return Glass.between(white, seen.times(passed * white.y() / seen.y()));
    }

    private static double transmission(Measurement measurement) {
        return measurement.transmission() == null ? 1 : measurement.transmission() / 100;
    }
}
