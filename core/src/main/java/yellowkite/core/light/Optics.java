package yellowkite.core.light;

import java.util.Optional;
import java.util.stream.Stream;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Glasses;
import yellowkite.core.colour.Spectrum;
import yellowkite.core.colour.Temperature;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/**
 * What gives light in a mode and what stands in its way, as far as it does not hang on the channels' values: made once for a mode.
 *
 * @param kelvin of the lamp
 * @param mixed K of the white that all lights of a mixing engine make together
 */
record Optics(LightPlaces places, Emitters emitters, Glasses glasses, Spectrum lamp, double kelvin, double mixed) {
    /** The standard's default of a beam, K. */
    private static final double USUAL_KELVIN = 6_000;

    static Optics of(CompiledMode mode) {
        return mode.once(Optics.class, Optics::made);
    }

    private static Optics made(CompiledMode mode) {
        double kelvin = kelvin(mode.type());
        var emitters = Emitters.of(mode.type());
        var lamp = measured(mode.type()).orElseGet(() -> Spectrum.planck(kelvin));
        double mixed = Temperature.of(emitters.space().mix(1, 1, 1).chromaticity()).map(Temperature::kelvin).orElse(kelvin);
        return new Optics(LightPlaces.of(mode), emitters, Glasses.of(mode.type(), lamp), lamp, kelvin, mixed);
    }

    /** {@return the spectrum of the lamp, where it was measured} */
    private static Optional<Spectrum> measured(FixtureType type) {
        return beams(type).map(Geometry.BeamDetails::emitterSpectrum)
            .filter(each -> !each.isEmpty())
            .findFirst()
            .flatMap(type.physicalDescriptions()::findEmitter)
            .flatMap(each -> each.measurements().stream().filter(one -> one.spectrum().size() > 1).findFirst())
            .map(each -> Spectrum.measured(each.spectrum()))
            .filter(each -> each.seen().y() > 0)
            .map(each -> each.times(1 / each.seen().y()));
    }

    private static Stream<Geometry.BeamDetails> beams(FixtureType type) {
        return type.allGeometries()
            .filter(Geometry.Part.class::isInstance)
            .map(each -> ((Geometry.Part) each).details())
            .filter(Geometry.BeamDetails.class::isInstance)
            .map(Geometry.BeamDetails.class::cast);
    }

    private static double kelvin(FixtureType type) {
        return beams(type).mapToDouble(Geometry.BeamDetails::colorTemperature)
            .filter(each -> each >= Temperature.WARMEST && each <= Temperature.COLDEST)
            .findFirst()
            .orElse(USUAL_KELVIN);
    }
}
