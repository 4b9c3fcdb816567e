package yellowkite.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowkite.core.curve.OwnPoints.Run;
import yellowkite.core.curve.Smooth.Knot;

class OwnPointsTest {
    private static final List<Knot> KNOTS = List.of(new Knot(0.2, 0), new Knot(0.6, 0.8), new Knot(0.8, 0.4));

    private static Curve curve(Run run) {
        return new Curve(OwnPoints.pieces(KNOTS, run));
    }

    @ParameterizedTest
    @EnumSource(Run.class)
    void goesThroughItsPointsAndStaysAtTheFirstAndTheLast(Run run) {
        var curve = curve(run);

        KNOTS.forEach(knot -> assertThat(curve.at(knot.in())).isCloseTo(knot.out(), within(1e-12)));
        assertThat(curve.at(0.1)).isZero();
        assertThat(curve.at(1)).isCloseTo(0.4, within(1e-12));
        for (int i = 0; i <= 1_000; i++) {
            assertThat(curve.at(i / 1_000.0)).isBetween(0.0, 0.8 + 1e-12);
        }
    }

    @ParameterizedTest
    @CsvSource({"STRAIGHT, 0.4", "STEPS, 0"})
    void runsAsItIsToldBetweenThem(Run run, double halfway) {
        assertThat(curve(run).at(0.4)).isCloseTo(halfway, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(Run.class)
    void isTakenUpAgainAsItWasLeft(Run run) {
        var curve = curve(run);

        var again = new Curve(OwnPoints.pieces(OwnPoints.of(curve), OwnPoints.runOf(curve)));

        assertThat(OwnPoints.runOf(curve)).isEqualTo(run);
        for (int i = 0; i <= 100; i++) {
            assertThat(again.at(i / 100.0)).isCloseTo(curve.at(i / 100.0), within(1e-12));
        }
    }

    @Test
    void pointsHoldFromLeftToRightInThePlaneAndInPlacesOfTheirOwn() {
        var drawn = List.of(new Knot(0.5, 0.2), new Knot(-0.1, 1.4), new Knot(0.5, 0.9), new Knot(1.2, 0.3), new Knot(1, Double.NaN));

        var held = OwnPoints.held(drawn);

        assertThat(held.order()).as("of two in one place, the one that was first").containsExactly(1, 0, 2, 3, 4);
        assertThat(held.knots()).extracting(Knot::out).containsExactly(1.0, 0.2, 0.9, 0.3, 0.0);
        assertThat(held.knots()).extracting(Knot::in)
            .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-12 ? 0 : Double.compare(a, b))
            .containsExactly(0.0, 0.5, 0.501, 0.999, 1.0);
    }

    @Property
    void whateverIsDrawnHoldsAsACurveAndHoldsAsItIs(@ForAll @Size(min = 2, max = 256) List<@DoubleRange(min = -0.2, max = 1.2) Double> in) {
        var held = OwnPoints.held(in.stream().map(each -> new Knot(each, each / 2)).toList());

        assertThat(OwnPoints.pieces(held.knots(), Run.STRAIGHT)).hasSizeGreaterThanOrEqualTo(in.size() - 1);
        assertThat(OwnPoints.held(held.knots()).knots()).isEqualTo(held.knots());
    }

    @Test
    void refusesWhatIsNoCurveInASentence() {
        var many = new ArrayList<Knot>();
        for (int i = 0; i <= OwnPoints.MOST; i++) {
            many.add(new Knot((double) i / OwnPoints.MOST, 0));
        }

        assertThatThrownBy(() -> OwnPoints.pieces(List.of(new Knot(0, 0)), Run.SMOOTH))
            .hasMessage("A curve has 2 to 256 points; there is 1.");
        assertThatThrownBy(() -> OwnPoints.pieces(many, Run.SMOOTH)).hasMessage("A curve has 2 to 256 points; there are 257.");
        assertThatThrownBy(() -> OwnPoints.pieces(List.of(new Knot(0, 0), new Knot(0.5, 1.01)), Run.SMOOTH))
            .hasMessageStartingWith("Points lie from 0 to 100 %");
        assertThatThrownBy(() -> OwnPoints.pieces(List.of(new Knot(0, 0), new Knot(Double.NaN, 1)), Run.SMOOTH))
            .hasMessageStartingWith("Points lie from 0 to 100 %");
        assertThatThrownBy(() -> OwnPoints.pieces(List.of(new Knot(0.25, 0), new Knot(0.25, 1)), Run.STEPS))
            .hasMessage("Two points stand at 25.0 %; move one, or delete it.");
    }
}
