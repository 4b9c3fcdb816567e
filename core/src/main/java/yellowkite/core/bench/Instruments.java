package yellowkite.core.bench;

import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.light.Light;
import yellowkite.core.profile.PhysicalUnit;

/** What instruments see of a fixture whose channels do such things. */
public final class Instruments {
    private Instruments() {}

    /** @param meanings of every placed channel, in the map's order */
    public static Seen look(CompiledMode mode, List<Meaning> meanings) {
        var light = Light.of(mode, meanings);
        var wheels = new TreeMap<String, Seen.OfWheel>();
        var axes = new TreeMap<String, Double>();
        Double zoom = null;
        Double focus = null;
        Double iris = null;
        double strobe = 0;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            double physical = meaning.physical();
            wheel(mode, wheels, meaning);
            switch (Watched.of(meaning.function().function(), meaning.unit())) {
                case AXIS -> axes.put(axes.containsKey(meaning.attribute()) ? meaning.channel().name() : meaning.attribute(), physical);
                case ZOOM -> zoom = physical;
                case FOCUS -> focus = physical;
                case IRIS -> iris = physical;
                case STROBE -> strobe = physical;
                default -> {
                    // a matter of the light, of a wheel, or of nothing that is seen
                }
            }
        }
        var cells = light.places().stream().map(each -> new Seen.OfCell(each.level(), colour(each.level(), each.color()))).toList();
        return new Seen(0, null, new TreeMap<>(), light.level(), axes, colour(light.level(), light.color()), wheels, zoom, focus, iris,
                strobe, cells, false, 0, 0);
    }

    private static @Nullable Chromaticity colour(double level, Xyz color) {
        return level <= 0 || color.isBlack() ? null : color.chromaticity();
    }

    private static void wheel(CompiledMode mode, TreeMap<String, Seen.OfWheel> wheels, Meaning meaning) {
        var function = Objects.requireNonNull(meaning.function()).function();
        var attribute = function.attribute();
        double physical = Objects.requireNonNull(meaning.physical());
        WheelNames.of(mode).wheelOf(attribute, function.wheel()).ifPresent(name -> {
            var was = wheels.getOrDefault(name, new Seen.OfWheel(0, 0, 0, 0));
            int slot = meaning.range() != null && meaning.range().range().slot() > 0 ? slot(mode, name, meaning) : was.slot();
            boolean shakes = attribute.contains("Shake");
            boolean spins = !shakes && meaning.unit() == PhysicalUnit.AngularSpeed;
            boolean turns = !shakes && meaning.unit() == PhysicalUnit.Angle;
            wheels.put(name, new Seen.OfWheel(slot, turns ? was.turn() + physical : was.turn(), spins ? was.spin() + physical : was.spin(),
                    shakes ? physical : was.shake()));
        });
    }

    /** The slot that came in is the meaning's; a range may point at one that the wheel does not have. */
    private static int slot(CompiledMode mode, String wheel, Meaning meaning) {
        int pointed = Objects.requireNonNull(meaning.range()).range().slot();
        if (meaning.slot() == null) {
            return pointed;
        }
        var slots = mode.type().findWheel(wheel).orElseThrow().slots();
        return pointed <= slots.size() && slots.get(pointed - 1) == meaning.slot() ? pointed : slots.indexOf(meaning.slot()) + 1;
    }
}
