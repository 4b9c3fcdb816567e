package yellowkite.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.xml.Source;

class InverseTest {
    private static Curve curve(Shelf shelf, int parameter) {
        return new Curve(shelf.pieces(parameter));
    }

    private static Curve undoing(Curve curve) {
        return new Curve(Inverse.of(curve).orElseThrow());
    }

    @ParameterizedTest
    @EnumSource(names = {"LINEAR", "SQUARE", "INVERSE_SQUARE", "S_SOFT", "S_HARD", "LOGARITHMIC", "EXPONENTIAL", "CUBIC"})
    void undoesTheCurvesThatRise(Shelf shelf) {
        var curve = curve(shelf, 0);
        var inverse = undoing(curve);

        for (int i = 0; i <= 500; i++) {
            double wanted = i / 500.0;
            assertThat(curve.at(inverse.at(wanted))).as("%s at %f", shelf, wanted).isCloseTo(wanted, within(0.001));
        }
    }

    @Test
    void ofTheSquareLawIsTheRoot() {
        assertThat(undoing(curve(Shelf.SQUARE, 0)).at(0.25)).isCloseTo(0.5, within(1e-4));
        assertThat(undoing(curve(Shelf.INVERSE_SQUARE, 0)).at(0.5)).isCloseTo(0.25, within(1e-4));
    }

    @Test
    void givesTheNearestInputForWhatIsNeverReached() {
        var inverse = undoing(curve(Shelf.CEILING, 80));

        assertThat(inverse.at(0.4)).isCloseTo(0.5, within(1e-9));
        assertThat(inverse.at(0.9)).isCloseTo(1, within(1e-9));
    }

    @Test
    void runsDownwardsForACurveThatFalls() {
        var falling = new Curve(List.of(new DmxProfile.Point(0, 1, -1, 0, 0, Source.NONE)));

        assertThat(undoing(falling).at(0.3)).isCloseTo(0.7, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(names = {"STEPPED", "ON_FROM", "OFF_FROM", "FULL", "TRIANGLE"})
    void isNotThereForCurvesThatStandStillJumpOrComeBack(Shelf shelf) {
        assertThat(Inverse.of(curve(shelf, shelf == Shelf.FULL || shelf == Shelf.TRIANGLE ? 0 : 50))).isEmpty();
    }
}
