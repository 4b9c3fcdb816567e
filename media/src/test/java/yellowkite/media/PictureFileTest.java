package yellowkite.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.gobo.Picture;
import yellowkite.core.gobo.PictureRefused;

class PictureFileTest {
    private static final String SVG = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 10 10\">%s</svg>";

    private static byte[] file(String format) throws IOException {
        var image = new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB);
        image.setRGB(3, 4, 0xFFFFFF);
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static byte[] svg(String inside) {
        return SVG.formatted(inside).getBytes(StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "gif"})
    void readsWhatCamerasAndPaintersWrite(String format) throws IOException {
        var picture = PictureFile.read("reeds." + format, file(format));

        assertThat(picture.width()).isEqualTo(20);
        assertThat(picture.height()).isEqualTo(10);
    }

    @Test
    void drawsAnSvg() {
        var picture = PictureFile.read("reeds.svg", svg("<rect width=\"5\" height=\"10\" fill=\"#fff\"/>"));

        assertThat(picture.width()).isEqualTo(1024);
        assertThat(picture.at(100, 500)).isEqualTo(0xFFFFFFFF);
        assertThat(picture.at(900, 500) >>> 24).isZero();
    }

    @Test
    void writesWhatItReads() {
        var pixels = new int[256 * 128];
        Arrays.setAll(pixels, i -> 0xFF000000 | i * 77);
        var picture = new Picture(256, 128, pixels);

        assertThat(PictureFile.read("disc.png", PictureFile.png(picture))).isEqualTo(picture);
    }

    @Test
    void refusesWhatIsNotWhatItsEndingSays() throws IOException {
        var bytes = file("jpg");

        assertThatThrownBy(() -> PictureFile.read("reeds.png", bytes)).isInstanceOf(PictureRefused.class)
            .hasMessage("This file calls itself PNG but holds a JPEG; give it its right ending if it is what you meant.");
        assertThatThrownBy(() -> PictureFile.read("reeds.png", "no picture".getBytes(StandardCharsets.UTF_8)))
            .hasMessageStartingWith("This is no picture that can be taken");
    }

    @Test
    void refusesABrokenPicture() throws IOException {
        var bytes = file("png");

        assertThatThrownBy(() -> PictureFile.read("reeds.png", Arrays.copyOf(bytes, 40))).isInstanceOf(PictureRefused.class);
        assertThatThrownBy(() -> PictureFile.read("reeds.gif", Arrays.copyOf("GIF89a".getBytes(StandardCharsets.US_ASCII), 13)))
            .isInstanceOf(PictureRefused.class);
    }

    /** Its header alone is enough: nothing of that size is ever decoded. */
    @Test
    void refusesAPictureThatSaysItIsHuge() {
        var header = ByteBuffer.allocate(33)
            .put(new byte[]{(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'})
            .putInt(13)
            .put("IHDR".getBytes(StandardCharsets.US_ASCII))
            .putInt(20_000)
            .putInt(20_000)
            .put(new byte[]{8, 6, 0, 0, 0});
        var crc = new CRC32();
        crc.update(header.array(), 12, 17);
        header.putInt((int) crc.getValue());

        assertThatThrownBy(() -> PictureFile.read("bomb.png", header.array())).isInstanceOf(PictureRefused.class)
            .hasMessage("This picture has 20000 by 20000 pixels; at most 4096 by 4096 can be taken.");
    }

    @Test
    void refusesAPictureWithNothingToSee() throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 10, BufferedImage.TYPE_INT_ARGB), "png", out);

        assertThatThrownBy(() -> PictureFile.read("empty.png", out.toByteArray()))
            .hasMessage("Every pixel of this picture is transparent: there is nothing to see.");
    }

    @ParameterizedTest
    @ValueSource(strings = {
            "<script>alert(1)</script>", "<rect onload=\"alert(1)\"/>", "<image href=\"x.png\"/>", "<use href=\"other.svg#a\"/>",
            "<foreignObject/>", "<style>@import 'x.css';</style>", "<rect style=\"fill:url(http://example.invalid/x)\"/>",
            "<a xmlns:xlink=\"http://www.w3.org/1999/xlink\" xlink:href=\"javascript:alert(1)\"/>", "<pattern/>",
            "<path stroke-dasharray=\"0.0001\" d=\"M0 0H9\"/>",
            "<rect style=\"stroke-dasharray:0.0001\"/>", "<rect"})
    void refusesADrawingThatIsMoreThanShapes(String inside) {
        assertThatThrownBy(() -> PictureFile.read("drawing.svg", svg(inside))).isInstanceOf(PictureRefused.class)
            .hasMessageMatching("This drawing .*");
    }

    @Test
    void refusesEntitiesAndCopiesOfCopies() {
        var entities = "<!DOCTYPE svg [<!ENTITY a \"aaaa\">]>" + SVG.formatted("<text>&a;</text>");
        var copies = new StringBuilder("<defs><rect id=\"c0\" width=\"1\" height=\"1\"/>");
        for (int i = 1; i < 30; i++) {
            copies.append("<g id=\"c%d\"><use href=\"#c%d\"/><use href=\"#c%d\"/></g>".formatted(i, i - 1, i - 1));
        }

        assertThatThrownBy(() -> PictureFile.read("a.svg", entities.getBytes(StandardCharsets.UTF_8))).isInstanceOf(PictureRefused.class);
        assertThatThrownBy(() -> PictureFile.read("a.svg", svg(copies + "</defs><use href=\"#c29\"/>")))
            .hasMessage("This drawing has too many parts; simplify it first.");
        assertThatThrownBy(() -> PictureFile.read("a.svg", svg("<g id=\"a\"><use href=\"#a\"/></g>"))).isInstanceOf(PictureRefused.class);
    }

    private static byte[] cutBy(int shapes, String more) {
        return ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10 10'><clipPath id='c'>"
                + "<circle cx='5' cy='5' r='4'/>".repeat(shapes) + "</clipPath>" + more
                + "<rect clip-path='url(#c)' width='10' height='10'/></svg>")
            .getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aDrawingThatManyShapesCutIsRefusedAndOneThatAPageCutsIsNot() {
        assertThat(PictureFile.read("cut.svg", cutBy(1, "")).width()).isPositive();
        assertThatThrownBy(() -> PictureFile.read("cut.svg", cutBy(13, ""))).isInstanceOf(PictureRefused.class)
            .hasMessageContaining("cut by too many");
        var copied = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><g id='g'>" + "<circle r='4'/>".repeat(200)
                + "</g><clipPath id='c'><use href='#g'/></clipPath><rect clip-path='url(#c)' width='9' height='9'/></svg>";
        assertThatThrownBy(() -> PictureFile.read("cut.svg", copied.getBytes(StandardCharsets.UTF_8))).isInstanceOf(PictureRefused.class);
    }

    @Test
    void aDrawingOfEndlessLinesIsRefused() {
        var path = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><path fill='none' stroke='black' d='M0 0"
                + " l1 1".repeat(30_000)
                + "'/></svg>";

        assertThatThrownBy(() -> PictureFile.read("cut.svg", path.getBytes(StandardCharsets.UTF_8))).isInstanceOf(PictureRefused.class)
            .hasMessageContaining("too long");
    }
}
