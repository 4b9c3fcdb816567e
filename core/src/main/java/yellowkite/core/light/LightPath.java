package yellowkite.core.light;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glass;
import yellowkite.core.colour.Glasses;
import yellowkite.core.colour.Spectrum;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.profile.ChannelFunction;

/**
 * The way of the light through one place of a fixture, as its channels stand: what gives light, the flags in front of it, and all that lies
 * on top of both.
 *
 * @param lights those that channels drive; empty for a lamp of white light
 * @param white the light behind the flags where there are none: of a lamp, or of a mixing engine that is asked for a colour
 * @param flags in front of the light
 * @param onTop wheels and corrections
 * @param level what dims it by another way than the dimmer, in [0, 1]
 */
record LightPath(List<Lit> lights, Spectrum white, List<Flag> flags, Glass onTop, double level) {
    /** A light of its own. @param level share of its travel, in [0, 1] */
    record Lit(ChannelFunction function, Spectrum full, Spectrum now, double level) {
        String attribute() {
            return function.attribute();
        }
    }

    /** A flag in front of the light. @param level how far it is in, in [0, 1] */
    record Flag(String attribute, Glasses.Travel travel, double level) {}

    /** @param meanings of the channels that act upon the place */
    static LightPath of(Optics optics, List<Meaning> meanings) {
        var lights = new ArrayList<Lit>();
        var flags = new ArrayList<Flag>();
        var asked = new AskedColour();
        var onTop = Glass.CLEAR;
        for (var meaning : meanings) {
            if (meaning.function() == null || meaning.physical() == null) {
                continue;
            }
            var function = meaning.function().function();
            double share = meaning.share() * meaning.scale();
            if (Emitters.isEmitter(function.attribute())) {
                lights.add(new Lit(function, optics.emitters().at(function, 1), optics.emitters().at(function, share), share));
            } else if (Glasses.isFlag(function.attribute())) {
                flags.add(new Flag(function.attribute(), optics.glasses().travel(function), share));
            } else if (meaning.slot() != null) {
                onTop = onTop.and(optics.glasses().of(meaning.slot()));
            } else {
                asked.take(function.attribute(), meaning, share);
            }
        }
        boolean isLamp = lights.isEmpty() && asked.isEmpty();
        var space = optics.emitters().space();
        var white = !lights.isEmpty() ? Spectrum.BLACK : isLamp ? optics.lamp() : Spectrum.of(asked.light(space, space.mix(1, 1, 1)));
        return new LightPath(lights, white, flags, onTop.and(asked.correction(isLamp ? optics.kelvin() : optics.mixed())), asked.level());
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
}
