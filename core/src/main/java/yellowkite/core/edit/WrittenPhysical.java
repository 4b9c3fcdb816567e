package yellowkite.core.edit;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.body.PhysicalFacts.Socket;
import yellowkite.core.body.PhysicalFacts.Supply;
import yellowkite.core.profile.Geometry;
import yellowkite.core.text.Figures;

/**
 * Where a fixture works and how it is connected, as people write and read it; empty where nothing is said.
 *
 * @param supplies one a line: connector; W; power factor; V from; V to; Hz from; Hz to. What is left empty is not said
 * @param plugs one a line: name; type; DMX break; female, universal or male; cable in m
 */
public record WrittenPhysical(String lowest, String highest, String legs, String supplies, String plugs) {
    private static final List<String> GENDERS = List.of("female", "universal", "male");
    private static final Pattern PIN = Pattern.compile("(\\d{1,3})\\s*(?:->|:|to)\\s*(.+?)\\s+(\\d{1,3})");
    private static final int LONGEST = 20_000;

    public static WrittenPhysical of(PhysicalFacts facts) {
        return new WrittenPhysical(figure(facts.lowest()), figure(facts.highest()), figure(facts.legHeight()),
                facts.supplies()
                    .stream()
                    .map(each -> String.join("; ", each.connector(), Figures.of(each.watts()), Figures.of(each.powerFactor()),
                            said(each.voltageLow()), said(each.voltageHigh()), said(each.frequencyLow()), said(each.frequencyHigh())))
                    .collect(Collectors.joining("\n")),
                facts.plugs()
                    .stream()
                    .map(each -> each.name() + "; " + each.type() + "; " + each.dmxBreak() + "; "
                            + GENDERS.get(Math.clamp(each.gender(), -1, 1) + 1) + "; " + Figures.of(each.length()))
                    .collect(Collectors.joining("\n")));
    }

    private static String figure(@Nullable Double value) {
        return value == null ? "" : Figures.of(value);
    }

    private static String said(double value) {
        return value == 0 ? "" : Figures.of(value);
    }

    /** {@return the facts} @throws IllegalArgumentException with a sentence on what does not fit */
    public PhysicalFacts read() {
        return new PhysicalFacts(given(lowest), given(highest), given(legs), lines(supplies).map(WrittenPhysical::supply).toList(),
                lines(plugs).map(WrittenPhysical::plug).toList());
    }

    private static Stream<String> lines(String text) {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("That is more than any fixture has connectors.");
        }
        return Arrays.stream(text.split("\n")).map(String::strip).filter(each -> !each.replaceAll("[;\\s]", "").isEmpty());
    }

    private static @Nullable Double given(String text) {
        return text.isBlank() ? null : number(text, "'" + text.strip() + "' is no number.");
    }

    private static double number(String text, String otherwise) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException none) {
            // told below
        }
        throw new IllegalArgumentException(otherwise);
    }

    private static Supply supply(String line) {
        var none = "'" + line + "' is no line of power. Write it as: Power in; 470; 0.95; 100; 240; 50; 60.";
        var parts = line.split(";", -1);
        if (parts.length < 2 || parts.length > 7) {
            throw new IllegalArgumentException(none);
        }
        double[] numbers = {0, 1, 0, 0, 0, 0};
        for (int i = 1; i < parts.length; i++) {
            numbers[i - 1] = parts[i].isBlank() ? numbers[i - 1] : number(parts[i], none);
        }
        return new Supply(parts[0].strip(), numbers[0], numbers[1], numbers[2], upper(numbers[2], numbers[3]), numbers[4],
                upper(numbers[4], numbers[5]));
    }

    /** One end alone is both. */
    private static double upper(double low, double high) {
        return high == 0 ? low : high;
    }

    private static Socket plug(String line) {
        var none = "'" + line + "' is no connector. Write it as: DMX in; XLR5; 1; male; 0.";
        var parts = Arrays.stream(line.split(";", -1)).map(String::strip).toList();
        var gender = parts.size() > 3 && !parts.get(3).isEmpty() ? GENDERS.indexOf(parts.get(3).toLowerCase(Locale.ROOT)) : 1;
        double dmxBreak = parts.size() > 2 && !parts.get(2).isEmpty() ? number(parts.get(2), none) : 0;
        if (parts.size() < 2 || parts.size() > 5 || gender < 0 || dmxBreak != Math.rint(dmxBreak)) {
            throw new IllegalArgumentException(none);
        }
        return new Socket(parts.get(0), parts.get(1), (int) dmxBreak, gender - 1,
                parts.size() > 4 && !parts.get(4).isEmpty() ? number(parts.get(4), none) : 0);
    }

    /** {@return the pins of a connector as people write them, with commas between them: {@code 1 -> DMX out 1}} */
    public static String pins(Geometry.WiringDetails wiring) {
        return wiring.pinPatches()
            .stream()
            .map(each -> each.fromPin() + " -> " + each.toWiringObject() + " " + each.toPin())
            .collect(Collectors.joining(", "));
    }

    /** {@return the edit that gives a connector such pins} @throws IllegalArgumentException with a sentence on what does not fit */
    public static SetPins readPins(String part, String text) {
        return new SetPins(part,
                Arrays.stream(text.split(",")).map(String::strip).filter(each -> !each.isEmpty()).limit(LONGEST).map(each -> {
                    var found = PIN.matcher(each);
                    if (!found.matches()) {
                        throw new IllegalArgumentException(
                                "'" + each + "' is no pin. Write its number, where it leads and the pin there: 1 -> DMX out 1.");
                    }
                    return new SetPins.Pin(Integer.parseInt(found.group(1)), found.group(2), Integer.parseInt(found.group(3)));
                }).toList());
    }
}
