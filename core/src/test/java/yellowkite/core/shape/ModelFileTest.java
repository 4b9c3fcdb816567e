package yellowkite.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.profile.Model;
import yellowkite.core.xml.Source;

class ModelFileTest {

    private static ModelFile glb(Glb glb) {
        return ModelFile.whole("glb", glb.bytes());
    }

    @Test
    void aGlbIsReadAndStoodUp() {
        var file = glb(Glb.box(0.4, 0.6, 0.2)); // 0.6 m up there is 0.6 m up here

        assertThat(file.trouble()).isEmpty();
        assertThat(file.triangles()).isEqualTo(12);
        assertThat(file.box().length()).isCloseTo(0.4, within(1e-6));
        assertThat(file.box().width()).isCloseTo(0.2, within(1e-6));
        assertThat(file.box().height()).isCloseTo(0.6, within(1e-6));
        assertThat(file.shape().pieces().getFirst().rgb()).isEqualTo(0xff0000);
        assertThat(file.shape().box().height()).isCloseTo(0.6, within(1e-6));
    }

    @Test
    void itsNodesMoveAndScaleIt() {
        var file = glb(Glb.box(1, 1, 1).node("\"translation\":[0,2,0],\"scale\":[1,1,3]"));

        assertThat(file.box().fromZ()).isCloseTo(1.5, within(1e-6));
        assertThat(file.box().toZ()).isCloseTo(2.5, within(1e-6));
        assertThat(file.box().width()).isCloseTo(3, within(1e-6));
    }

    @Test
    void factsAloneComeWithoutTriangles() {
        var facts = ModelFile.facts("glb", Glb.box(1, 1, 1).bytes());

        assertThat(facts.shape()).isNull();
        assertThat(facts.triangles()).isEqualTo(12);
        assertThat(facts.box()).isEqualTo(glb(Glb.box(1, 1, 1)).box());
    }

    @Test
    void whatItCostsIsSaidPlainly() {
        assertThat(new ModelFile("glb", 1, 4_000, Box.EMPTY, java.util.List.of(), "", null).cost()).isEqualTo("4,000 triangles");
        assertThat(new ModelFile("glb", 1, 12_000, Box.EMPTY, java.util.List.of(), "", null).cost())
            .isEqualTo("12,000 triangles: more than usual, which is under 5,000");
        assertThat(new ModelFile("glb", 1, 184_000, Box.EMPTY, java.util.List.of(), "", null).cost())
            .isEqualTo("184,000 triangles: heavy for a rig of 60; the usual is under 5,000");
    }

    @Test
    void tenMillionTrianglesAreToldAndNotRead() {
        var json = glb(Glb.box(1, 1, 1).times(50_000)); // 600,000

        assertThat(json.triangles()).isEqualTo(600_000);
        assertThat(json.shape()).isNull();
        assertThat(json.trouble()).isEqualTo("At most 500,000 triangles are shown here; save it with fewer.");
        assertThat(glb(Glb.box(1, 1, 1).sayingCorners(30_000_000)).trouble())
            .isEqualTo("A list says more entries than it has; the file is damaged.");
    }

    @Test
    void aShapeWithoutAnySizeIsTold() {
        assertThat(glb(Glb.box(0, 0, 0)).trouble()).isEqualTo("All of its points lie in one place.");
        assertThat(ModelFile.whole("3ds", ThreeDs.file(ThreeDs.points(0, 0, 0), ThreeDs.faces(0, 0, 0))).trouble())
            .isEqualTo("All of its points lie in one place.");
        assertThat(glb(Glb.box(1, 0, 0)).trouble()).isEmpty();
    }

    @Test
    void whatIsOutsideIsNeverLookedFor() {
        assertThat(glb(Glb.box(1, 1, 1).buffer("\"uri\":\"http://127.0.0.1/points.bin\"")).trouble())
            .startsWith("Its points lie outside of the file");
        assertThat(glb(Glb.box(1, 1, 1).more("\"extensionsRequired\":[\"KHR_draco_mesh_compression\"]")).trouble())
            .startsWith("It needs the extension KHR_draco_mesh_compression");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"min\":[1,1,1],\"max\":[-1,-1,-1]", "\"min\":[\"NaN\",0,0],\"max\":[1,1,1]",
            "\"min\":[0,0,0],\"max\":[1e400,1,1]"})
    void boundsThatAreNoneAreTold(String bounds) {
        assertThat(glb(Glb.box(1, 1, 1).bounds(bounds)).trouble()).isNotEmpty();
        assertThat(glb(Glb.box(1, 1, 1).bounds(bounds)).shape()).isNull();
    }

    @Test
    void nodesInACircleAndMatricesOfNothingAreTold() {
        assertThat(glb(Glb.box(1, 1, 1).node("\"children\":[0]")).trouble())
            .isEqualTo("Its nodes stand in a circle, or too deep in each other.");
        assertThat(glb(Glb.box(1, 1, 1).node("\"matrix\":[\"NaN\",0,0,0,0,1,0,0,0,0,1,0,0,0,0,1]")).trouble())
            .isEqualTo("A matrix of it holds something that is no number.");
    }

    @Test
    void texturesAreToldBySize() {
        var png = ByteBuffer.allocate(24)
            .putInt(0x89504E47)
            .putInt(0x0D0A1A0A)
            .putInt(13)
            .putInt(0x49484452)
            .putInt(8_192)
            .putInt(16)
            .array();

        assertThat(PictureHead.of("skin", png, 0, png.length)).isEqualTo(new ModelFile.Texture("skin", 8_192, 16));
        assertThat(PictureHead.of("skin", png, 0, png.length).isTooLarge()).isTrue();
        assertThat(PictureHead.of("skin", new byte[3], 0, 3)).isEqualTo(new ModelFile.Texture("skin", 0, 0));
    }

    @Test
    void a3dsIsReadInMillimetres() {
        var file = ModelFile.whole("3ds", ThreeDs.triangle());

        assertThat(file.trouble()).isEmpty();
        assertThat(file.triangles()).isOne();
        assertThat(file.box()).isEqualTo(new Box(0, 0, 0.2f, 1, 0.5f, 0.2f));
        assertThat(file.shape().pieces().getFirst().corners()).containsExactly(0, 1, 2);
    }

    @Test
    void a3dsThatLiesIsTold() {
        assertThat(ModelFile.whole("3ds", ThreeDs.file(ThreeDs.points(0, 0, 0), ThreeDs.faces(0, 1, 2))).trouble())
            .isEqualTo("A triangle has a corner that does not exist; the file is damaged.");
        assertThat(ModelFile.whole("3ds", ThreeDs.file(ThreeDs.points(Float.NaN, 0, 0), ThreeDs.faces(0, 0, 0))).trouble())
            .startsWith("A point lies nowhere");
        var deep = new byte[0];
        for (int i = 0; i < 40; i++) {
            deep = ThreeDs.chunk(0x4D4D, deep);
        }
        assertThat(ModelFile.whole("3ds", deep).trouble()).startsWith("Its chunks lie too deep in each other");
        var endless = ByteBuffer.allocate(2_000_000).order(ByteOrder.LITTLE_ENDIAN).putShort((short) 0x4D4D).putInt(2_000_000);
        while (endless.remaining() >= 6) {
            endless.putShort((short) 0x7777).putInt(6);
        }
        assertThat(ModelFile.whole("3ds", endless.array()).trouble()).startsWith("It has more than 200000 chunks");
    }

    /** Whatever is cut or changed: a sentence or a shape, and never anything else. */
    @Test
    void damagedFilesAreNeverTooMuch() {
        var random = new Random(7);
        for (var whole : new byte[][]{Glb.box(1, 2, 3).bytes(), ThreeDs.triangle()}) {
            for (int i = 0; i < 3_000; i++) {
                var spoilt = Arrays.copyOf(whole, i % 2 == 0 ? whole.length : random.nextInt(whole.length + 1));
                for (int hits = random.nextInt(6); hits >= 0 && spoilt.length > 0; hits--) {
                    spoilt[random.nextInt(spoilt.length)] = (byte) random.nextInt(256);
                }
                for (var form : new String[]{"glb", "3ds"}) {
                    var read = ModelFile.whole(form, spoilt);
                    assertThat(read.shape() != null || !read.trouble().isEmpty()).isTrue();
                }
            }
        }
    }

    @Test
    void aFileIsBroughtToTheStatedSize() {
        var model = new Model("Box", 0.8, 0, 0.3, Model.Primitive.Undefined, "box", Model.SvgOffsets.NONE, Source.NONE);

        var box = Shaped.of(model, glb(Glb.box(0.4, 0.6, 0.2))).box();

        assertThat(box.length()).isCloseTo(0.8, within(1e-6));
        assertThat(box.width()).isCloseTo(0.2, within(1e-6));
        assertThat(box.height()).isCloseTo(0.3, within(1e-6));
        assertThat(Shaped.box(model, ModelFile.facts("glb", Glb.box(0.4, 0.6, 0.2).bytes())).height()).isCloseTo(0.3, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Undefined", "Cube", "Cylinder", "Sphere", "Base", "Yoke", "Head", "Scanner", "Conventional", "Pigtail"})
    void eachPrimitiveHasItsStatedSizeAndSoundCorners(String primitive) {
        var shape = Primitives
            .of(new Model("M", 0.4, 0.3, 0.6, Model.Primitive.valueOf(primitive), "", Model.SvgOffsets.NONE, Source.NONE));

        assertThat(shape.box().length()).isCloseTo(0.4, within(1e-6));
        assertThat(shape.box().width()).isBetween(0.299, 0.34);
        assertThat(shape.box().height()).isCloseTo(0.6, within(1e-6));
        shape.pieces().forEach(piece -> assertThat(Arrays.stream(piece.corners()).max().orElse(-1)).isLessThan(piece.points().length / 3));
    }
}
