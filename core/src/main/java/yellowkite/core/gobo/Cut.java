package yellowkite.core.gobo;

import org.jspecify.annotations.Nullable;

/**
 * How a gobo is made of a picture: white lets light through, black holds it.
 *
 * @param left of the square that is taken, in pixels of the picture; may lie outside of it
 * @param top likewise
 * @param side of the square, in pixels; null takes the largest square from the middle, whatever {@code left} and {@code top} say
 * @param degrees that it is turned by, clockwise
 * @param round whether it ends in a circle, transparent outside
 * @param threshold from which brightness on light passes, 1 to 255; of {@link Tone#STENCIL} only
 * @param inverted whether light and dark change places
 * @param size of the gobo, in pixels
 */
public record Cut(double left, double top, @Nullable Double side, double degrees, boolean round, Tone tone, int threshold, boolean inverted,
        int size) {
    /** Source: GDTF, "The archive". */
    public static final int SMALLEST = 256;
    public static final int LARGEST = 1_024;
    /** From the largest circle, the outermost tenth: where a gobo is dark, and a drawing on paper is not. */
    private static final double RIM = 0.9;
    private static final int LEAST_SAMPLES = 2;

    /** {@code STENCIL}: light passes or not. {@code GREY}: in steps, as in glass. {@code COLOUR}: as it is. */
    public enum Tone {
        STENCIL, GREY, COLOUR
    }

    /** @throws IllegalArgumentException with a sentence on what does not fit */
    public Cut {
        if (size < SMALLEST || size > LARGEST) {
            throw new IllegalArgumentException("A gobo has " + SMALLEST + " to " + LARGEST + " pixels a side; " + size + " is outside.");
        }
        if (threshold < 1 || threshold > 255) {
            throw new IllegalArgumentException("The threshold lies from 1 to 255; " + threshold + " is outside.");
        }
        if (!(Math.abs(degrees) <= 360) || !Double.isFinite(left) || !Double.isFinite(top)
                || side != null && !(side >= 8 && side <= 4 * Picture.MOST_SIDE)) {
            throw new IllegalArgumentException(
                    "The square that is taken has a side of at least 8 pixels, and is turned by -360 to 360 degrees.");
        }
    }

    /** {@return the largest square from the middle, as a round stencil} */
    public static Cut middle(int size) {
        return new Cut(0, 0, null, 0, true, Tone.STENCIL, 128, false, size);
    }

    public Cut withInverted(boolean to) {
        return new Cut(left, top, side, degrees, round, tone, threshold, to, size);
    }

    /** {@return the gobo} */
    public Picture of(Picture source) {
        double taken = side == null ? Math.min(source.width(), source.height()) : side;
        double centreX = side == null ? source.width() / 2.0 : left + taken / 2;
        double centreY = side == null ? source.height() / 2.0 : top + taken / 2;
        double scale = taken / size;
        int samples = Math.max(LEAST_SAMPLES, (int) Math.ceil(scale)); // every pixel that lies under one of the gobo's counts
        double cos = Math.cos(Math.toRadians(-degrees)) * scale;
        double sin = Math.sin(Math.toRadians(-degrees)) * scale;
        int paper = paper(source);
        var pixels = new int[size * size];
        var sum = new double[3];
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                if (round && Math.hypot(x + 0.5 - size / 2.0, y + 0.5 - size / 2.0) > size / 2.0) {
                    continue;
                }
                java.util.Arrays.fill(sum, 0);
                for (int i = 0; i < samples * samples; i++) {
                    double dx = x + (i % samples + 0.5) / samples - size / 2.0;
                    double dy = y + (i / samples + 0.5) / samples - size / 2.0;
                    double atX = centreX + cos * dx - sin * dy;
                    double atY = centreY + sin * dx + cos * dy;
                    if (scale < 1 && atX >= 0 && atY >= 0 && atX < source.width() && atY < source.height()) {
                        between(paper, source, atX, atY, sum);
                    } else {
                        add(on(paper, source, (int) Math.floor(atX), (int) Math.floor(atY)), 1, sum);
                    }
                }
                double all = samples * samples;
                pixels[y * size + x] = 0xFF000000
                        | toned((int) Math.round(sum[0] / all), (int) Math.round(sum[1] / all), (int) Math.round(sum[2] / all));
            }
        }
        return new Picture(size, size, pixels);
    }

    /** A small picture that is blown up goes over from one of its pixels into the next. */
    private static void between(int paper, Picture source, double x, double y, double[] sum) {
        int left = (int) Math.floor(x - 0.5);
        int top = (int) Math.floor(y - 0.5);
        double right = x - 0.5 - left;
        double below = y - 0.5 - top;
        for (int i = 0; i < 4; i++) {
            double weight = (i % 2 == 0 ? 1 - right : right) * (i / 2 == 0 ? 1 - below : below);
            add(on(paper, source, Math.clamp(left + i % 2, 0, source.width() - 1), Math.clamp(top + i / 2, 0, source.height() - 1)), weight,
                    sum);
        }
    }

    private static void add(int argb, double weight, double[] sum) {
        sum[0] += weight * (argb >> 16 & 0xFF);
        sum[1] += weight * (argb >> 8 & 0xFF);
        sum[2] += weight * (argb & 0xFF);
    }

    private int toned(int red, int green, int blue) {
        int argb = red << 16 | green << 8 | blue;
        int seen = switch (tone) {
            case COLOUR -> argb;
            case GREY -> Picture.brightness(argb) * 0x010101;
            case STENCIL -> Picture.brightness(argb) >= threshold ? 0xFFFFFF : 0;
        };
        return inverted ? ~seen & 0xFFFFFF : seen;
    }

    /** {@return what lies behind a picture that is partly transparent: white behind a dark drawing, black behind a light one} */
    private static int paper(Picture source) {
        long light = 0;
        long opaque = 0;
        for (int y = 0; y < source.height(); y++) {
            for (int x = 0; x < source.width(); x++) {
                int argb = source.at(x, y);
                light += (long) Picture.brightness(argb) * Picture.opacity(argb);
                opaque += Picture.opacity(argb);
            }
        }
        boolean whole = opaque > 0.99 * 255 * source.width() * source.height();
        return whole || opaque > 0 && light / opaque >= 128 ? 0 : 0xFFFFFF;
    }

    /** Outside of the picture its paper goes on. */
    private static int on(int paper, Picture source, int x, int y) {
        int argb = x < 0 || y < 0 || x >= source.width() || y >= source.height() ? 0 : source.at(x, y);
        int opacity = Picture.opacity(argb);
        return opacity == 255 ? argb & 0xFFFFFF
                : part(argb, paper, opacity, 16) << 16 | part(argb, paper, opacity, 8) << 8 | part(argb, paper, opacity, 0);
    }

    private static int part(int argb, int paper, int opacity, int shift) {
        return ((argb >> shift & 0xFF) * opacity + (paper >> shift & 0xFF) * (255 - opacity) + 127) / 255;
    }

    /** {@return whether a gobo looks as if it were drawn black on white: light all along its rim, and light for the most part} */
    public static boolean looksInverted(Picture gobo) {
        double half = gobo.width() / 2.0;
        long rim = 0;
        long rimLight = 0;
        long all = 0;
        long light = 0;
        for (int y = 0; y < gobo.height(); y++) {
            for (int x = 0; x < gobo.width(); x++) {
                double far = Math.hypot(x + 0.5 - half, y + 0.5 - half) / half;
                if (far > 1) {
                    continue;
                }
                boolean isLight = Picture.brightness(gobo.at(x, y)) >= 128;
                all++;
                light += isLight ? 1 : 0;
                rim += far > RIM ? 1 : 0;
                rimLight += far > RIM && isLight ? 1 : 0;
            }
        }
        return rimLight > 0.6 * rim && light > 0.5 * all;
    }
}
