package yellowkite.core.bench.field;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.field.Field.FieldCell;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Hue;
import yellowkite.core.colour.Srgb;
import yellowkite.core.colour.Temperature;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;

/**
 * What the channels of a cell make of the light that falls on it: red, green, blue and white, filters of cyan, magenta and yellow, hue,
 * saturation and brightness, x and y, kelvin, or brightness alone. Channels of the whole fixture let its light out.
 */
public final class CellColour {
    private static final Set<String> MIXED = Set.of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B");
    private final CompiledMode mode;
    private final LightPlaces places;

    private CellColour(CompiledMode mode) {
        this.mode = mode;
        this.places = LightPlaces.of(mode);
    }

    /** {@return what each fixture of a field shows} @param light of each cell, in their order */
    public static List<Hands> of(Field field, List<Srgb> light) {
        var colour = new CellColour(field.mode());
        var lit = Hands.lit(field.mode());
        return java.util.stream.IntStream.range(0, field.across() * field.down()).mapToObj(fixture -> {
            var raws = lit.raws().clone();
            for (int i = 0; i < field.cells().size(); i++) {
                if (field.cells().get(i).fixture() == fixture) {
                    colour.lay(raws, field.cells().get(i), light.get(i));
                }
            }
            return new Hands(field.mode(), raws);
        }).toList();
    }

    private void lay(long[] raws, FieldCell cell, Srgb light) {
        var own = places.places().get(cell.place()).channels().stream().filter(this::isOfOneCell).toList();
        var all = own.isEmpty() && places.places().size() == 1 ? places.places().getFirst().channels() : own;
        var attributes = all.stream().map(this::attribute).collect(Collectors.toSet());
        double most = Math.max(light.red(), Math.max(light.green(), light.blue()));
        boolean dims = attributes.contains("Dimmer");
        var color = dims && most > 0 ? new Srgb(light.red() / most, light.green() / most, light.blue() / most) : light;
        for (int channel : all) {
            level(attribute(channel), attributes, color, most).ifPresent(level -> set(raws, channel, level, true));
            value(attribute(channel), color).ifPresent(value -> set(raws, channel, value, false));
        }
    }

    private boolean isOfOneCell(int channel) {
        return places.places().stream().filter(each -> each.channels().contains(channel)).count() == 1;
    }

    private String attribute(int channel) {
        return mode.map().channels().get(channel).channel().attribute();
    }

    /** {@return how far an attribute goes, in [0, 1]; empty where it is no share} */
    private static OptionalDouble level(String attribute, Set<String> all, Srgb color, double most) {
        boolean white = all.contains("ColorAdd_W") && all.containsAll(MIXED);
        double least = white ? Math.min(color.red(), Math.min(color.green(), color.blue())) : 0;
        double brightest = Math.max(color.red(), Math.max(color.green(), color.blue()));
        return switch (attribute) {
            case "Dimmer", "HSB_Brightness", "CIE_Brightness" -> OptionalDouble.of(most);
            case "ColorAdd_R" -> OptionalDouble.of(color.red() - least);
            case "ColorAdd_G" -> OptionalDouble.of(color.green() - least);
            case "ColorAdd_B" -> OptionalDouble.of(color.blue() - least);
            case "ColorAdd_W" -> OptionalDouble.of(white ? least : all.stream().anyMatch(MIXED::contains) ? 0 : most);
            case "ColorRGB_Red" -> OptionalDouble.of(color.red());
            case "ColorRGB_Green" -> OptionalDouble.of(color.green());
            case "ColorRGB_Blue" -> OptionalDouble.of(color.blue());
            case "ColorSub_C" -> OptionalDouble.of(brightest == 0 ? 0 : 1 - color.red() / brightest);
            case "ColorSub_M" -> OptionalDouble.of(brightest == 0 ? 0 : 1 - color.green() / brightest);
            case "ColorSub_Y" -> OptionalDouble.of(brightest == 0 ? 0 : 1 - color.blue() / brightest);
            case "HSB_Saturation" -> OptionalDouble.of(hue(color)[1]);
            case "HSB_Hue" -> OptionalDouble.of(hue(color)[0] / 360);
            default -> attribute.startsWith("ColorAdd_") ? OptionalDouble.of(0) : OptionalDouble.empty();
        };
    }

    private static double[] hue(Srgb color) {
        return Hue.of(new double[]{color.red(), color.green(), color.blue()});
    }

    /** {@return the physical value of an attribute; empty where it has none} */
    private static Optional<Double> value(String attribute, Srgb color) {
        var cie = color.toCie();
        return switch (attribute) {
            case "CIE_X" -> Optional.of(cie.x());
            case "CIE_Y" -> Optional.of(cie.y());
            case "CTC", "CTO", "CTB" -> Temperature.of(new Chromaticity(cie.x(), cie.y())).map(Temperature::kelvin);
            default -> Optional.empty();
        };
    }

    private void set(long[] raws, int channel, double to, boolean isShare) {
        mode.spans(mode.map().channels().get(channel).channel())
            .stream()
            .filter(each -> each.from() <= each.to() && each.function().attribute().equals(attribute(channel)))
            .findFirst()
            .ifPresent(span -> raws[channel] = Wanted.nearest(span, isShare ? physical(span, to) : to).raw());
    }

    private static double physical(Spans.FunctionSpan span, double share) {
        double low = Math.min(span.function().physicalFrom(), span.function().physicalTo());
        double high = Math.max(span.function().physicalFrom(), span.function().physicalTo());
        return low + Math.clamp(share, 0, 1) * (high - low);
    }
}
