package yellowkite.core.gdtf;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Rotation;
import yellowkite.core.profile.Wheel;

/** One of the standard's value types as text. Source: GDTF, "Value types". */
interface TextForm<T> {

    /** @throws IllegalArgumentException if the text is not of this form; the message says what is expected */
    T parse(String text);

    String format(T value);

    TextForm<String> TEXT = of(text -> text, text -> text);
    TextForm<Double> NUMBER = of(TextForm::parseNumber, TextForm::formatNumber);
    TextForm<Integer> INTEGER = of(TextForm::parseInteger, value -> Integer.toString(value));
    TextForm<DmxValue> DMX = of(TextForm::parseDmx, TextForm::formatDmx);
    TextForm<ColorCie> COLOR = of(TextForm::parseColor,
            c -> formatNumber(c.x()) + "," + formatNumber(c.y()) + "," + formatNumber(c.luminance()));
    TextForm<DmxBreak> BREAK = of(
            text -> text.trim().equals("Overwrite") ? new DmxBreak.Overwrite() : new DmxBreak.Number(parseInteger(text)),
            value -> switch (value) {
                case DmxBreak.Overwrite ignored -> "Overwrite";
                case DmxBreak.Number number -> Integer.toString(number.number());
            });
    TextForm<List<Integer>> OFFSETS = of(TextForm::parseOffsets, TextForm::formatOffsets);
    TextForm<Integer> BREAK_OFFSET = of(TextForm::parseBreakOffset, value -> Integer.toString(value));
    TextForm<PhysicalUnit> UNIT = names(PhysicalUnit.values(), PhysicalUnit::name);
    TextForm<Boolean> FLAG = of(TextForm::parseFlag, value -> value ? "Yes" : "No");
    TextForm<List<ColorCie>> COLORS = of(
            text -> Arrays.stream(text.trim().split("\\s+")).filter(each -> !each.isEmpty()).map(TextForm::parseColor).toList(),
            value -> value.stream().map(COLOR::format).collect(Collectors.joining(" ")));
    TextForm<Matrix> MATRIX = of(text -> new Matrix(parseRows(text, 4)), value -> formatRows(value.cells(), 4));
    TextForm<Rotation> ROTATION = of(text -> new Rotation(parseRows(text, 3)), value -> formatRows(value.cells(), 3));
    TextForm<Wheel.Spot> SPOT = of(TextForm::parseSpot, value -> formatNumber(value.x()) + "," + formatNumber(value.y()));
    /** Hexadecimal, with or without {@code 0x}. */
    TextForm<Integer> HEX = of(text -> parseBased(text.trim().replaceFirst("^0[xX]", ""), 16), value -> String.format(java.util.Locale.ROOT, "0x%04X", value));
    /** Decimal, or hexadecimal with {@code 0x}. */
    TextForm<Integer> COUNT = of(text -> text.trim().matches("0[xX].*") ? parseBased(text.trim().substring(2), 16) : parseInteger(text), value -> Integer.toString(value));

    /** Most of the values in a file are these. */
    final class SingleBytes {
        private static final String[] TEXTS = IntStream.rangeClosed(0, 255).mapToObj(raw -> raw + "/1").toArray(String[]::new);

        private SingleBytes() {}
    }

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

    private static Wheel.Spot parseSpot(String text) {
        var parts = text.split(",", -1);
        if (parts.length != 2) {
            throw new IllegalArgumentException("a point as x,y");
        }
        return new Wheel.Spot(parseNumber(parts[0]), parseNumber(parts[1]));
    }

    /** Rows in braces: {@code {a,b,c}{d,e,f}{g,h,i}}. */
    private static List<Double> parseRows(String text, int size) {
        var rows = text.trim().split("\\}\\s*\\{", -1);
        if (rows.length != size || !text.trim().startsWith("{") || !text.trim().endsWith("}")) {
            throw new IllegalArgumentException(size + " rows of " + size + " numbers in braces");
        }
        var cells = new ArrayList<Double>(size * size);
        for (var row : rows) {
            var parts = row.replace("{", "").replace("}", "").split(",", -1);
            if (parts.length != size) {
                throw new IllegalArgumentException(size + " rows of " + size + " numbers in braces");
            }
            Arrays.stream(parts).map(TextForm::parseNumber).forEach(cells::add);
        }
        return cells;
    }

    private static String formatRows(List<Double> cells, int size) {
        var text = new StringBuilder();
        for (int row = 0; row < size; row++) {
            text.append(cells.subList(row * size, (row + 1) * size).stream().map(TextForm::formatNumber).collect(Collectors.joining(",", "{", "}")));
        }
        return text.toString();
    }

    private static double parseNumber(String text) {
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

    private static String formatDmx(DmxValue value) {
        return value.bytes() == 1 && !value.shifted() ? SingleBytes.TEXTS[(int) value.raw()] : value.raw() + "/" + value.bytes() + (value.shifted() ? "s" : "");
    }

    private static String formatOffsets(List<Integer> offsets) {
        var text = new StringBuilder();
        for (int offset : offsets) {
            text.append(text.isEmpty() ? "" : ",").append(offset);
        }
        return text.toString();
    }

    private static DmxValue parseDmx(String text) {
        int slashAt = text.length() - 2;
        if (slashAt > 0 && slashAt < 11 && text.charAt(slashAt) == '/') { // 128/1: nearly all of them, so without detours
            long raw = 0;
            int at = 0;
            while (at < slashAt && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
                raw = 10 * raw + text.charAt(at++) - '0';
            }
            int bytes = text.charAt(slashAt + 1) - '0';
            if (at == slashAt && bytes >= 1 && bytes <= DmxValue.MAX_BYTES && raw <= DmxValue.max(bytes)) {
                return new DmxValue(raw, bytes);
            }
        }
        return parseUnusualDmx(text);
    }

    private static DmxValue parseUnusualDmx(String text) {
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
