package yellowkite.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Spectrum;
import yellowkite.core.colour.Temperature;

class SourceShelfTest {
    /** What a spectrum is seen as has the colour temperature that is said beside it. */
    @ParameterizedTest
    @EnumSource
    void spectrumColourAndTemperatureAgree(SourceShelf source) {
        var emitter = source.emitter();
        var spectrum = Spectrum.measured(emitter.measurements().getFirst().spectrum());
        var seen = Temperature.of(spectrum.seen().chromaticity()).orElseThrow().kelvin();

        assertThat(seen).isCloseTo(source.kelvin(), within(source.kelvin() * 0.05));
        assertThat(Chromaticity.of(emitter.color()).distanceTo(spectrum.seen().chromaticity())).isLessThan(1e-4);
        assertThat(emitter.measurements().getFirst().spectrum()).hasSize(41)
            .allSatisfy(point -> assertThat(point.energy()).isBetween(0.0, 1.0));
    }

    /** No white source gives more than some 150 lumens a watt, nor less than 10. */
    @ParameterizedTest
    @EnumSource
    void itsFiguresAreOfThisWorld(SourceShelf source) {
        assertThat(source.lumens() / source.watts()).isBetween(10.0, 150.0);
        assertThat(source.rendering()).isBetween(50.0, 100.0);
    }
}
