package yellowkite.core.light;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Wheel;

/**
 * What the light of a mode looks like at a set of values, as far as a small picture shows it.
 *
 * @param level of the brightest place, in [0, 1]; 0 = dark
 * @param color of all places together, by how strong each is; as the brightest one's where all are dark
 * @param gobo the slot with a picture that stands in the beam; null if none
 * @param panDegrees null without pan; likewise tilt
 * @param strobeHz null unless it flashes
 * @param places each place that light leaves by, in document order; at least one
 */
public record Light(double level, Xyz color, Wheel.@Nullable Slot gobo, @Nullable Double panDegrees, @Nullable Double tiltDegrees,
        @Nullable Double strobeHz, List<Place> places) {
    private static final Pattern SHUTTER = Pattern.compile("Shutter\\d*");

    public Light {
        places = List.copyOf(places);
    }

    /** {@return how bright the light looks, in [0, 1]: eyes see a quarter of the light as half as bright} */
    public double looks() {
        return Math.sqrt(level);
    }

    /** {@return brightness, direction and strobe in short words} */
    public List<String> says() {
        var says = new ArrayList<String>();
        says.add(level == 0 ? "dark" : Math.round(100 * level) + " %");
        addIfSaid(says, "pan ", panDegrees, "\u00b0");
        addIfSaid(says, "tilt ", tiltDegrees, "\u00b0");
        addIfSaid(says, "", strobeHz, " Hz");
        return says;
    }

    private static void addIfSaid(List<String> says, String before, @Nullable Double value, String unit) {
        if (value != null) {
            says.add(before + BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP) + unit);
        }
    }

    /** One place. @param name of the cell, or of the part. @param level in [0, 1]. @param color behind all that stands in its way */
    public record Place(String name, double level, Xyz color) {}

    /** @param meanings of every placed channel, in the map's order */
    public static Light of(CompiledMode mode, List<Meaning> meanings) {
        Wheel.Slot gobo = null;
        Double pan = null;
        Double tilt = null;
        Double strobe = null;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var attribute = meaning.function().function().attribute();
            if (attribute.equals("Pan")) {
                pan = pan == null ? meaning.physical() : pan;
            } else if (attribute.equals("Tilt")) {
                tilt = tilt == null ? meaning.physical() : tilt;
            } else if (attribute.startsWith("Shutter") && meaning.unit() == PhysicalUnit.Frequency) {
                strobe = meaning.physical();
            } else if (meaning.slot() != null && !meaning.slot().mediaFile().isEmpty()) {
                gobo = meaning.slot();
            }
        }
        var places = Optics.of(mode).places().places().stream().map(place -> place(mode, place, meanings)).toList();
        double brightest = places.stream().mapToDouble(Place::level).max().orElse(0);
        return new Light(brightest, together(places, brightest), gobo, pan, tilt, strobe, places);
    }

    private static Place place(CompiledMode mode, LightPlaces.Place place, List<Meaning> meanings) {
        var own = new ArrayList<Meaning>();
        double level = 1;
        boolean closed = false;
        for (int index : place.channels()) {
            var meaning = meanings.get(index);
            own.add(meaning);
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var attribute = meaning.function().function().attribute();
            if (attribute.equals("Dimmer") && !mode.resolver().scalesOthers(index)) {
                level *= meaning.share() * meaning.scale();
            } else if (SHUTTER.matcher(attribute).matches()) {
                closed |= meaning.physical() <= 0;
            }
        }
        var path = LightPath.of(Optics.of(mode), own);
        var color = path.seen();
        return new Place(place.name(), closed || color.isBlack() ? 0 : level * path.level(), color);
    }

    private static Xyz together(List<Place> places, double brightest) {
        if (places.size() == 1 || brightest == 0) {
            return places.getFirst().color();
        }
        var sum = Xyz.BLACK;
        double levels = 0;
        for (var place : places) {
            sum = sum.plus(place.color().times(place.level()));
            levels += place.level();
        }
        return sum.times(1 / levels);
    }
}
