package yellowkite.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class HueTextTest {
    @Test
    void coordinatesHaveFourDecimals() {
        assertThat(HueText.pair(0.31271, 0.32902)).isEqualTo("0.3127, 0.3290");
    }

    @Test
    void temperaturesAreWholeKelvin() {
        assertThat(HueText.kelvin(6503.5)).isEqualTo("6504 K");
    }

    @Test
    void aDistanceHasItsSignAndNothingHasNone() {
        assertThat(HueText.duv(0.00314)).isEqualTo("+0.0031");
        assertThat(HueText.duv(-0.002)).isEqualTo("−0.0020");
        assertThat(HueText.duv(-0.00001)).isEqualTo("0.0000");
    }
}
