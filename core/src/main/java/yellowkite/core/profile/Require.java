package yellowkite.core.profile;

/** Refusals of values that cannot exist. */
public final class Require {
    private Require() {}

    /** @throws IllegalArgumentException if {@code value} lies outside [{@code low}, {@code high}]; names field, bounds and value */
    public static void inRange(String field, long value, long low, long high) {
        if (value < low || value > high) {
            throw new IllegalArgumentException(field + " must be in [" + low + ", " + high + "], was " + value);
        }
    }

    /** @throws IllegalArgumentException if {@code value} is NaN or infinite; names field and value */
    public static void finite(String field, double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(field + " must be a finite number, was " + value);
        }
    }
}
