package yellowkite.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.profile.ColorSpace;
import yellowkite.core.xml.Source;

/** Expected figures are published ones: CIE 15, IEC 61966-2-1. */
class ColorimetryTest {

    @Test
    void theObserverSeesEqualEnergyAsTheMiddleOfTheDiagram() {
        var flat = new double[Observer.SAMPLES];
        Arrays.fill(flat, 1);

        var seen = Observer.see(flat);

        assertThat(seen.x()).isCloseTo(21.3714, within(0.0005)); // the sums that CIE 15 gives beside its table
        assertThat(seen.y()).isCloseTo(21.3711, within(0.0005));
        assertThat(seen.z()).isCloseTo(21.3715, within(0.0005));
    }

    @ParameterizedTest
    @CsvSource({"2000, 0.5267, 0.4133", "3000, 0.4369, 0.4041", "4000, 0.3805, 0.3768", "5000, 0.3451, 0.3516", "6500, 0.3135, 0.3237",
            "10000, 0.2807, 0.2884"})
    void blackBodiesLieOnThePublishedLocus(double kelvin, double x, double y) {
        var color = new Temperature(kelvin, 0).chromaticity();

        assertThat(color.x()).isCloseTo(x, within(0.00015));
        assertThat(color.y()).isCloseTo(y, within(0.00015));
    }

    @ParameterizedTest
    @CsvSource({"0.44757, 0.40745, 2856, 0", "0.31272, 0.32903, 6503, 0.0032", "0.34567, 0.35850, 5001, 0.0033", "0.3805, 0.3769, 4000, 0"})
    void whitesHaveThePublishedTemperatures(double x, double y, double kelvin, double duv) {
        var found = Temperature.of(new Chromaticity(x, y)).orElseThrow();

        assertThat(found.kelvin()).isCloseTo(kelvin, within(4.0));
        assertThat(found.duv()).isCloseTo(duv, within(0.0002));
    }

    @ParameterizedTest
    @CsvSource({"1500, 0", "2700, 0.01", "4200, -0.02", "6500, 0.003", "12000, -0.005", "25000, 0"})
    void aWhiteOfATemperatureHasThatTemperature(double kelvin, double duv) {
        var found = Temperature.of(new Temperature(kelvin, duv).chromaticity()).orElseThrow();

        assertThat(found.kelvin()).isCloseTo(kelvin, within(kelvin * 0.002));
        assertThat(found.duv()).isCloseTo(duv, within(0.0001));
    }

    @Test
    void aStrongColourHasNoTemperature() {
        assertThat(Temperature.of(new Chromaticity(0.64, 0.33))).isEmpty();
        assertThat(Temperature.of(new Chromaticity(0.15, 0.06))).isEmpty();
        assertThatThrownBy(() -> new Temperature(999, 0).chromaticity()).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theUvDiagramPutsD65WhereCieDoes() {
        assertThat(Chromaticity.WHITE.u()).isCloseTo(0.1978, within(0.0001));
        assertThat(Chromaticity.WHITE.v()).isCloseTo(0.4683, within(0.0001));
        assertThat(Chromaticity.ofUv(Chromaticity.WHITE.u(), Chromaticity.WHITE.v()).x()).isCloseTo(0.3127, within(1e-9));
    }

    @Test
    void sRgbHasThePublishedTristimulusValues() {
        assertThat(RgbSpace.SRGB.red().x()).isCloseTo(0.4124, within(0.0002));
        assertThat(RgbSpace.SRGB.red().y()).isCloseTo(0.2126, within(0.0002));
        assertThat(RgbSpace.SRGB.green().y()).isCloseTo(0.7152, within(0.0002));
        assertThat(RgbSpace.SRGB.blue().z()).isCloseTo(0.9505, within(0.0005));
    }

    @Test
    void aSpaceOfItsOwnIsTakenOnlyWhenItSaysAllItsColours() {
        var half = new ColorSpace(ColorSpace.Mode.Custom, "", "", null, null, null, null, Source.NONE);

        assertThat(RgbSpace.of(half)).isEqualTo(RgbSpace.SRGB);
        assertThat(RgbSpace.of(new ColorSpace(ColorSpace.Mode.ProPhoto, "", "", null, null, null, null, Source.NONE))
            .mix(1, 1, 1)
            .chromaticity()
            .x()).isCloseTo(0.3457, within(1e-9));
    }

    @Test
    void theScreenSaysWhatItCannotShow() {
        assertThat(Srgb.of(RgbSpace.SRGB.red()).isOnScreen()).isTrue();
        assertThat(Srgb.of(new Chromaticity(0.19, 0.72).at(1)).isOnScreen()).isFalse();
        assertThat(Srgb.hueOf(Chromaticity.WHITE.at(0.3)).hex()).isEqualTo("#ffffff");
    }

    @Test
    void theLocusRunsFromVioletOverGreenToRed() {
        var locus = Observer.locus();
        var green = IntStream.range(0, locus.size())
            .boxed()
            .max((a, b) -> Double.compare(locus.get(a).y(), locus.get(b).y()))
            .orElseThrow();

        assertThat(380 + 5 * green).isEqualTo(520);
        assertThat(locus.getLast().x()).isCloseTo(0.7347, within(0.0001));
        assertThat(locus.getLast().y()).isCloseTo(0.2653, within(0.0001));
    }

    /** Published: LED-B1 2733 K, LED-B4 5109 K, F11 4000 K (CIE 15). */
    @ParameterizedTest
    @CsvSource({"0.4560, 0.4078, 2733", "0.3422, 0.3502, 5109", "0.3805, 0.3769, 4000"})
    void lightsHaveThePublishedTemperatures(double x, double y, double kelvin) {
        assertThat(Temperature.of(new Chromaticity(x, y)).orElseThrow().kelvin()).isCloseTo(kelvin, within(2.0));
    }

    @ParameterizedTest
    @ValueSource(doubles = {1000, 1000.5, 1001, 89_000, 95_000, 100_000})
    void whitesHaveATemperatureUpToBothEnds(double kelvin) {
        assertThat(Temperature.of(new Temperature(kelvin, 0).chromaticity()).orElseThrow().kelvin()).isCloseTo(kelvin,
                within(0.02 * kelvin));
    }

    @Test
    void noWhiteIsAskedForThatNobodyCanSee() {
        assertThatThrownBy(() -> Wish.white(2_000, 0.02)).isInstanceOf(IllegalArgumentException.class); // x + y would be 1.059
        assertThat(Wish.white(2_000, 0.005).x()).isPositive();
    }
}
