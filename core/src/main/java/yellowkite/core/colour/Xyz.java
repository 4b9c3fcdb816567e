package yellowkite.core.colour;

import yellowkite.core.profile.ColorCie;

/** CIE 1931 tristimulus values, on any scale that is the same for all that are added. */
public record Xyz(double x, double y, double z) {
    public static final Xyz BLACK = new Xyz(0, 0, 0);

    /** {@return that colour, Y in [0, 1] for its percent; a colour that lies on the alychne is black} */
    public static Xyz of(ColorCie color) {
        return color.y() <= 0 ? BLACK : Chromaticity.of(color).at(color.luminance() / 100);
    }

    public Xyz plus(Xyz other) {
        return new Xyz(x + other.x, y + other.y, z + other.z);
    }

    public Xyz times(double level) {
        return new Xyz(level * x, level * y, level * z);
    }

    /** {@return this or the other, or what lies between} @param share 0 = this, 1 = the other */
    public Xyz towards(Xyz other, double share) {
        return times(1 - share).plus(other.times(share));
    }

    public double sum() {
        return x + y + z;
    }

    public boolean isBlack() {
        return sum() <= 1e-12;
    }

    /** {@return where it lies in the diagram; black lies at white} */
    public Chromaticity chromaticity() {
        return isBlack() ? Chromaticity.WHITE : new Chromaticity(x / sum(), y / sum());
    }
}
