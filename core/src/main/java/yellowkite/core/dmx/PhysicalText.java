package yellowkite.core.dmx;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.PhysicalUnit;

/**
 * A physical value as people type it: with a point or a comma, and with any usual unit behind it, turned into the unit of the standard.
 *
 * @param value in that unit
 * @param reason why it is none, in one sentence; null if it is one
 */
public record PhysicalText(double value, @Nullable String reason) {
    private static final Pattern FORM = Pattern.compile("([+\\u2212-]?(?:\\d+(?:[.,]\\d*)?|[.,]\\d+))\\s*(.*)");
    private static final double PERCENT = 0.01;
    private static final Map<String, Double> ANGLES = Map.of("\u00b0", 1.0, "deg", 1.0, "degrees", 1.0, "rad", 180 / Math.PI, "turns",
            360.0);
    private static final Map<String, Double> TURNS = Map.of("\u00b0/s", 1.0, "deg/s", 1.0, "rpm", 6.0, "1/min", 6.0, "rps", 360.0, "hz",
            360.0);
    private static final Map<String, Double> RATES = Map.of("hz", 1.0, "1/s", 1.0, "bpm", 1 / 60.0, "1/min", 1 / 60.0, "khz", 1_000.0,
            "rpm", 1 / 60.0);
    private static final Map<String, Double> TIMES = Map.of("s", 1.0, "sec", 1.0, "seconds", 1.0, "ms", 0.001, "min", 60.0, "h", 3_600.0);
    private static final Map<String, Double> LENGTHS = Map.of("m", 1.0, "cm", 0.01, "mm", 0.001, "\"", 0.0254, "in", 0.0254, "ft", 0.3048);
    private static final Map<String, Double> SHARES = Map.of("%", PERCENT);

    /** {@return what was typed, in that unit} A number without a unit is in it already. */
    public static PhysicalText read(String text, PhysicalUnit unit) {
        var found = FORM.matcher(text.strip());
        if (!found.matches()) {
            return refused("'" + text.strip() + "' is no number: type one such as 12.5"
                    + (unit.symbol().isEmpty() ? "." : " or 12.5 " + unit.symbol() + "."));
        }
        double number = Double.parseDouble(found.group(1).replace(',', '.').replace('\u2212', '-'));
        var said = found.group(2).strip().toLowerCase(Locale.ROOT);
        if (said.isEmpty() || said.equals(unit.symbol().toLowerCase(Locale.ROOT))) {
            return new PhysicalText(number, null);
        }
        var times = known(unit).get(said);
        return times == null
                ? refused("'" + found.group(2).strip() + "' cannot be turned into "
                        + (unit.symbol().isEmpty() ? "a plain number" : unit.symbol()) + ".")
                : new PhysicalText(rounded(number * times), null);
    }

    private static Map<String, Double> known(PhysicalUnit unit) {
        return switch (unit) {
            case Angle -> ANGLES;
            case AngularSpeed -> TURNS;
            case Frequency -> RATES;
            case Time -> TIMES;
            case Length -> LENGTHS;
            case None, ColorComponent, LuminousIntensity -> SHARES;
            default -> Map.of();
        };
    }

    /** 0.1 s are 100 ms to the last digit. */
    private static double rounded(double value) {
        return Math.abs(value) < 1e9 ? Math.round(value * 1e9) / 1e9 : value;
    }

    private static PhysicalText refused(String reason) {
        return new PhysicalText(0, reason);
    }
}
