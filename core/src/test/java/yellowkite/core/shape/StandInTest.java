package yellowkite.core.shape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.profile.Model;
import yellowkite.core.xml.Source;

class StandInTest {
    private static Shape primitive(Model.Primitive primitive) {
        return Primitives.of(new Model("M", 0.4, 0.3, 0.6, primitive, "", Model.SvgOffsets.NONE, Source.NONE));
    }

    /** A yoke has a bar and two arms: three boxes of twelve triangles, around the same room. */
    @Test
    void boxesStandForPieces() {
        var head = primitive(Model.Primitive.Head);

        assertThat(primitive(Model.Primitive.Yoke).boxes().triangles()).isEqualTo(36);
        assertThat(head.boxes().triangles()).isEqualTo(24);
        assertThat(head.boxes().box()).isEqualTo(head.box());
    }

    @Test
    void aThousandPiecesBecomeAFewBoxes() {
        var piece = primitive(Model.Primitive.Cube).pieces().getFirst();

        assertThat(new Shape(Collections.nCopies(1_000, piece)).boxes().pieces()).hasSize(32);
        assertThat(Shape.NOTHING.boxes()).isEqualTo(new Shape(List.of()));
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        var yoke = primitive(Model.Primitive.Yoke);

        var read = ModelFile.whole("glb", GlbWriter.write(yoke));

        assertThat(read.trouble()).isEmpty();
        assertThat(read.triangles()).isEqualTo(yoke.triangles());
        assertThat(read.shape().box()).isEqualTo(yoke.box());
        for (int i = 0; i < yoke.pieces().size(); i++) {
            assertThat(read.shape().pieces().get(i).rgb()).isEqualTo(yoke.pieces().get(i).rgb());
            assertThat(read.shape().pieces().get(i).corners()).isEqualTo(yoke.pieces().get(i).corners());
        }
    }
}
