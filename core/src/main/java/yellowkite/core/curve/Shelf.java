package yellowkite.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.xml.Source;

/** Curves that are always at hand; x and y in [0, 1]. */
public enum Shelf {
    /** y = x. */
    LINEAR,
    /** y = x squared: as the eye wants a dimmer. */
    SQUARE,
    /** y = square root of x: what undoes the square law. */
    INVERSE_SQUARE,
    /** y = 3 x^2 - 2 x^3. */
    S_SOFT,
    /** Two halves of y = 4 x^3. */
    S_HARD,
    /** y = log10(1 + 9 x). */
    LOGARITHMIC,
    /** y = (10^x - 1) / 9. */
    EXPONENTIAL,
    /** y = x cubed. */
    CUBIC,
    /** As many equal steps as the parameter says, from 0 to 1. */
    STEPPED,
    /** 0 below the parameter in percent, 1 from there. */
    ON_FROM,
    /** 1 below the parameter in percent, 0 from there. */
    OFF_FROM,
    /** Always 1. */
    FULL,
    /** Straight up to the parameter in percent of full output. */
    CEILING,
    /** Up to 1 in the middle, and down again. */
    TRIANGLE;

    /**
     * So many pieces keep the curves that are no polynomials within 0.0001 of what they stand for (the square root within 0.0004); those
     * that rise steeply from 0 have most of theirs there.
     */
    private static final int PIECES = 48;

    /** {@return the least and the largest parameter; both 0 if it takes none} */
    public int least() {
        return switch (this) {
            case STEPPED -> 2;
            case ON_FROM, OFF_FROM, CEILING -> 1;
            default -> 0;
        };
    }

    public int most() {
        return switch (this) {
            case STEPPED -> 64;
            case ON_FROM, OFF_FROM -> 99;
            case CEILING -> 100;
            default -> 0;
        };
    }

    /** {@return a parameter to begin with; 0 if it takes none} */
    public int usual() {
        return switch (this) {
            case STEPPED -> 8;
            case ON_FROM, OFF_FROM -> 50;
            case CEILING -> 80;
            default -> 0;
        };
    }

    /**
     * {@return the pieces of the curve}
     *
     * @throws IllegalArgumentException if the parameter is outside of what this curve takes
     */
    public List<DmxProfile.Point> pieces(int parameter) {
        if (parameter < least() && least() > 0 || parameter > most() && most() > 0) {
            throw new IllegalArgumentException("The parameter lies from " + least() + " to " + most() + "; " + parameter + " is outside.");
        }
        double share = parameter / 100.0;
        return switch (this) {
            case LINEAR -> List.of(piece(0, 0, 1, 0, 0));
            case SQUARE -> List.of(piece(0, 0, 0, 1, 0));
            case CUBIC -> List.of(piece(0, 0, 0, 0, 1));
            case S_SOFT -> List.of(piece(0, 0, 0, 3, -2));
            case S_HARD -> List.of(piece(0, 0, 0, 0, 4), piece(50, 0.5, 3, -6, 4)); // 1 - 4 (1 - x)^3, from the middle on
            case INVERSE_SQUARE -> sampled(Math::sqrt, 3);
            case LOGARITHMIC -> sampled(x -> Math.log10(1 + 9 * x), 2);
            case EXPONENTIAL -> sampled(x -> (Math.pow(10, x) - 1) / 9, 1);
            case STEPPED ->
                IntStream.range(0, parameter).mapToObj(i -> piece(100.0 * i / parameter, (double) i / (parameter - 1), 0, 0, 0)).toList();
            case ON_FROM -> List.of(piece(0, 0, 0, 0, 0), piece(parameter, 1, 0, 0, 0));
            case OFF_FROM -> List.of(piece(0, 1, 0, 0, 0), piece(parameter, 0, 0, 0, 0));
            case FULL -> List.of(piece(0, 1, 0, 0, 0));
            case CEILING -> List.of(piece(0, 0, share, 0, 0));
            case TRIANGLE -> List.of(piece(0, 0, 2, 0, 0), piece(50, 1, -2, 0, 0));
        };
    }

    private static DmxProfile.Point piece(double percent, double c0, double c1, double c2, double c3) {
        return new DmxProfile.Point(percent, c0, c1, c2, c3, Source.NONE);
    }

    /** @param power 1 = pieces of one length; more = closer together near 0 */
    private static List<DmxProfile.Point> sampled(DoubleUnaryOperator curve, int power) {
        var knots = new ArrayList<Knot>();
        for (int i = 0; i <= PIECES; i++) {
            double x = Math.pow((double) i / PIECES, power);
            knots.add(new Knot(x, curve.applyAsDouble(x)));
        }
        return Smooth.through(knots);
    }
}
