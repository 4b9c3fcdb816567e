package yellowkite.core.gdtf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Rotation;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.Source;
import yellowkite.core.xml.TextForm;
import static yellowkite.core.xml.TextForm.formatNumber;
import static yellowkite.core.xml.TextForm.names;
import static yellowkite.core.xml.TextForm.of;
import static yellowkite.core.xml.TextForm.parseInteger;
import static yellowkite.core.xml.TextForm.parseNumber;

/** The standard's own value types. Source: GDTF, "Value types". */
final class GdtfForm {
    static final TextForm<DmxValue> DMX = of(GdtfForm::parseDmx, GdtfForm::formatDmx);
    static final TextForm<ColorCie> COLOR = of(GdtfForm::parseColor,
            c -> formatNumber(c.x()) + "," + formatNumber(c.y()) + "," + formatNumber(c.luminance()));
    static final TextForm<DmxBreak> BREAK = of(
            text -> text.trim().equals("Overwrite") ? new DmxBreak.Overwrite() : new DmxBreak.Number(parseInteger(text)),
            value -> switch (value) {
                case DmxBreak.Overwrite ignored -> "Overwrite";
                case DmxBreak.Number number -> Integer.toString(number.number());
            });
    static final TextForm<List<Integer>> OFFSETS = of(GdtfForm::parseOffsets, GdtfForm::formatOffsets);
    static final TextForm<Integer> BREAK_OFFSET = of(GdtfForm::parseBreakOffset, value -> Integer.toString(value));
    static final TextForm<PhysicalUnit> UNIT = names(PhysicalUnit.values(), PhysicalUnit::name);
    static final TextForm<List<ColorCie>> COLORS = of(
            text -> Arrays.stream(text.trim().split("\\s+")).filter(each -> !each.isEmpty()).map(GdtfForm::parseColor).toList(),
            value -> value.stream().map(COLOR::format).collect(Collectors.joining(" ")));
    static final TextForm<Matrix> MATRIX = of(text -> new Matrix(parseRows(text, 4)), value -> formatRows(value.cells(), 4));
    static final TextForm<Rotation> ROTATION = of(text -> new Rotation(parseRows(text, 3)), value -> formatRows(value.cells(), 3));
    static final TextForm<Wheel.Spot> SPOT = of(GdtfForm::parseSpot, value -> formatNumber(value.x()) + "," + formatNumber(value.y()));

    /** Most of the values in a file are these. */
    private static final class SingleBytes {
        private static final String[] TEXTS = IntStream.rangeClosed(0, 255).mapToObj(raw -> raw + "/1").toArray(String[]::new);

        private SingleBytes() {}
    }

    private GdtfForm() {}

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
            text.append(cells.subList(row * size, (row + 1) * size)
                .stream()
                .map(TextForm::formatNumber)
                .collect(Collectors.joining(",", "{", "}")));
        }
        return text.toString();
    }

    private static String formatDmx(DmxValue value) {
        return value.bytes() == 1 && !value.shifted() ? SingleBytes.TEXTS[(int) value.raw()]
                : value.raw() + "/" + value.bytes() + (value.shifted() ? "s" : "");
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
