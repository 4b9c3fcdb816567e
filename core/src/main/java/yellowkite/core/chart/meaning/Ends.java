package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.StandardAttribute;
import yellowkite.core.profile.PhysicalUnit;

/**
 * The physical ends that a row states: in numbers with units, or at least in which direction they run.
 *
 * @param assumed whether no number was stated, so that the ends are the usual ones
 */
record Ends(double from, double to, PhysicalUnit unit, boolean assumed) {
    private record Unit(PhysicalUnit unit, double factor) {}

    private static final Map<String, Unit> UNITS = Map.ofEntries(
            Map.entry("\u00B0", new Unit(PhysicalUnit.Angle, 1)), Map.entry("deg", new Unit(PhysicalUnit.Angle, 1)),
            Map.entry("degrees", new Unit(PhysicalUnit.Angle, 1)), Map.entry("degree", new Unit(PhysicalUnit.Angle, 1)),
            Map.entry("hz", new Unit(PhysicalUnit.Frequency, 1)), Map.entry("fps", new Unit(PhysicalUnit.Frequency, 1)),
            Map.entry("flashes/s", new Unit(PhysicalUnit.Frequency, 1)), Map.entry("bpm", new Unit(PhysicalUnit.Frequency, 1 / 60.0)),
            Map.entry("k", new Unit(PhysicalUnit.Temperature, 1)), Map.entry("kelvin", new Unit(PhysicalUnit.Temperature, 1)),
            Map.entry("%", new Unit(PhysicalUnit.Percent, 1)), Map.entry("percent", new Unit(PhysicalUnit.Percent, 1)),
            Map.entry("rpm", new Unit(PhysicalUnit.AngularSpeed, 6)), Map.entry("rps", new Unit(PhysicalUnit.AngularSpeed, 360)),
            Map.entry("\u00B0/s", new Unit(PhysicalUnit.AngularSpeed, 1)), Map.entry("deg/s", new Unit(PhysicalUnit.AngularSpeed, 1)),
            Map.entry("s", new Unit(PhysicalUnit.Time, 1)), Map.entry("sec", new Unit(PhysicalUnit.Time, 1)),
            Map.entry("seconds", new Unit(PhysicalUnit.Time, 1)), Map.entry("ms", new Unit(PhysicalUnit.Time, 0.001)),
            Map.entry("min", new Unit(PhysicalUnit.Time, 60)),
            Map.entry("m/s", new Unit(PhysicalUnit.Speed, 1)), Map.entry("m", new Unit(PhysicalUnit.Length, 1)),
            Map.entry("cd", new Unit(PhysicalUnit.LuminousIntensity, 1)));
    private static final Pattern NUMBER = Pattern.compile(
            "(?i)(?<![\\p{L}\\d.,])([+\\u00B1\\u2212-]?)\\s?(\\d{1,7}(?:[.,]\\d{1,4})?)\\s*(\u00B0/s|deg/s|\u00B0|degrees?\\b|deg\\b|hz\\b|fps\\b|flashes/s|bpm\\b|kelvin\\b|k\\b|%|percent\\b|rpm\\b|rps\\b|ms\\b|seconds\\b|sec\\b|s\\b|min\\b|m/s\\b|m\\b|cd\\b)?");
    private static final Pattern HOLD = Pattern.compile(
            "(?i)[(\\[]?\\s*(?:hold|wait|after|for|during|press)[^)\\]]*?\\d+(?:[.,]\\d+)?\\s*(?:s|sec|seconds?|ms)\\b[^)\\]]*[)\\]]?");

    private record Number(double value, @Nullable Unit unit, boolean both, boolean signed) {}

    /** "10 000 K" and "10,000 K" are ten thousand; no other unit of charts is counted in thousands. */
    private static final Pattern THOUSANDS = Pattern
        .compile("(?i)(?<![\\d.,])(\\d{1,2})[ \\u00A0\\u2009\\u202F.,'](\\d{3})(?=\\s*(?:k|kelvin)\\b)");

    /** {@return the words without the remark how long a value has to be held} */
    static String withoutHold(String words) {
        return HOLD.matcher(words).replaceAll(" ").strip();
    }

    /**
     * {@return the ends of a row's values}
     *
     * @param usual the standard's attribute, for what is usual
     */
    static Ends of(String words, StandardAttribute usual) {
        var phrase = Phrase.of(withoutHold(words));
        return stated(withoutHold(words), usual, phrase).orElseGet(() -> assumed(usual, phrase));
    }

    /** {@return the ends that are stated in numbers, each in the standard's unit} */
    private static Optional<Ends> stated(String words, StandardAttribute usual, Phrase phrase) {
        var numbers = numbers(words, usual.unit());
        if (numbers.isEmpty()) {
            return Optional.empty();
        }
        var first = numbers.getFirst();
        if (usual.unit() == PhysicalUnit.None && first.unit() != null && first.unit().unit() == PhysicalUnit.Time) {
            return Optional.empty(); // how long it takes, or is to be held
        }
        if (first.both()) { // plus minus
            return Optional.of(directed(-first.value(), first.value(), unitOf(first, usual), usual, phrase));
        }
        if (numbers.size() == 1) {
            return single(first, usual, phrase);
        }
        var second = numbers.get(1);
        var unit = unitOf(second, usual);
        if (isAxis(usual) && first.value() == 0 && second.value() > 0 && !second.signed()) {
            return Optional.of(new Ends(-second.value() / 2, second.value() / 2, unit, false)); // an axis turns to both sides of its middle
        }
        return Optional.of(directed(first.value(), second.value(), unit, usual, phrase));
    }

    private static Optional<Ends> single(Number only, StandardAttribute usual, Phrase phrase) {
        var unit = unitOf(only, usual);
        if (isAxis(usual) && only.value() > 0) {
            return Optional.of(new Ends(-only.value() / 2, only.value() / 2, unit, false));
        }
        if (phrase.has("max", "maximum") || phrase.begins("up > ") || phrase.text().contains(" > ")) {
            return Optional.empty();
        }
        double value = signed(usual, phrase, only.value());
        return Optional.of(scaled(value, value, unit, usual));
    }

    private static Ends directed(double from, double to, PhysicalUnit unit, StandardAttribute usual, Phrase phrase) {
        if (unit != PhysicalUnit.Time && from >= 0 && from < to && fallsInWords(phrase)) { // "big to small, 5-50°": the words say the sense; fast takes less time
            return directed(to, from, unit, usual, phrase);
        }
        return scaled(signed(usual, phrase, from), signed(usual, phrase, to), unit, usual);
    }

    /** Percent of what the standard counts from 0 to 1. */
    private static Ends scaled(double from, double to, PhysicalUnit unit, StandardAttribute usual) {
        boolean shares = unit == PhysicalUnit.Percent && usual.unit() != PhysicalUnit.Percent && usual.physicalTo() == 1;
        return shares ? new Ends(from / 100, to / 100, usual.unit(), false) : new Ends(from, to, unit, false);
    }

    private static PhysicalUnit unitOf(Number number, StandardAttribute usual) {
        return number.unit() == null ? usual.unit() : number.unit().unit();
    }

    private static double signed(StandardAttribute usual, Phrase phrase, double value) {
        return usual.unit() == PhysicalUnit.AngularSpeed && turnsBack(phrase) && value > 0 ? -value : value;
    }

    /** Numbers that bear a unit; a number without one takes that of its neighbour. What has no unit at all is no physical value. */
    private static List<Number> numbers(String words, PhysicalUnit usual) {
        var found = new ArrayList<Number>();
        for (var each : NUMBER.matcher(THOUSANDS.matcher(words).replaceAll("$1$2").replaceAll("\\.{2,}", " \u2026 ")).results().toList()) {
            var unit = each.group(3) == null ? null : UNITS.get(each.group(3).toLowerCase(java.util.Locale.ROOT));
            double value = Double.parseDouble(each.group(2).replace(',', '.'));
            boolean minus = each.group(1).equals("-") && (each.start() == 0 || " (:,;=".indexOf(words.charAt(each.start() - 1)) >= 0)
                    && !isDash(words, each.start()) || each.group(1).equals("\u2212");
            found.add(new Number(minus ? -value : value, unit, each.group(1).equals("\u00B1"), minus || each.group(1).equals("+")));
        }
        var last = found.stream()
            .map(Number::unit)
            .filter(java.util.Objects::nonNull)
            .filter(unit -> fits(unit.unit(), usual))
            .reduce((a, b) -> b)
            .orElse(null);
        if (last == null) {
            return List.of();
        }
        var result = new ArrayList<Number>();
        for (int i = 0; i < found.size(); i++) {
            var each = found.get(i);
            var unit = each.unit() != null ? each.unit() : i + 1 < found.size() ? found.get(i + 1).unit() : null;
            boolean tooMuch = each.unit() == null && last.unit() == PhysicalUnit.Percent && each.value() > 100; // 255 is a DMX value, whatever stands behind it
            if (unit != null && unit.unit() == last.unit() && !tooMuch) {
                result.add(new Number(Math.round(each.value() * unit.factor() * FINEST) / FINEST, unit, each.both(), each.signed()));
            }
        }
        return result;
    }

    /** {@code 2 - 8}: a dash between two numbers, with spaces on both sides. */
    private static boolean isDash(String words, int at) {
        return words.substring(0, at).stripTrailing().matches("(?s).*[\\d\u00B0%zsKkm]$") && at + 1 < words.length()
                && words.charAt(at + 1) == ' ';
    }

    private static boolean fits(PhysicalUnit unit, PhysicalUnit usual) {
        return unit == usual || unit == PhysicalUnit.Percent || usual == PhysicalUnit.None
                || usual == PhysicalUnit.Percent && unit == PhysicalUnit.Time
                || usual == PhysicalUnit.Frequency && unit == PhysicalUnit.Time
                || usual == PhysicalUnit.Percent
                        && (unit == PhysicalUnit.Angle || unit == PhysicalUnit.Length || unit == PhysicalUnit.AngularSpeed);
    }

    private static boolean isAxis(StandardAttribute usual) {
        return usual.pattern().equals("Pan") || usual.pattern().equals("Tilt");
    }

    private static Ends assumed(StandardAttribute usual, Phrase phrase) {
        double low = usual.physicalFrom();
        double high = usual.physicalTo();
        if (usual.unit() == PhysicalUnit.AngularSpeed) {
            // from slow to fast no rotation passes through standing still
            boolean oneWay = turns(phrase) || fallsInWords(phrase) || risesInWords(phrase);
            low = turnsBack(phrase) ? -SLOW : oneWay ? SLOW : low;
            high = turnsBack(phrase) ? -high : high;
        } else if (usual.unit() == PhysicalUnit.Frequency && low == 0) {
            low = 0.5;
        }
        boolean falls = fallsInWords(phrase);
        boolean rises = risesInWords(phrase);
        if (usual.unit() == PhysicalUnit.Temperature && (phrase.runs("warm", "co[lo]+d?") || phrase.runs("co[lo]+d?", "warm"))) {
            boolean warmFirst = phrase.runs("warm", "co[lo]+d?");
            return new Ends(warmFirst ? Math.min(low, high) : Math.max(low, high), warmFirst ? Math.max(low, high) : Math.min(low, high),
                    usual.unit(), true);
        }
        boolean usuallyFalls = Math.abs(high) < Math.abs(low) && usual.unit() != PhysicalUnit.Temperature;
        boolean swap = falls && !usuallyFalls || rises && usuallyFalls;
        // from dark to full is what light does: nobody has to state it
        boolean assumed = usual.unit() != PhysicalUnit.LuminousIntensity && usual.unit() != PhysicalUnit.ColorComponent;
        return swap ? new Ends(high, low, usual.unit(), assumed) : new Ends(low, high, usual.unit(), assumed);
    }

    /** Parts of a unit that a chart could state. */
    private static final double FINEST = 1e6;
    /** Half a turn a minute: the slowest that a chart would call a rotation. */
    private static final double SLOW = 3;

    private static boolean fallsInWords(Phrase phrase) {
        return phrase.runs("fast|fastest|quick", "slow|slowest") || phrase.runs("max|maximum|full|100 ?%|100", "min|minimum|0 ?%|0")
                || phrase.runs("wide|big|large", "narrow|small|spot") || phrase.runs("far|infinity", "near|close")
                || phrase.runs("open|opened", "close|closed|min|minimum|small") || phrase.runs("high", "low")
                || phrase.runs("bright|on", "dark|dim|off") || phrase.has("decreasing", "descending", "inverted", "reverse speed");
    }

    private static boolean risesInWords(Phrase phrase) {
        return phrase.runs("slow|slowest", "fast|fastest|quick") || phrase.runs("min|minimum|0 ?%|0", "max|maximum|full|100 ?%|100")
                || phrase.runs("narrow|small|spot", "wide|big|large") || phrase.runs("near|close", "far|infinity")
                || phrase.runs("closed?", "open") || phrase.runs("low", "high") || phrase.has("increasing", "ascending");
    }

    static boolean turnsBack(Phrase phrase) {
        return phrase.has("ccw", "counterclockwise", "anticlockwise", "backward", "backwards", "reverse", "reversed", "left", "negative");
    }

    static boolean turns(Phrase phrase) {
        return turnsBack(phrase) || phrase.has("cw", "clockwise", "forward", "forwards", "right", "positive");
    }
}
