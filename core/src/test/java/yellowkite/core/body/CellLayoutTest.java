package yellowkite.core.body;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import yellowkite.core.body.CellLayout.Form;

/** Places by hand; seen from above with the front below, so the row behind is the upper one. */
class CellLayoutTest {
    private static Place at(double x, double y) {
        return new Place(x, y, 0);
    }

    @Test
    void aRowRunsToTheRightAroundItsMiddle() {
        assertThat(CellLayout.row(0.1).places(4)).containsExactly(at(-0.15, 0), at(-0.05, 0), at(0.05, 0), at(0.15, 0));
    }

    @Test
    void aGridBeginsBehindOnTheLeft() {
        assertThat(new CellLayout(Form.GRID, 2, 0.2, 0.5).places(4))
            .containsExactly(at(-0.1, 0.25), at(0.1, 0.25), at(-0.1, -0.25), at(0.1, -0.25));
    }

    @Test
    void theLastRowOfAGridMayBeShort() {
        assertThat(new CellLayout(Form.GRID, 3, 1, 1).places(4).getLast()).isEqualTo(at(-1, -0.5));
    }

    @Test
    void aRingOfFourIsASquareOnItsTip() {
        // four cells 1 m apart: radius 1 / (2 sin 45) = 0.707107
        assertThat(new CellLayout(Form.RING, 1, 1, 0).places(4))
            .containsExactly(at(0, 0.707107), at(0.707107, 0), at(0, -0.707107), at(-0.707107, 0));
    }

    @Test
    void oneCellStandsInTheMiddle() {
        for (var form : Form.values()) {
            assertThat(new CellLayout(form, 1, 1, 1).places(1)).containsExactly(at(0, 0));
        }
    }
}
