package yellowkite.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.joml.Vector3d;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.profile.Matrix;

/** By hand: a quarter about z takes x to y, about x takes y to z, about y takes z to x. */
class FramesTest {

    @ParameterizedTest
    @CsvSource({
            "0, 0, 90,  1, 0, 0,  0, 1, 0",
            "90, 0, 0,  0, 1, 0,  0, 0, 1",
            "0, 90, 0,  0, 0, 1,  1, 0, 0",
            "0, 0, -90, 1, 0, 0,  0, -1, 0",
            "180, 0, 0, 0, 0, -1, 0, 0, 1",
            "90, 0, 90, 0, 1, 0,  0, 0, 1"})
    void turnsFollowTheRightHandAboutXThenYThenZ(double x, double y, double z, double fromX, double fromY, double fromZ, double toX,
            double toY, double toZ) {
        var to = Frames.of(new Place(0, 0, 0, x, y, z)).transformDirection(new Vector3d(fromX, fromY, fromZ));

        assertThat(to.distance(toX, toY, toZ)).isLessThan(1e-9);
    }

    @Test
    void aPlaceIsWrittenRowByRowWithItsShiftInTheLastColumn() {
        assertThat(Frames.matrix(new Place(1, 2, 3, 0, 0, 90)).cells())
            .containsExactly(0.0, -1.0, 0.0, 1.0, 1.0, 0.0, 0.0, 2.0, 0.0, 0.0, 1.0, 3.0, 0.0, 0.0, 0.0, 1.0);
        assertThat(Frames.matrix(new Place(0, 0, 0))).isEqualTo(Matrix.IDENTITY);
    }

    @Property(tries = 500)
    void whatIsReadFromAMatrixIsThatMatrix(@ForAll @DoubleRange(min = -3, max = 3) double x,
            @ForAll @DoubleRange(min = -180, max = 180) double a,
            @ForAll @DoubleRange(min = -180, max = 180) double b, @ForAll @DoubleRange(min = -180, max = 180) double c) {
        var matrix = Frames.matrix(new Place(x, -x, 2 * x, a, b, c));

        var again = Frames.matrix(Frames.place(matrix));

        for (int i = 0; i < 16; i++) {
            assertThat(again.cells().get(i)).isCloseTo(matrix.cells().get(i), within(1e-5));
        }
        assertThat(Frames.unlikeAPlace(matrix)).isEmpty();
    }

    private static Matrix with(double... changes) {
        var cells = new ArrayList<>(Matrix.IDENTITY.cells());
        for (int i = 0; i < changes.length; i += 2) {
            cells.set((int) changes[i], changes[i + 1]);
        }
        return new Matrix(cells);
    }

    @Test
    void whatIsNoPlaceIsTold() {
        assertThat(Frames.unlikeAPlace(Matrix.IDENTITY)).isEmpty();
        assertThat(Frames.unlikeAPlace(with(0, -1))).hasValue("is mirrored");
        assertThat(Frames.unlikeAPlace(with(1, 0.5))).hasValue("is skewed");
        assertThat(Frames.unlikeAPlace(with(0, 2, 5, 2, 10, 2))).hasValue("is scaled");
        assertThat(Frames.unlikeAPlace(with(10, 0))).hasValue("is pressed flat");
        assertThat(Frames.unlikeAPlace(with(15, 2))).hasValue("has a last row other than 0, 0, 0, 1");
    }

    @Test
    void aScaledMatrixStillTellsItsTurn() {
        var scaled = new Matrix(List.of(0.0, -2.0, 0.0, 5.0, 2.0, 0.0, 0.0, 6.0, 0.0, 0.0, 2.0, 7.0, 0.0, 0.0, 0.0, 1.0));

        assertThat(Frames.place(scaled)).isEqualTo(new Place(5, 6, 7, 0, 0, 90));
    }
}
