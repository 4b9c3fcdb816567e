package yellowkite.core.gobo;

import java.util.function.BiPredicate;

/** Pictures for tests, drawn by a rule. */
final class Drawn {
    static final int WHITE = 0xFFFFFFFF;
    static final int BLACK = 0xFF000000;

    private Drawn() {}

    /** @param isLight asked with the centre of each pixel */
    static Picture stencil(int size, BiPredicate<Double, Double> isLight) {
        var pixels = new int[size * size];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = isLight.test(i % size + 0.5, i / size + 0.5) ? WHITE : BLACK;
        }
        return new Picture(size, size, pixels);
    }

    /** A disc of light with an edge as smooth as a lens draws it. */
    static Picture disc(int size, double radius) {
        var pixels = new int[size * size];
        for (int i = 0; i < pixels.length; i++) {
            double far = Math.hypot(i % size + 0.5 - size / 2.0, i / size + 0.5 - size / 2.0);
            int light = (int) Math.round(255 * Math.clamp(radius - far + 0.5, 0, 1));
            pixels[i] = 0xFF000000 | light * 0x010101;
        }
        return new Picture(size, size, pixels);
    }
}
