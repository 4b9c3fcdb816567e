package yellowkite.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.shape.Views.View;

class ViewsTest {
    /** 2 m to the right, 1 m to the back, 0.5 m up. */
    private static final Shape BOX = new Shape(List.of(Solids.box(0, 0, 0, 2, 1, 0.5, 0x112233)));

    @Test
    void aBoxIsARectangleFromEachSide() {
        assertThat(Views.of(BOX, View.TOP).getFirst().points()).containsExactly(0.0, 0.0, 2.0, 0.0, 2.0, 1.0, 0.0, 1.0);
        assertThat(Views.of(BOX, View.FRONT).getFirst().points()).containsExactly(0.0, 0.0, 2.0, 0.0, 2.0, 0.5, 0.0, 0.5);
        assertThat(Views.of(BOX, View.SIDE).getFirst().points()).containsExactly(0.0, 0.0, 1.0, 0.0, 1.0, 0.5, 0.0, 0.5);
    }

    @Test
    void theNearerPieceIsDrawnLast() {
        var two = new Shape(List.of(Solids.box(0, -3, 0, 1, -2, 1, 1), Solids.box(0, 0, 0, 1, 1, 1, 2)));

        assertThat(Views.of(two, View.FRONT)).extracting(Views.Outline::rgb).containsExactly(2, 1);
        assertThat(Views.of(two, View.TOP)).hasSize(2);
    }

    @Test
    void anSvgIsOfTrueSizeInMillimetres() {
        var svg = Views.svg(Views.of(BOX, View.FRONT));

        assertThat(svg.text())
            .startsWith("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"2000mm\" height=\"500mm\" viewBox=\"0 0 2000 500\">")
            .contains("M0 500L2000 500L2000 0L0 0Z")
            .contains("fill=\"#112233\"");
        assertThat(svg.originX()).isZero();
        assertThat(svg.originY()).isCloseTo(500, within(1e-6));
    }

    @Test
    void nothingIsAnEmptyDrawing() {
        assertThat(Views.of(Shape.NOTHING, View.TOP)).isEmpty();
        assertThat(Views.svg(List.of()).text()).contains("viewBox=\"0 0 1 1\"");
    }
}
