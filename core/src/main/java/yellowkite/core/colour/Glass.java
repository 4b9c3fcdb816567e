package yellowkite.core.colour;

/**
 * What a filter does to light, in three broad bands: several in a row multiply. One glass alone in front of white D65 gives
 * exactly its colour. Source: the bands are the sharpened ones of the Bradford adaptation (ICC.1, annex E).
 *
 * @param longer share of the long waves that pass, 0 = none; likewise the middle and the short ones. May exceed 1 where a correction lifts a band against the others
 */
public record Glass(double longer, double middle, double shorter) {
    public static final Glass CLEAR = new Glass(1, 1, 1);
    private static final Xyz WHITE = Chromaticity.WHITE.at(1);

    /** {@return the glass that gives {@code color} in front of white of luminance 1} */
    public static Glass of(Xyz color) {
        return between(WHITE, color);
    }

    /** {@return the glass that makes the second colour of the first one} */
    public static Glass between(Xyz before, Xyz behind) {
        return new Glass(share(longer(behind), longer(before)), share(middle(behind), middle(before)), share(shorter(behind), shorter(before)));
    }

    private static double share(double part, double whole) {
        return whole <= 0 ? 1 : Math.max(0, part / whole);
    }

    public Glass and(Glass next) {
        return new Glass(longer * next.longer, middle * next.middle, shorter * next.shorter);
    }

    /** {@return this glass covering a share of the beam} */
    public Glass covering(double share) {
        return CLEAR.towards(this, share);
    }

    /** {@return this glass or the next, or what lies between} @param share 0 = this, 1 = the next */
    Glass towards(Glass next, double share) {
        return new Glass(longer + share * (next.longer - longer), middle + share * (next.middle - middle), shorter + share * (next.shorter - shorter));
    }

    /** {@return light behind this glass} */
    public Xyz pass(Xyz light) {
        double l = longer * longer(light);
        double m = middle * middle(light);
        double s = shorter * shorter(light);
        return new Xyz(0.9869929 * l - 0.1470543 * m + 0.1599627 * s, 0.4323053 * l + 0.5183603 * m + 0.0492912 * s, -0.0085287 * l + 0.0400428 * m + 0.9684867 * s);
    }

    private static double longer(Xyz c) {
        return 0.8951 * c.x() + 0.2664 * c.y() - 0.1614 * c.z();
    }

    private static double middle(Xyz c) {
        return -0.7502 * c.x() + 1.7135 * c.y() + 0.0367 * c.z();
    }

    private static double shorter(Xyz c) {
        return 0.0389 * c.x() - 0.0685 * c.y() + 1.0296 * c.z();
    }
}
