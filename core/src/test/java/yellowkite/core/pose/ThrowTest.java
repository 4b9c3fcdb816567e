package yellowkite.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ThrowTest {
    /** tan 45 = 1: a cone of 90 degrees is as wide as twice its length; pi of 10 m across is 78.54 square metres. */
    @Test
    void widthAndLuxByHand() {
        var thrown = Throw.at(5, 53.1301, 90, 0, 7_854);

        assertThat(thrown.fieldWidth()).isCloseTo(10, within(1e-6));
        assertThat(thrown.beamWidth()).isCloseTo(5, within(1e-5)); // tan(26.565) = 0.5
        assertThat(thrown.lux()).isCloseTo(100, within(0.01));
    }

    @Test
    void theLensAddsItsOwnWidth() {
        assertThat(Throw.at(0, 20, 24, 0.05, 100).fieldWidth()).isCloseTo(0.1, within(1e-9));
        assertThat(Throw.at(10, 0, 0, 0.05, 100).fieldWidth()).isCloseTo(0.1, within(1e-9));
    }

    @Test
    void twiceAsFarAPointGivesAQuarterOfTheLux() {
        assertThat(Throw.at(4, 30, 30, 0, 1_000).lux() / Throw.at(8, 30, 30, 0, 1_000).lux()).isCloseTo(4, within(1e-9));
    }

    @Test
    void aFieldIsNeverNarrowerThanItsBeam() {
        assertThat(Throw.at(5, 40, 10, 0, 1).fieldWidth()).isEqualTo(Throw.at(5, 40, 40, 0, 1).fieldWidth());
    }
}
