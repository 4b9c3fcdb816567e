package yellowkite.core.bench.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.colour.Srgb;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gobo.Picture;
import yellowkite.core.profile.Geometry.Kind;

/** Battens of four cells in a row, at addresses of their own. */
class FieldTest {
    private static final int RED = 0xFFFF0000;
    private static final int GREEN = 0xFF00FF00;
    private static final int BLUE = 0xFF0000FF;
    private static final int WHITE = 0xFFFFFFFF;
    private static final int BLACK = 0xFF000000;

    /** @param attributes of each cell, one address each */
    private static CompiledMode batten(String... attributes) {
        int each = attributes.length;
        var type = ProfileBuilder.profile("Testers", "Rail")
            .body(part(Kind.Geometry, "Base", IntStream.range(0, 4)
                .mapToObj(i -> reference("Cell " + (i + 1), "Cell", 1 + i * each))
                .toArray(yellowkite.core.profile.Geometry[]::new)))
            .body(part(Kind.Beam, "Cell"))
            .mode("Cells", "Base", mode -> {
                for (int i = 0; i < each; i++) {
                    var attribute = attributes[i];
                    channel(mode, attribute, i + 1);
                }
            })
            .build();
        return CompiledMode.of(type, type.modes().getFirst());
    }

    private static void channel(ModeBuilder mode, String attribute, int address) {
        mode.channel(attribute, "Cell", at(address), c -> c.highlight(255).function(attribute, 0, f -> f.physical(0, 1)));
    }

    private static Picture picture(int width, int... pixels) {
        return new Picture(width, pixels.length / width, pixels);
    }

    private static final Sampling STRAIGHT = new Sampling(Sampling.Fit.STRETCH, 0, false);

    private static String hexes(Sampling sampling, Picture picture, Field field) {
        return sampling.of(picture, field).stream().map(each -> each.hex().substring(1)).collect(Collectors.joining(" "));
    }

    @Test
    void eachCellGetsItsOwnPartOfThePicture() {
        var field = Field.of(batten("ColorAdd_R", "ColorAdd_G", "ColorAdd_B"), 1, 1, Field.Order.ROWS);

        assertThat(hexes(STRAIGHT, picture(4, RED, GREEN, BLUE, WHITE), field)).isEqualTo("ff0000 00ff00 0000ff ffffff");
        assertThat(hexes(new Sampling(Sampling.Fit.STRETCH, 0, true), picture(4, RED, GREEN, BLUE, WHITE), field))
            .isEqualTo("ffffff 0000ff 00ff00 ff0000");
        assertThat(hexes(new Sampling(Sampling.Fit.STRETCH, 2, false), picture(4, RED, GREEN, BLUE, WHITE), field))
            .isEqualTo("ffffff 0000ff 00ff00 ff0000");
        // a column, red at its top, turned clockwise: its top goes to the right
        assertThat(hexes(new Sampling(Sampling.Fit.STRETCH, 1, false), picture(1, RED, GREEN, BLUE, WHITE), field))
            .isEqualTo("ffffff 0000ff 00ff00 ff0000");
        assertThat(hexes(new Sampling(Sampling.Fit.STRETCH, 3, false), picture(1, RED, GREEN, BLUE, WHITE), field))
            .isEqualTo("ff0000 00ff00 0000ff ffffff");
    }

    @Test
    void aCellIsTheAverageInLinearLight() {
        var field = Field.of(batten("Dimmer"), 1, 1, Field.Order.ROWS);

        // eight pixels on four cells; half of white is 0.5 in linear light, which is #bc on the screen
        assertThat(hexes(STRAIGHT, picture(8, BLACK, WHITE, WHITE, WHITE, BLACK, BLACK, WHITE, BLACK), field))
            .isEqualTo("bcbcbc ffffff 000000 bcbcbc");
        // two pixels on four cells, and three: cell 1 of 0 to 0.75 pixels, cell 2 of 0.75 to 1.5
        assertThat(STRAIGHT.of(picture(3, WHITE, BLACK, WHITE), field).get(1).red()).isCloseTo(1 / 3.0, within(1e-9));
        assertThat(STRAIGHT.of(picture(1, 0x80FFFFFF), field).getFirst().red()).as("half transparent").isCloseTo(128 / 255.0, within(1e-9));
    }

    @Test
    void aSquareIsSeenWholeOrFillsTheField() {
        var field = Field.of(batten("Dimmer"), 1, 1, Field.Order.ROWS); // four times as wide as high
        var square = picture(2, RED, GREEN, RED, GREEN);

        assertThat(field.aspect()).isEqualTo(4);
        // whole: the square is one cell wide, in the middle, so that it lies half on the second and half on the third
        assertThat(hexes(new Sampling(Sampling.Fit.WHOLE, 0, false), square, field)).isEqualTo("000000 bc0000 00bc00 000000");
        assertThat(hexes(new Sampling(Sampling.Fit.FILL, 0, false), square, field)).isEqualTo("ff0000 ff0000 00ff00 00ff00");
    }

    @Test
    void severalFixturesAreOneField() {
        var field = Field.of(batten("Dimmer"), 2, 2, Field.Order.SNAKE); // 8 by 2 cells
        var light = STRAIGHT.of(
                picture(8, RED, RED, RED, RED, GREEN, GREEN, GREEN, GREEN, BLUE, BLUE, BLUE, BLUE, WHITE, WHITE, WHITE, WHITE),
                field);

        assertThat(IntStream.of(0, 4, 8, 12).mapToObj(each -> light.get(each).hex()))
            .as("the second row was hung from the right")
            .containsExactly("#ff0000", "#00ff00", "#ffffff", "#0000ff");
        assertThat(Field.of(batten("Dimmer"), 10, 1, Field.Order.ROWS).cells()).hasSize(40);
    }

    private static String raws(CompiledMode mode, Srgb light) {
        var field = Field.of(mode, 1, 1, Field.Order.ROWS);
        var hands = CellColour.of(field, List.of(light, Srgb.BLACK, Srgb.BLACK, Srgb.BLACK)).getFirst();
        return IntStream.range(0, mode.map().channels().size())
            .filter(i -> mode.map().channels().get(i).path().contains("Cell 1"))
            .mapToObj(i -> String.valueOf(hands.raws()[i]))
            .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
            "ColorAdd_R ColorAdd_G ColorAdd_B, 1, 0.5, 0, 255 128 0", // 127.5 half up
            "ColorAdd_R ColorAdd_G ColorAdd_B ColorAdd_W, 1, 0.6, 0.2, 204 102 0 51", // what they have in common is white
            "ColorAdd_W, 0.2, 0.4, 0.2, 102", // nothing but white: as bright as its brightest
            "ColorAdd_R ColorAdd_A, 1, 1, 0, 255 0",
            "Dimmer ColorAdd_R ColorAdd_G ColorAdd_B, 0.2, 0.1, 0, 51 255 128 0", // the dimmer makes it dark, the colour stays full
            "ColorSub_C ColorSub_M ColorSub_Y, 0.5, 0.25, 0, 0 128 255",
            "HSB_Hue HSB_Saturation HSB_Brightness, 0, 1, 0, 85 255 255", // 120 of 360 degrees
            "Dimmer, 0, 0, 0, 0"})
    void aCellMakesTheColourWithWhatItHas(String attributes, double red, double green, double blue, String raws) {
        assertThat(raws(batten(attributes.split(" ")), new Srgb(red, green, blue))).isEqualTo(raws);
    }

    @Test
    void xAndYAreTheColoursOwn() {
        // red of the screen: x 0.6400, y 0.3300; of 0 to 1 in 255 steps: 163.2 and 84.15
        assertThat(raws(batten("CIE_X", "CIE_Y"), new Srgb(1, 0, 0))).isEqualTo("163 84");
    }

    @Test
    void whatIsTooMuchIsRefused() {
        assertThatThrownBy(() -> Field.of(batten("Dimmer"), 0, 1, Field.Order.ROWS)).hasMessage("A field has from 1 to 100 fixtures.");
        assertThatThrownBy(() -> Field.of(batten("Dimmer"), 65_536, 65_536, Field.Order.ROWS)).hasMessageContaining("100");
    }
}
