package yellowkite.core.light;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glass;
import yellowkite.core.colour.Glasses;
import yellowkite.core.colour.Spectrum;
import yellowkite.core.colour.Temperature;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/**
 * The way of the light through one place of a fixture, as its channels stand: what gives light, the flags in front of it, and all that
 * lies on top of both.
 *
 * @param lights those that channels drive; empty for a lamp of white light
 * @param white  the light behind the flags where there are none: of a lamp, or of a mixing engine that is asked for a colour
 * @param flags  in front of the light
 * @param onTop  wheels and corrections
 * @param level  what dims it by another way than the dimmer, in [0, 1]
 */
record LightPath(List<Lit> lights, Spectrum white, List<Flag> flags, Glass onTop, double level) {
    /** The standard's default of a beam, K. */
    private static final double USUAL_KELVIN = 6_000;

    /** A light of its own. @param level share of its travel, in [0, 1] */
    record Lit(ChannelFunction function, Spectrum full, Spectrum now, double level) {
        String attribute() {
            return function.attribute();
        }
    }

    /** A flag in front of the light. @param level how far it is in, in [0, 1] */
    record Flag(String attribute, Glasses.Travel travel, double level) {}

    /** @param meanings of the channels that act upon the place */
    static LightPath of(FixtureType type, List<Meaning> meanings) {
        var emitters = Emitters.of(type);
        double kelvin = kelvin(type);
        var lamp = Spectrum.planck(kelvin);
        var glasses = Glasses.of(type, lamp);
        var lights = new ArrayList<Lit>();
        var flags = new ArrayList<Flag>();
        var asked = new AskedColour();
        var onTop = Glass.CLEAR;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var function = meaning.function().function();
            double share = share(meaning) * meaning.scale();
            if (Emitters.isEmitter(function.attribute())) {
                lights.add(new Lit(function, emitters.at(function, 1), emitters.at(function, share), share));
            } else if (Glasses.isFlag(function.attribute())) {
                flags.add(new Flag(function.attribute(), glasses.travel(function), share));
            } else if (meaning.slot() != null) {
                onTop = onTop.and(glasses.of(meaning.slot()));
            } else {
                asked.take(function.attribute(), meaning, share);
            }
        }
        boolean isLamp = lights.isEmpty() && asked.isEmpty();
        var mixed = emitters.space().mix(1, 1, 1);
        double whiteKelvin = isLamp ? kelvin : Temperature.of(mixed.chromaticity()).map(Temperature::kelvin).orElse(kelvin);
        var white = !lights.isEmpty() ? Spectrum.BLACK : isLamp ? lamp : Spectrum.of(asked.light(emitters.space(), mixed));
        return new LightPath(lights, white, flags, onTop.and(asked.correction(whiteKelvin)), asked.level());
    }

    /** {@return the light that comes out; black if nothing gives light} */
    Xyz seen() {
        var glass = onTop;
        for (var flag : flags) {
            glass = glass.and(flag.travel().at(flag.level()));
        }
        var sum = glass.pass(white);
        for (var light : lights) {
            sum = sum.plus(glass.pass(light.now()));
        }
        return sum;
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
}
