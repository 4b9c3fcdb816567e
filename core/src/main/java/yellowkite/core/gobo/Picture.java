package yellowkite.core.gobo;

import java.util.Arrays;

/** Pixels, row by row from the top left, 0xAARRGGBB. Does not change. */
public final class Picture {
    /** Four times what the standard allows for a slot; beyond it decoding is a trap. */
    public static final int MOST_SIDE = 4_096;

    private final int width;
    private final int height;
    private final int[] pixels;

    /** @throws IllegalArgumentException if there are not {@code width} times {@code height} of at least one pixel */
    public Picture(int width, int height, int[] pixels) {
        if (width < 1 || height < 1 || pixels.length != width * height) {
            throw new IllegalArgumentException("pixels must be " + width + " x " + height + ", were " + pixels.length);
        }
        this.width = width;
        this.height = height;
        this.pixels = pixels.clone();
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public int at(int x, int y) {
        return pixels[y * width + x];
    }

    /** {@return a copy of all pixels} */
    public int[] pixels() {
        return pixels.clone();
    }

    /** {@return how bright a pixel is, 0 to 255, whatever its opacity} Source: ITU-R BT.709, luma. */
    static int brightness(int argb) {
        return (int) Math.round(0.2126 * (argb >> 16 & 0xFF) + 0.7152 * (argb >> 8 & 0xFF) + 0.0722 * (argb & 0xFF));
    }

    /** {@return whether there is nothing to see} */
    public boolean isTransparent() {
        return Arrays.stream(pixels).allMatch(pixel -> opacity(pixel) == 0);
    }

    static int opacity(int argb) {
        return argb >>> 24;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Picture that && width == that.width && height == that.height && Arrays.equals(pixels, that.pixels);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(pixels);
    }

    @Override
    public String toString() {
        return width + " x " + height + " pixels";
    }
}
