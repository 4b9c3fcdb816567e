package yellowkite.core.colour;

import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Measurement;
import yellowkite.core.profile.Wheel;

/** The filters of a profile by how far they are driven in, in front of its lamp. */
public final class Glasses {
    /** What flags that name no filter do: the full screen's cyan, magenta and so on. */
    private static final Map<String, Glass> USUAL = Map.of(
            "ColorSub_C", Glass.ofScreen(0, 1, 1), "ColorSub_M", Glass.ofScreen(1, 0, 1), "ColorSub_Y", Glass.ofScreen(1, 1, 0),
            "ColorSub_R", Glass.ofScreen(1, 0, 0), "ColorSub_G", Glass.ofScreen(0, 1, 0), "ColorSub_B", Glass.ofScreen(0, 0, 1));
    private final FixtureType type;
    private final Spectrum lamp;
    /** By the function's id and by the slot's: made once, however often the light is looked at. */
    private final Map<Integer, Travel> travels = new ConcurrentHashMap<>();
    private final Map<Integer, Glass> slots = new ConcurrentHashMap<>();

    private Glasses(FixtureType type, Spectrum lamp) {
        this.type = type;
        this.lamp = lamp;
    }

    /** @param lamp behind the glasses: their transmission was measured with it */
    public static Glasses of(FixtureType type, Spectrum lamp) {
        return new Glasses(type, lamp);
    }

    /** {@return whether functions of that attribute drive a filter into the light} */
    public static boolean isFlag(String attribute) {
        return USUAL.containsKey(attribute);
    }

    /** A filter by how far it is driven in. */
    public interface Travel {
        /** @param share in [0, 1] */
        Glass at(double share);
    }

    /** {@return what a flag does} */
    public Travel travel(ChannelFunction function) {
        return travels.computeIfAbsent(function.id(), id -> made(function));
    }

    private Travel made(ChannelFunction function) {
        var filter = find(function.filter());
        if (filter == null || !isKnown(filter)) {
            return USUAL.getOrDefault(function.attribute(), Glass.CLEAR)::covering;
        }
        var points = points(filter);
        if (points.isEmpty()) {
            return Glass.of(Xyz.of(Objects.requireNonNull(filter.color())))::covering;
        }
        var glasses = new IdentityHashMap<Measurement, Glass>(); // each is made once, however often the way is gone
        points.forEach(each -> glasses.put(each, at(filter, points, each)));
        return share -> Between.of(points, share, Glass.CLEAR, glasses::get, Glass::towards);
    }

    /** {@return what a slot does to the light; clear if it says nothing of its colour} A colour of no luminance says nothing. */
    public Glass of(Wheel.Slot slot) {
        return slots.computeIfAbsent(slot.id(), id -> made(slot));
    }

    private Glass made(Wheel.Slot slot) {
        var filter = find(slot.filter());
        if (filter != null && isKnown(filter)) {
            var points = points(filter);
            return points.isEmpty() ? Glass.of(Xyz.of(Objects.requireNonNull(filter.color()))) : at(filter, points, points.getLast());
        }
        return isColour(slot.color()) ? Glass.of(Xyz.of(Objects.requireNonNull(slot.color()))) : Glass.CLEAR;
    }

    private @Nullable Filter find(String name) {
        return name.isEmpty() ? null : type.physicalDescriptions().findFilter(name).orElse(null);
    }

    private static boolean isColour(@Nullable ColorCie color) {
        return color != null && color.luminance() > 0 && color.y() > 0;
    }

    private static boolean isKnown(Filter filter) {
        return isColour(filter.color()) || filter.measurements().stream().anyMatch(each -> !each.spectrum().isEmpty());
    }

    private static List<Measurement> points(Filter filter) {
        return filter.measurements()
            .stream()
            .filter(each -> !each.spectrum().isEmpty() || each.transmission() != null)
            .sorted(Comparator.comparingDouble(Measurement::physical))
            .toList();
    }

    /** A measurement of the transmission alone has the spectrum of the nearest one that was measured whole, or else the filter's colour. */
    private Glass at(Filter filter, List<Measurement> points, Measurement measurement) {
        Glass shape;
        if (measurement.spectrum().isEmpty() && isColour(filter.color())) {
            shape = Glass.of(Xyz.of(Objects.requireNonNull(filter.color())));
        } else {
            var measured = points.stream()
                .filter(each -> !each.spectrum().isEmpty())
                .min(Comparator.comparingDouble(each -> Math.abs(each.physical() - measurement.physical())))
                .orElseThrow()
                .spectrum();
            double most = measured.stream().mapToDouble(Measurement.Point::energy).max().orElse(1);
            shape = Glass.measured(measured, most > 1 ? 100 : 1);
        }
        if (measurement.transmission() == null) {
            return shape;
        }
        double passed = shape.pass(lamp).y() / lamp.seen().y();
        return passed <= 0 ? Glass.DARK : shape.times(measurement.transmission() / 100 / passed);
    }
}
