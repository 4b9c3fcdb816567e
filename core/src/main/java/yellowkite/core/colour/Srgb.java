package yellowkite.core.colour;

import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.profile.ColorCie;

/**
 * A colour for the screen, in linear light. Source: IEC 61966-2-1.
 *
 * @param red   in [0, 1]; likewise green and blue
 */
public record Srgb(double red, double green, double blue) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");
    public static final Srgb WHITE = new Srgb(1, 1, 1);
    public static final Srgb BLACK = new Srgb(0, 0, 0);

    /** {@return the nearest hue on the screen at its full brightness} Luminance is left out; a colour without y is black. */
    public static Srgb hueOf(ColorCie color) {
        if (color.y() <= 0) {
            return BLACK;
        }
        double x = color.x() / color.y();
        double z = (1 - color.x() - color.y()) / color.y();
        double r = Math.max(0, 3.2404542 * x - 1.5371385 - 0.4985314 * z);
        double g = Math.max(0, -0.9692660 * x + 1.8760108 + 0.0415560 * z);
        double b = Math.max(0, 0.0556434 * x - 0.2040259 + 1.0572252 * z);
        double brightest = Math.max(r, Math.max(g, b));
        return brightest <= 0 ? BLACK : new Srgb(r / brightest, g / brightest, b / brightest);
    }

    /** {@return the colour that {@code #rrggbb} writes; none if it is not written so} */
    public static Optional<Srgb> parse(String hex) {
        return HEX.matcher(hex).matches() ? Optional.of(new Srgb(decode(hex, 1), decode(hex, 3), decode(hex, 5))) : Optional.empty();
    }

    private static double decode(String hex, int at) {
        double gamma = Integer.parseInt(hex, at, at + 2, 16) / 255.0;
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

    public Srgb times(Srgb filter) {
        return new Srgb(red * filter.red, green * filter.green, blue * filter.blue);
    }

    public Srgb plus(Srgb other, double level) {
        return new Srgb(red + level * other.red, green + level * other.green, blue + level * other.blue);
    }

    /** {@return this colour with its brightest part at 1; black stays black} */
    public Srgb atFull() {
        double brightest = Math.max(red, Math.max(green, blue));
        return brightest <= 0 ? this : new Srgb(red / brightest, green / brightest, blue / brightest);
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
