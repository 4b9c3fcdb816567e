package yellowkite.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.xml.Source;

class CurveTest {

    private static DmxProfile.Point point(double percent, double c0, double c1, double c2, double c3) {
        return new DmxProfile.Point(percent, c0, c1, c2, c3, Source.NONE);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "0.5, 0.25", "1, 1", "0.1, 0.01"})
    void aSquareLawIsOneCubicPiece(double in, double out) {
        assertThat(new Curve(List.of(point(0, 0, 0, 1, 0))).at(in)).isCloseTo(out, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"0, 0.1", "0.39, 0.1", "0.4, 0.1", "0.7, 0.55", "1, 1"})
    void aPieceBeginsAtItsPointAndBeforeTheFirstItsOwnStartHolds(double in, double out) {
        // from 40 % on: 0.1 + 1.5 u with u = (x - 40 %) / 100 %
        assertThat(new Curve(List.of(point(40, 0.1, 1.5, 0, 0))).at(in)).isCloseTo(out, within(1e-12));
    }

    @Test
    void theLastPointThatIsNotAboveTheInputCountsWhateverTheOrderInTheFile() {
        var steps = new Curve(List.of(point(50, 1, 0, 0, 0), point(0, 0.25, 0, 0, 0)));

        assertThat(steps.at(0.4999)).isEqualTo(0.25);
        assertThat(steps.at(0.5)).isEqualTo(1);
    }

    @Test
    void staysWithinItsRange() {
        var wild = new Curve(List.of(point(0, -3, 9, 0, 0)));

        assertThat(wild.at(0)).isZero();
        assertThat(wild.at(1)).isEqualTo(1);
        assertThat(Curve.LINEAR.at(0.3)).isEqualTo(0.3);
    }
}
