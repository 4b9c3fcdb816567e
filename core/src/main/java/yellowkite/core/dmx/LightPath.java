package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glass;
import yellowkite.core.colour.Glasses;
import yellowkite.core.colour.Hue;
import yellowkite.core.colour.RgbSpace;
import yellowkite.core.colour.Temperature;
import yellowkite.core.colour.Xyz;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.PhysicalUnit;

/**
 * The way of the light through a lamp, as its channels stand: what gives light, the flags in front of it, and all that lies on
 * top of both.
 *
 * @param lights those that channels drive, by attribute, at full; empty for a lamp of white light
 * @param white  the light behind the flags where there are none: of a lamp, or of a mixing engine that is asked for a colour
 * @param flags  by attribute, fully in
 * @param onTop  wheels and corrections
 * @param level  what dims it by another way than the dimmer, in [0, 1]
 */
record LightPath(List<Part<Xyz>> lights, Xyz white, List<Part<Glass>> flags, Glass onTop, double level) {
    /** No attribute of the standard's list: lamps that are driven by X, Y and Z have it beside {@code CIE_X} and {@code CIE_Y}. */
    static final String TRISTIMULUS_Z = "CIE_Z";
    /** The standard's default of a beam, K. */
    private static final double USUAL_KELVIN = 6_000;
    private static final Xyz ORANGE = temperature(3_200);
    private static final Xyz BLUE = temperature(10_000);

    /** @param level in [0, 1] */
    record Part<T>(String attribute, T full, T now, double level) {}

    static LightPath of(FixtureType type, List<Meaning> meanings) {
        var emitters = Emitters.of(type);
        double kelvin = kelvin(type);
        var glasses = Glasses.of(type, kelvin);
        var lights = new ArrayList<Part<Xyz>>();
        var flags = new ArrayList<Part<Glass>>();
        var asked = new Asked();
        var onTop = Glass.CLEAR;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var function = meaning.function().function();
            var attribute = function.attribute();
            double share = share(meaning);
            if (Emitters.isEmitter(attribute)) {
                lights.add(new Part<>(attribute, emitters.at(function, 1), emitters.at(function, share), share));
            } else if (Glasses.isFlag(attribute)) {
                flags.add(new Part<>(attribute, glasses.at(function, 1), glasses.at(function, share), share));
            } else if (meaning.slot() != null) {
                onTop = onTop.and(glasses.of(meaning.slot()));
            } else {
                asked.take(attribute, meaning, share);
            }
        }
        var lampWhite = lights.isEmpty() && asked.isEmpty() ? temperature(kelvin) : emitters.space().mix(1, 1, 1);
        var white = lights.isEmpty() ? asked.light(emitters.space(), lampWhite) : Xyz.BLACK;
        return new LightPath(lights, white, flags, onTop.and(asked.correction(lampWhite)), asked.level());
    }

    /** {@return the light that comes out; black if nothing gives light} */
    Xyz seen() {
        var sum = white;
        for (var light : lights) {
            sum = sum.plus(light.now());
        }
        var glass = onTop;
        for (var flag : flags) {
            glass = glass.and(flag.now());
        }
        return glass.pass(sum);
    }

    /** {@return how far between the function's smaller and larger physical end, in [0, 1]} */
    static double share(Meaning meaning) {
        var function = meaning.function().function();
        double low = Math.min(function.physicalFrom(), function.physicalTo());
        double high = Math.max(function.physicalFrom(), function.physicalTo());
        return high == low ? 1 : Math.clamp((meaning.physical() - low) / (high - low), 0, 1);
    }

    private static double kelvin(FixtureType type) {
        return type.allGeometries().filter(Geometry.Part.class::isInstance).map(each -> ((Geometry.Part) each).details())
                .filter(Geometry.BeamDetails.class::isInstance).mapToDouble(each -> ((Geometry.BeamDetails) each).colorTemperature())
                .filter(each -> each >= Temperature.WARMEST && each <= Temperature.COLDEST).findFirst().orElse(USUAL_KELVIN);
    }

    private static Xyz temperature(double kelvin) {
        return new Temperature(Math.clamp(kelvin, Temperature.WARMEST, Temperature.COLDEST), 0).chromaticity().at(1);
    }

    /** A colour that channels ask for by its coordinates, and a white that they ask for. With a {@code CIE_Z} beside them, X and Y are tristimulus values. */
    private static final class Asked {
        private static final Map<String, Integer> RGB = Map.of("ColorRGB_Red", 0, "ColorRGB_Green", 1, "ColorRGB_Blue", 2);
        private static final Map<String, Integer> AGAINST_RGB = Map.of("ColorRGB_Cyan", 0, "ColorRGB_Magenta", 1, "ColorRGB_Yellow", 2);
        private double x = Double.NaN;
        private double y = Double.NaN;
        private double z = Double.NaN;
        private double yShare = 1;
        private double hue = Double.NaN;
        private double saturation = Double.NaN;
        private final double[] rgb = {Double.NaN, Double.NaN, Double.NaN};
        private double kelvin = Double.NaN;
        private double orange;
        private double blue;
        private double brightness = 1;

        void take(String attribute, Meaning meaning, double share) {
            double physical = meaning.physical();
            switch (attribute) {
                case "CIE_X" -> x = physical;
                case "CIE_Y" -> {
                    y = physical;
                    yShare = share;
                }
                case TRISTIMULUS_Z -> z = physical;
                case "CIE_Brightness", "HSB_Brightness" -> brightness *= share;
                case "HSB_Hue" -> hue = meaning.unit() == PhysicalUnit.Angle ? physical : 360 * share;
                case "HSB_Saturation" -> saturation = share;
                case "CTO", "CTC", "CTB" -> correct(attribute, meaning, share);
                default -> {
                    if (RGB.containsKey(attribute)) {
                        rgb[RGB.get(attribute)] = share;
                    } else if (AGAINST_RGB.containsKey(attribute)) {
                        rgb[AGAINST_RGB.get(attribute)] = 1 - share;
                    }
                }
            }
        }

        private void correct(String attribute, Meaning meaning, double share) {
            if (meaning.unit() == PhysicalUnit.Temperature && meaning.physical() >= Temperature.WARMEST) {
                kelvin = Math.min(meaning.physical(), Temperature.COLDEST);
            } else if (attribute.equals("CTO")) {
                orange = share;
            } else if (attribute.equals("CTB")) {
                blue = share;
            }
        }

        /** The Y of tristimulus values is the light itself. */
        double level() {
            return Double.isNaN(x + y + z) ? brightness : brightness * yShare;
        }

        boolean isEmpty() {
            return Double.isNaN(x) && Double.isNaN(y) && Double.isNaN(hue) && Double.isNaN(saturation) && Double.isNaN(rgb[0] + rgb[1] + rgb[2]);
        }

        /** {@return the colour that is asked for; {@code otherwise} if none is} */
        Xyz light(RgbSpace space, Xyz otherwise) {
            if (!Double.isNaN(x + y + z)) {
                var sum = new Xyz(Math.max(0, x), Math.max(0, y), Math.max(0, z));
                return sum.y() > 0 ? sum.chromaticity().at(1) : Xyz.BLACK;
            }
            if (x >= 0 && y > 0 && x + y <= 1) {
                return new Chromaticity(x, y).at(1);
            }
            if (!Double.isNaN(rgb[0] + rgb[1] + rgb[2])) {
                return space.mix(rgb[0], rgb[1], rgb[2]);
            }
            if (Double.isNaN(hue) && Double.isNaN(saturation)) {
                return otherwise;
            }
            var parts = Hue.rgb(Double.isNaN(hue) ? 0 : hue, Double.isNaN(saturation) ? 1 : saturation);
            return space.mix(parts[0], parts[1], parts[2]);
        }

        Glass correction(Xyz from) {
            var glass = Double.isNaN(kelvin) ? Glass.CLEAR : Glass.between(from, temperature(kelvin));
            return glass.and(Glass.between(from, ORANGE).covering(orange)).and(Glass.between(from, BLUE).covering(blue));
        }
    }
}
