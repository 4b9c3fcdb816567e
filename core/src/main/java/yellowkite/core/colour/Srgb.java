package yellowkite.core.colour;

import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.profile.ColorCie;

/**
 * A colour for the screen, in linear light. Source: IEC 61966-2-1.
 *
 * @param red in [0, 1] for what the screen can show; likewise green and blue
 */
public record Srgb(double red, double green, double blue) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");
    public static final Srgb BLACK = new Srgb(0, 0, 0);

    /** {@return that colour} Components are below 0 where the screen cannot show it. */
    public static Srgb of(Xyz c) {
        return new Srgb(3.2404542 * c.x() - 1.5371385 * c.y() - 0.4985314 * c.z(),
                -0.9692660 * c.x() + 1.8760108 * c.y() + 0.0415560 * c.z(),
                0.0556434 * c.x() - 0.2040259 * c.y() + 1.0572252 * c.z());
    }

    /** {@return the nearest hue on the screen at its full brightness} Luminance is left out; a colour without y is black. */
    public static Srgb hueOf(Xyz color) {
        return color.y() <= 0 ? BLACK : of(color).shown();
    }

    /** {@return whether the screen holds this hue} */
    public boolean isOnScreen() {
        double brightest = Math.max(red, Math.max(green, blue));
        return Math.min(red, Math.min(green, blue)) >= -0.002 * brightest;
    }

    /** {@return this colour without what the screen cannot show, with its brightest part at 1; black stays black} */
    private Srgb shown() {
        double brightest = Math.max(red, Math.max(green, blue));
        return brightest <= 0 ? BLACK
                : new Srgb(Math.max(0, red) / brightest, Math.max(0, green) / brightest, Math.max(0, blue) / brightest);
    }

    /** {@return the colour that {@code #rrggbb} writes; none if it is not written so} */
    public static Optional<Srgb> parse(String hex) {
        return HEX.matcher(hex).matches() ? Optional.of(ofRgb(Integer.parseInt(hex, 1, 7, 16))) : Optional.empty();
    }

    /** @param rgb 0xRRGGBB, gamma encoded */
    public static Srgb ofRgb(int rgb) {
        return new Srgb(decode(rgb >> 16 & 0xFF), decode(rgb >> 8 & 0xFF), decode(rgb & 0xFF));
    }

    private static double decode(int encoded) {
        double gamma = encoded / 255.0;
        return gamma <= 0.04045 ? gamma / 12.92 : Math.pow((gamma + 0.055) / 1.055, 2.4);
    }

    /** {@return this colour under white D65} Luminance in percent of white; black has white's chromaticity. */
    public ColorCie toCie() {
        double x = 0.4124564 * red + 0.3575761 * green + 0.1804375 * blue;
        double y = 0.2126729 * red + 0.7151522 * green + 0.0721750 * blue;
        double z = 0.0193339 * red + 0.1191920 * green + 0.9503041 * blue;
        double sum = x + y + z;
        return sum == 0 ? new ColorCie(0.3127, 0.3290, 0) : new ColorCie(x / sum, y / sum, 100 * y);
    }

    /** {@return {@code #rrggbb}, gamma encoded} */
    public String hex() {
        return "#%02x%02x%02x".formatted(encode(red), encode(green), encode(blue));
    }

    private static int encode(double linear) {
        double c = Math.clamp(linear, 0, 1);
        double gamma = c <= 0.0031308 ? 12.92 * c : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
        return (int) Math.round(gamma * 255);
    }
}
