package yellowkite.core.gobo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.gobo.Cut.Tone;

class GoboTest {

    @Nested
    class ACut {
        private final Picture half = new Picture(300, 200, pixels(300, 200)); // light in its left half

        private static int[] pixels(int width, int height) {
            var pixels = new int[width * height];
            for (int i = 0; i < pixels.length; i++) {
                pixels[i] = i % width < width / 2 ? Drawn.WHITE : Drawn.BLACK;
            }
            return pixels;
        }

        @Test
        void takesTheLargestSquareFromTheMiddleAndLeavesTheOutsideTransparent() {
            var gobo = Cut.middle(256).of(half);

            assertThat(gobo.width()).isEqualTo(256);
            assertThat(gobo.at(0, 0)).isZero();
            assertThat(gobo.at(100, 128)).isEqualTo(Drawn.WHITE);
            assertThat(gobo.at(150, 128)).isEqualTo(Drawn.BLACK);
        }

        @Test
        void takesTheSquareThatIsNamed() {
            var gobo = new Cut(150, 0, 100.0, 0, false, Tone.STENCIL, 128, false, 256).of(half);

            assertThat(gobo.at(0, 0)).isEqualTo(Drawn.BLACK);
            assertThat(gobo.at(255, 255)).isEqualTo(Drawn.BLACK);
        }

        @Test
        void turnsClockwise() {
            var gobo = new Cut(0, 0, null, 90, false, Tone.STENCIL, 128, false, 256).of(half);

            assertThat(gobo.at(128, 20)).isEqualTo(Drawn.WHITE); // what was on the left is at the top
            assertThat(gobo.at(128, 235)).isEqualTo(Drawn.BLACK);
        }

        @Test
        void changesLightAndDarkOnlyInside() {
            var gobo = Cut.middle(256).withInverted(true).of(half);

            assertThat(gobo.at(0, 0)).isZero();
            assertThat(gobo.at(100, 128)).isEqualTo(Drawn.BLACK);
        }

        @Test
        void followsItsThreshold() {
            var grey = new Picture(1, 1, new int[]{0xFF808080});

            assertThat(new Cut(0, 0, null, 0, false, Tone.STENCIL, 128, false, 256).of(grey).at(5, 5)).isEqualTo(Drawn.WHITE);
            assertThat(new Cut(0, 0, null, 0, false, Tone.STENCIL, 129, false, 256).of(grey).at(5, 5)).isEqualTo(Drawn.BLACK);
            assertThat(new Cut(0, 0, null, 0, false, Tone.GREY, 1, false, 256).of(grey).at(5, 5)).isEqualTo(0xFF808080);
            assertThat(new Cut(0, 0, null, 0, false, Tone.COLOUR, 1, true, 256).of(new Picture(1, 1, new int[]{0xFFFF0000})).at(5, 5))
                .isEqualTo(0xFF00FFFF);
        }

        @Test
        void putsADarkDrawingOnWhitePaperAndALightOneOnBlack() {
            var dark = new Picture(2, 1, new int[]{Drawn.BLACK, 0});
            var light = new Picture(2, 1, new int[]{Drawn.WHITE, 0});
            var whole = new Cut(0, -0.5, 8.0, 0, false, Tone.STENCIL, 128, false, 256);

            assertThat(whole.of(dark).at(255, 255)).isEqualTo(Drawn.WHITE);
            assertThat(whole.of(light).at(255, 255)).isEqualTo(Drawn.BLACK);
        }

        /** Stripes of two pixels fall on half a pixel each: their mean is in between, not one of them. */
        @Test
        void averagesAllThatLiesUnderOneOfItsPixels() {
            var pixels = new int[4096 * 4096];
            Arrays.setAll(pixels, i -> i % 4096 % 4 < 2 ? Drawn.WHITE : Drawn.BLACK);

            var gobo = new Cut(0, 0, null, 0, false, Cut.Tone.GREY, 128, false, 256).of(new Picture(4096, 4096, pixels));

            assertThat(Picture.brightness(gobo.at(100, 100))).isBetween(126, 130);
            assertThat(Picture.brightness(gobo.at(201, 17))).isBetween(126, 130);
        }

        /** A disc of 13 pixels radius in 32 is one of 208 in 512. */
        @Test
        void blowsASmallPictureUpWithASmoothEdge() {
            var gobo = Cut.middle(512).of(Drawn.disc(32, 13));

            for (int degrees = 0; degrees < 360; degrees += 5) {
                double radius = 0;
                for (double r = 150; r < 250 && Picture.brightness(gobo.at((int) (256 + r * Math.cos(Math.toRadians(degrees))),
                        (int) (256 + r * Math.sin(Math.toRadians(degrees))))) > 0; r += 0.5) {
                    radius = r;
                }
                assertThat(radius).as("at %d degrees", degrees).isCloseTo(208, within(5.0));
            }
        }

        @Test
        void isRefusedWithASentence() {
            assertThatThrownBy(() -> Cut.middle(255)).hasMessage("A gobo has 256 to 1024 pixels a side; 255 is outside.");
            assertThatThrownBy(() -> new Cut(0, 0, 1.0, 0, true, Tone.GREY, 128, false, 256)).hasMessageContaining("at least 8 pixels");
            assertThatThrownBy(() -> new Cut(0, 0, null, Double.NaN, true, Tone.GREY, 128, false, 256))
                .isInstanceOf(IllegalArgumentException.class);
        }

        @Test
        void noticesBlackOnWhite() {
            var kite = Drawn.stencil(256, (x, y) -> Math.abs(x - 128) + Math.abs(y - 128) > 60);

            assertThat(Cut.looksInverted(Cut.middle(256).of(kite))).isTrue();
            assertThat(Cut.looksInverted(Cut.middle(256).withInverted(true).of(kite))).isFalse();
            assertThat(Cut.looksInverted(Cut.middle(256).of(Drawn.disc(256, 120)))).isFalse(); // mostly light, but its rim is dark
        }
    }

    @Nested
    class InMetal {
        @ParameterizedTest
        @ValueSource(ints = {3, 5, 9, 21})
        void theThinnestBarIsMeasured(int width) {
            var bars = Drawn.stencil(512, (x, y) -> Math.floorMod((int) Math.floor(x), 64) >= width);

            assertThat(Metal.of(bars).bar()).isCloseTo(width, within(1.0));
            assertThat(Metal.of(bars).slit()).isCloseTo(64 - width, within(1.0));
        }

        @Test
        void aBarAtAnAngleIsAsThin() {
            var slanted = Drawn.stencil(512, (x, y) -> Math.abs((x + y - 512) / Math.sqrt(2)) > 5);

            assertThat(Metal.of(slanted).bar()).isCloseTo(10, within(1.5));
        }

        @Test
        void cornersDoNotCount() {
            var square = Drawn.stencil(512, (x, y) -> Math.max(Math.abs(x - 256), Math.abs(y - 256)) < 80);

            assertThat(Metal.of(square).slit()).isCloseTo(160, within(2.0));
            assertThat(Metal.of(square).warnings()).isEmpty();
        }

        @Test
        void tipsDoNotCountButBridgesDo() {
            var kite = Drawn.stencil(512, (x, y) -> Math.abs(x - 256) * 1.5 + Math.abs(y - 256) < 150);
            var bridged = Drawn.stencil(512, (x, y) -> Math.abs(Math.hypot(x - 256, y - 256) - 120) < 40 && Math.abs(x - 256) > 3);

            assertThat(Metal.of(kite).slit()).isGreaterThan(100);
            assertThat(Metal.of(bridged).bar()).isCloseTo(6, within(1.0));
        }

        @Test
        void anIslandFallsOutAndABridgeHoldsIt() {
            var ring = Drawn.stencil(256, (x, y) -> Math.abs(Math.hypot(x - 128, y - 128) - 70) < 20);
            var bridged = Drawn.stencil(256, (x, y) -> Math.abs(Math.hypot(x - 128, y - 128) - 70) < 20 && Math.abs(x - 128) > 4);

            assertThat(Metal.of(ring).islands()).isEqualTo(1);
            assertThat(Metal.of(bridged).islands()).isZero();
            assertThat(Metal.of(ring).warnings().getFirst()).startsWith("One dark part has nothing that holds it");
        }

        /** 4 of 512 pixels are 0.78 %, 3 are 0.59 %; metal needs 0.6. */
        @ParameterizedTest
        @CsvSource({"512, 4, false", "512, 3, true", "256, 2, false", "256, 1, true", "1024, 7, false", "1024, 6, true"})
        void evenBarsAreAsWideAsOddOnes(int size, int bar, boolean warns) {
            int left = size / 2 - 20;
            var bars = Drawn.stencil(size, (x, y) -> x < left || x > left + bar);

            assertThat(Metal.of(bars).bar()).isEqualTo(bar);
            assertThat(Metal.of(bars).warnings().isEmpty()).isNotEqualTo(warns);
        }

        /**
         * Round holes about a pixel's centre, 16 apart: of radius 6.5 they are 13 pixels wide and leave 3 between two of them, and nearly
         * ten between four.
         */
        @ParameterizedTest
        @CsvSource({"6.5, 3, true", "6, 5, false", "4, 9, false"})
        void shortNecksAreThinToo(double radius, double neck, boolean warns) {
            var sheet = Drawn.stencil(512, (x, y) -> Math.hypot(x % 16 - 8.5, y % 16 - 8.5) < radius && Math.hypot(x - 256, y - 256) < 200);

            assertThat(Metal.of(sheet).bar()).isCloseTo(neck, within(1.0));
            assertThat(Metal.of(sheet).warnings().stream().anyMatch(each -> each.contains("dark bar"))).isEqualTo(warns);
        }

        @Test
        void aHairIsTooThin() {
            var hair = Drawn.stencil(1024, (x, y) -> Math.hypot(x - 512, y - 512) < 400 && Math.abs(x - 512) > 1.5);

            assertThat(Metal.of(hair).warnings())
                .containsExactly("The thinnest dark bar has 4 of 1024 pixels, 0.39 % of the image: metal needs 0.6 %.");
        }
    }

    @Nested
    class AnOutline {
        @Test
        void ofADiscIsItsCircleWithinTheTolerance() {
            var outline = Outline.trace(Drawn.disc(512, 200), 0.5);

            assertThat(outline.rings()).hasSize(1);
            var ring = outline.rings().getFirst();
            assertThat(ring.length).isLessThan(100);
            for (var corner : ring) {
                assertThat(Math.hypot(corner[0] - 256, corner[1] - 256)).isCloseTo(200, within(0.5));
            }
            for (int i = 0; i < ring.length; i++) { // and half way between two corners
                var next = ring[(i + 1) % ring.length];
                assertThat(Math.hypot((ring[i][0] + next[0]) / 2 - 256, (ring[i][1] + next[1]) / 2 - 256)).isCloseTo(200, within(0.75));
            }
        }

        @Test
        void ofARingHasAHole() {
            var ring = Drawn.stencil(256, (x, y) -> Math.abs(Math.hypot(x - 128, y - 128) - 70) < 20);

            assertThat(Outline.trace(ring, 1).rings()).hasSize(2);
            assertThat(Outline.trace(ring, 1).svg()).startsWith(
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 256 256\"><path fill=\"none\" stroke=\"#000\" stroke-width=\"1.0\" d=\"M")
                .endsWith("Z\"/></svg>");
        }

        @Test
        void enclosesTheLightEvenAtTheEdgeOfThePicture() {
            var all = Outline.trace(Drawn.stencil(256, (x, y) -> true), 0.1);

            assertThat(area(all)).isCloseTo(256 * 256, within(2.0));
        }

        /** Whatever is drawn: the lines enclose as much as there is light, pixels at corners aside. */
        @Test
        void enclosesAsMuchAsThereIsLight() {
            var random = new Random(5);
            for (int i = 0; i < 20; i++) {
                var blobs = new double[6][];
                for (int k = 0; k < blobs.length; k++) {
                    blobs[k] = new double[]{40 + random.nextDouble() * 176, 40 + random.nextDouble() * 176, 10 + random.nextDouble() * 30};
                }
                var picture = Drawn.stencil(256,
                        (x, y) -> Arrays.stream(blobs).filter(each -> Math.hypot(x - each[0], y - each[1]) < each[2]).count() % 2 == 1);
                long light = IntStream.range(0, 256 * 256).filter(at -> picture.at(at % 256, at / 256) == Drawn.WHITE).count();

                assertThat(area(Outline.trace(picture, 0.1))).as("seed 5, try %d", i).isCloseTo(light, within(0.03 * light + 20));
            }
        }

        private static double area(Outline outline) {
            double area = 0;
            for (var ring : outline.rings()) {
                for (int i = 0; i < ring.length; i++) {
                    var next = ring[(i + 1) % ring.length];
                    area += (ring[i][0] * next[1] - next[0] * ring[i][1]) / 2;
                }
            }
            return Math.abs(area);
        }

        @Test
        void ofNoiseIsRefused() {
            var random = new Random(1);
            var noise = Drawn.stencil(1024, (x, y) -> random.nextBoolean());

            assertThatThrownBy(() -> Outline.trace(noise, 0.5)).isInstanceOf(PictureRefused.class).hasMessageContaining("too many edges");
        }
    }
}
