package yellowkite.core.gdtf;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.PhysicalUnit;

/** One of the standard's value types as text. Source: GDTF, "Value types". */
interface TextForm<T> {

    /** @throws IllegalArgumentException if the text is not of this form; the message says what is expected */
    T parse(String text);

    String format(T value);

    TextForm<String> TEXT = of(text -> text, text -> text);
    TextForm<Double> NUMBER = of(TextForm::parseNumber, TextForm::formatNumber);
    TextForm<Integer> INTEGER = of(TextForm::parseInteger, value -> Integer.toString(value));
    TextForm<DmxValue> DMX = of(TextForm::parseDmx,
            value -> value.raw() + "/" + value.bytes() + (value.shifted() ? "s" : ""));
    TextForm<ColorCie> COLOR = of(TextForm::parseColor,
            c -> formatNumber(c.x()) + "," + formatNumber(c.y()) + "," + formatNumber(c.luminance()));
    TextForm<DmxBreak> BREAK = of(
            text -> text.trim().equals("Overwrite") ? new DmxBreak.Overwrite() : new DmxBreak.Number(parseInteger(text)),
            value -> switch (value) {
                case DmxBreak.Overwrite ignored -> "Overwrite";
                case DmxBreak.Number number -> Integer.toString(number.number());
            });
    TextForm<List<Integer>> OFFSETS = of(TextForm::parseOffsets,
            value -> value.stream().map(String::valueOf).collect(Collectors.joining(",")));
    TextForm<Integer> BREAK_OFFSET = of(TextForm::parseBreakOffset, value -> Integer.toString(value));
    TextForm<PhysicalUnit> UNIT = names(PhysicalUnit.values(), PhysicalUnit::name);

    static <T> TextForm<T> of(Function<String, T> parse, Function<T, String> format) {
        return new TextForm<>() {
            @Override
            public T parse(String text) {
                return parse.apply(text);
            }

            @Override
            public String format(T value) {
                return format.apply(value);
            }
        };
    }

    /** {@return the form of an enumeration, by the standard's spelling of each constant} */
    static <T> TextForm<T> names(T[] constants, Function<T, String> name) {
        Map<String, T> byName = new LinkedHashMap<>();
        Arrays.stream(constants).forEach(each -> byName.put(name.apply(each), each));
        return of(text -> {
            var found = byName.get(text.trim());
            if (found == null) {
                throw new IllegalArgumentException("one of " + String.join(", ", byName.keySet()));
            }
            return found;
        }, name);
    }

    /** {@return {@code YES} as {@code Yes}: how the standard spells its enumerations} */
    static String capitalised(Enum<?> constant) {
        var name = constant.name();
        return name.charAt(0) + name.substring(1).toLowerCase(java.util.Locale.ROOT);
    }

    private static double parseNumber(String text) {
        var trimmed = text.trim();
        boolean plain = !trimmed.isEmpty() && trimmed.length() <= 64
                && trimmed.chars().allMatch(c -> c >= '0' && c <= '9' || c == '.' || c == '-' || c == '+' || c == 'e' || c == 'E');
        if (plain) {
            try {
                double value = Double.parseDouble(trimmed) + 0.0; // -0 is 0
                if (Double.isFinite(value)) {
                    return value;
                }
            } catch (NumberFormatException notANumber) {
                // told below, with what is expected
            }
        }
        throw new IllegalArgumentException("a finite number");
    }

    private static String formatNumber(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15 ? Long.toString((long) value)
                : new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
    }

    private static int parseInteger(String text) {
        try {
            return Integer.parseInt(text.trim());
        } catch (NumberFormatException notAnInteger) {
            throw new IllegalArgumentException("a whole number", notAnInteger);
        }
    }

    private static DmxValue parseDmx(String text) {
        var trimmed = text.trim();
        int slash = trimmed.indexOf('/');
        try {
            if (slash < 0) {
                return new DmxValue(Long.parseLong(trimmed), 1);
            }
            boolean shifted = trimmed.endsWith("s");
            int bytes = Integer.parseInt(trimmed.substring(slash + 1, trimmed.length() - (shifted ? 1 : 0)));
            return new DmxValue(Long.parseLong(trimmed.substring(0, slash)), bytes, shifted);
        } catch (IllegalArgumentException notDmx) {
            throw new IllegalArgumentException("a DMX value such as 128/1 or 32768/2", notDmx);
        }
    }

    private static ColorCie parseColor(String text) {
        var parts = text.split(",", -1);
        if (parts.length != 3) {
            throw new IllegalArgumentException("a colour as x,y,Y");
        }
        return new ColorCie(parseNumber(parts[0]), parseNumber(parts[1]), parseNumber(parts[2]));
    }

    private static List<Integer> parseOffsets(String text) {
        var trimmed = text.trim();
        if (trimmed.isEmpty() || trimmed.equals("None")) {
            return List.of();
        }
        var parts = trimmed.split(",", -1);
        if (parts.length > DmxValue.MAX_BYTES) {
            throw new IllegalArgumentException("at most " + DmxValue.MAX_BYTES + " addresses");
        }
        return Arrays.stream(parts).map(TextForm::parseInteger).toList();
    }

    private static int parseBreakOffset(String text) {
        int dot = text.indexOf('.');
        if (dot < 0) {
            return parseInteger(text);
        }
        long universe = parseInteger(text.substring(0, dot));
        long address = (universe - 1) * 512 + parseInteger(text.substring(dot + 1));
        if (address != (int) address) {
            throw new IllegalArgumentException("an address, or universe.address");
        }
        return (int) address;
    }
}
