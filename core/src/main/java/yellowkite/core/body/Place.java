package yellowkite.core.body;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * Where something stands in what it stands in: a unit in the room, a part of a body on its parent.
 *
 * @param x metres, as {@code y} and {@code z}. @param turnX degrees about the first axis, as {@code turnY} and {@code turnZ}
 */
public record Place(double x, double y, double z, double turnX, double turnY, double turnZ) {
    private static final double FURTHEST = 100_000;
    private static final int AXES = 3;

    public Place(double x, double y, double z) {
        this(x, y, z, 0, 0, 0);
    }

    /**
     * {@return the place that is written as metres, and behind a semicolon as degrees where it is turned: {@code 1.25, 0, 5; 0, 0, 90}}
     *
     * @throws IllegalArgumentException with a sentence, if it is none
     */
    public static Place of(String text) {
        var parts = text.split(";", -1);
        double[] at = numbers(parts[0], text);
        double[] turn = parts.length == 1 ? new double[AXES] : numbers(parts[1], text);
        if (parts.length > 2) {
            throw none(text);
        }
        return new Place(at[0], at[1], at[2], turn[0], turn[1], turn[2]);
    }

    private static double[] numbers(String part, String text) {
        try {
            double[] numbers = Arrays.stream(part.strip().split("\\s*,\\s*|\\s+")).mapToDouble(Double::parseDouble).toArray();
            if (numbers.length == AXES && Arrays.stream(numbers).allMatch(each -> Math.abs(each) <= FURTHEST)) {
                return numbers;
            }
        } catch (NumberFormatException unfit) {
            // told below
        }
        throw none(text);
    }

    private static IllegalArgumentException none(String text) {
        return new IllegalArgumentException("'" + text + "' is no place. Write metres along x, y and z, and after a semicolon degrees about"
                + " them, such as 1.25, 0, 5; 0, 0, 90.");
    }

    /** {@return as {@link #of} reads it} */
    public String words() {
        var at = figures(x, y, z);
        return turnX == 0 && turnY == 0 && turnZ == 0 ? at : at + "; " + figures(turnX, turnY, turnZ);
    }

    private static String figures(double... numbers) {
        return DoubleStream.of(numbers).mapToObj(Place::figure).collect(Collectors.joining(", "));
    }

    /** To the tenth of a millimetre, without noughts at its end. */
    private static String figure(double number) {
        var plain = BigDecimal.valueOf(number).setScale(4, RoundingMode.HALF_UP).stripTrailingZeros();
        return plain.signum() == 0 ? "0" : plain.toPlainString();
    }
}
