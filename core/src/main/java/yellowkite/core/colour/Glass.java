package yellowkite.core.colour;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import yellowkite.core.profile.Measurement;

/**
 * What a filter does to light: how much of each wavelength passes; several in a row multiply. Flags that nobody measured are the full
 * screen's cyan, magenta and so on, and multiply as the screen's red, green and blue do. Does not change.
 */
public final class Glass {
    public static final Glass CLEAR = new Glass(ones(), 1, 1, 1);
    /** Nothing passes. */
    static final Glass DARK = new Glass(new double[Observer.SAMPLES], 1, 1, 1);

    /** By the observer's grid. May exceed 1 for a correction that keeps the luminance, and for a colour that no glass can have. */
    private final double[] passes;
    private final double red;
    private final double green;
    private final double blue;

    private Glass(double[] passes, double red, double green, double blue) {
        this.passes = passes;
        this.red = red;
        this.green = green;
        this.blue = blue;
    }

    private static double[] ones() {
        var ones = new double[Observer.SAMPLES];
        Arrays.fill(ones, 1);
        return ones;
    }

    /** {@return the glass that gives {@code color} in front of white D65 of luminance 1} */
    public static Glass of(Xyz color) {
        return new Glass(SmoothSpectrum.glass(color), 1, 1, 1);
    }

    /** {@return the glass that lets those shares of the screen's linear red, green and blue pass} */
    public static Glass ofScreen(double red, double green, double blue) {
        return new Glass(CLEAR.passes, red, green, blue);
    }

    /**
     * {@return a measured glass} @param points shares that pass, in any order; straight between them and 0 beyond. @param full the reading
     * at which all passes
     */
    static Glass measured(List<Measurement.Point> points, double full) {
        var sorted = points.stream().sorted(Comparator.comparingDouble(Measurement.Point::waveLength)).toList();
        return new Glass(Spectrum.at(sorted), 1, 1, 1).times(1 / full);
    }

    /**
     * {@return what turns the white of one black body into that of another, of the same luminance} @param from K, more than 0, as is
     * {@code to}
     */
    public static Glass correction(double from, double to) {
        var before = Spectrum.planck(from).samples();
        var behind = Spectrum.planck(to).samples();
        var passes = new double[before.length];
        for (int i = 0; i < passes.length; i++) {
            passes[i] = behind[i] / before[i];
        }
        return new Glass(passes, 1, 1, 1);
    }

    /** {@return this glass, letting so many times as much pass} */
    Glass times(double factor) {
        var more = new double[passes.length];
        for (int i = 0; i < more.length; i++) {
            more[i] = factor * passes[i];
        }
        return new Glass(more, red, green, blue);
    }

    public Glass and(Glass next) {
        if (this == CLEAR || next == CLEAR) {
            return this == CLEAR ? next : this;
        }
        var both = new double[passes.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = passes[i] * next.passes[i];
        }
        return new Glass(both, red * next.red, green * next.green, blue * next.blue);
    }

    /** {@return this glass covering a share of the beam: the rest passes beside it} */
    public Glass covering(double share) {
        return share <= 0 ? CLEAR : CLEAR.towards(this, share);
    }

    /** {@return this glass or the next, or what lies between} @param share 0 = this, 1 = the next */
    Glass towards(Glass next, double share) {
        if (share <= 0 || share >= 1) {
            return share <= 0 ? this : next;
        }
        var between = new double[passes.length];
        for (int i = 0; i < between.length; i++) {
            between[i] = passes[i] + share * (next.passes[i] - passes[i]);
        }
        return new Glass(between, red + share * (next.red - red), green + share * (next.green - green), blue + share * (next.blue - blue));
    }

    /** {@return what is seen of a light behind this glass} */
    public Xyz pass(Spectrum light) {
        return onScreen(passes == CLEAR.passes ? light.seen() : Observer.see(light.samples(), passes));
    }

    private Xyz onScreen(Xyz seen) {
        if (red == 1 && green == 1 && blue == 1) {
            return seen;
        }
        var parts = RgbSpace.SRGB.split(seen);
        var left = RgbSpace.SRGB.mix(red * parts[0], green * parts[1], blue * parts[2]);
        return new Xyz(Math.max(0, left.x()), Math.max(0, left.y()), Math.max(0, left.z()));
    }
}
