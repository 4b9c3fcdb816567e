package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.body.Place;

class TransformTest {
    private static Transform of(String text) {
        return Transform.parse(text).orElseThrow();
    }

    @Test
    void anOriginIsInMillimetres() {
        assertThat(of("{1,0,0}{0,1,0}{0,0,1}{1500,-250.5,6000}").place()).isEqualTo(new Place(1.5, -0.2505, 6, 0, 0, 0));
    }

    /** A quarter turn about z: x goes to y, y to -x. */
    @Test
    void turnsAreReadFromTheAxes() {
        assertThat(of("{0,1,0}{-1,0,0}{0,0,1}{0,0,0}").place()).isEqualTo(new Place(0, 0, 0, 0, 0, 90));
        assertThat(of("{1,0,0}{0,-1,0}{0,0,-1}{0,0,0}").place()).isEqualTo(new Place(0, 0, 0, 180, 0, 0));
        assertThat(of("{0,0,-1}{0,1,0}{1,0,0}{0,0,0}").place()).isEqualTo(new Place(0, 0, 0, 0, 90, 0));
    }

    /** The truss hangs at x = 2 m, turned a quarter about z; 1 m along its own x is 1 m along y. */
    @Test
    void whatHangsInSomethingIsSeenFromOutside() {
        var truss = of("{0,1,0}{-1,0,0}{0,0,1}{2000,0,5000}");

        assertThat(of("{1,0,0}{0,1,0}{0,0,1}{1000,0,0}").in(truss).place()).isEqualTo(new Place(2, 1, 5, 0, 0, 90));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{1,0,0}{0,1,0}{0,0,1}", "{1,0,0}{0,1,0}{0,0,1}{x,0,0}", "{1,0,0}{0,1,0}{0,0,1}{0,0,0}{0,0,0}",
            "{NaN,0,0}{0,1,0}{0,0,1}{0,0,0}", "{1,0}{0,1,0}{0,0,1}{0,0,0}"})
    void whatIsNoMatrixIsNone(String text) {
        assertThat(Transform.parse(text)).isEmpty();
    }

    @Test
    void anInverseUndoesAndAPlaceIsWrittenBack() {
        var random = new Random(7);
        for (int i = 0; i < 200; i++) {
            var place = new Place(random.nextInt(100), random.nextInt(100), random.nextInt(10), random.nextInt(-179, 180),
                    random.nextInt(-89, 90), random.nextInt(-179, 180));
            var back = of(Transform.of(place).written()).place();

            assertThat(new double[]{back.x(), back.y(), back.z(), back.turnX(), back.turnY(), back.turnZ()})
                .containsExactly(new double[]{place.x(), place.y(), place.z(), place.turnX(), place.turnY(), place.turnZ()}, within(0.01));
            assertThat(Transform.of(place).in(Transform.of(place).inverse().orElseThrow()).cells())
                .containsExactly(Transform.IDENTITY.cells(), within(1e-6));
        }
        assertThat(of("{1,0,0}{1,0,0}{0,0,1}{0,0,0}").inverse()).isEmpty();
    }
}
