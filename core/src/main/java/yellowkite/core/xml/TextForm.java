package yellowkite.core.xml;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** One kind of value as text. Source: GDTF, "Value types"; MVR shares them. */
public interface TextForm<T> {

    /** @throws IllegalArgumentException if the text is not of this form; the message says what is expected */
    T parse(String text);

    String format(T value);

    TextForm<String> TEXT = of(text -> text, text -> text);
    TextForm<Double> NUMBER = of(TextForm::parseNumber, TextForm::formatNumber);
    TextForm<Integer> INTEGER = of(TextForm::parseInteger, value -> Integer.toString(value));
    TextForm<Boolean> FLAG = of(TextForm::parseFlag, value -> value ? "Yes" : "No");
    /** Hexadecimal, with or without {@code 0x}. */
    TextForm<Integer> HEX = of(text -> parseBased(text.trim().replaceFirst("^0[xX]", ""), 16),
            value -> String.format(java.util.Locale.ROOT, "0x%04X", value));
    /** Decimal, or hexadecimal with {@code 0x}. */
    TextForm<Integer> COUNT = of(text -> text.trim().matches("0[xX].*") ? parseBased(text.trim().substring(2), 16) : parseInteger(text),
            value -> Integer.toString(value));

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

    /** {@return the form of an enumeration whose constants bear the standard's names} */
    static <T extends Enum<T>> TextForm<T> names(Class<T> type) {
        return names(type.getEnumConstants(), Enum::name);
    }

    private static boolean parseFlag(String text) {
        return switch (text.trim()) {
            case "Yes" -> true;
            case "No" -> false;
            default -> throw new IllegalArgumentException("Yes or No");
        };
    }

    private static int parseBased(String digits, int base) {
        try {
            return Integer.parseInt(digits, base);
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException("a hexadecimal number such as 0x00FF", notANumber);
        }
    }

    /** {@return a finite number, written with a point} @throws IllegalArgumentException if it is none */
    static double parseNumber(String text) {
        var trimmed = text.trim();
        if (looksLikeANumber(trimmed)) {
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

    private static boolean looksLikeANumber(String text) {
        for (int i = 0; i < text.length(); i++) {
            if ("0123456789.-+eE".indexOf(text.charAt(i)) < 0) {
                return false;
            }
        }
        return !text.isEmpty() && text.length() <= 64;
    }

    /** {@return the shortest text that reads back as the same number, never with an exponent} */
    static String formatNumber(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15 ? Long.toString((long) value)
                : new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
    }

    /** @throws IllegalArgumentException if it is no whole number of 32 bits */
    static int parseInteger(String text) {
        try {
            return Integer.parseInt(text.trim());
        } catch (NumberFormatException notAnInteger) {
            throw new IllegalArgumentException("a whole number", notAnInteger);
        }
    }
}
