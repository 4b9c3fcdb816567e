package yellowkite.server.sheets;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.core.sheet.SheetRows;

/** A sheet as tables for other programs. */
final class SheetTables {
    private static final int LONGEST_TAB = 31;
    /** Letters that a cell of a workbook takes. */
    private static final int LONGEST_CELL = 32_767;
    private static final int[] WIDTHS = {9, 22, 14, 6, 8, 20, 8, 8, 26, 18, 24, 30};

    /** What a formula begins with, in full width, too, as some spreadsheets read it. */
    private static final String FORMULA = "=+-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20";
    private static final String NUMBER = "[+-]?\\d+(?:\\.\\d+)?(?: (?:" + Arrays.stream(PhysicalUnit.values())
        .map(PhysicalUnit::symbol)
        .filter(symbol -> !symbol.isEmpty())
        .map(Pattern::quote)
        .collect(Collectors.joining("|")) + "))?";
    /** What we write ourselves: figures, and words behind them that hold nothing to be reckoned. */
    private static final Pattern FIGURE = Pattern.compile(NUMBER + "(?: to " + NUMBER + ")?(?:, [\\p{L} ,;]*)?");

    private SheetTables() {}

    /** {@return the rows with their header, UTF-8 with a mark that spreadsheets know it by} */
    static byte[] csv(ModeSheet sheet) {
        var text = new StringBuilder("\uFEFF");
        try (var printer = CSVFormat.RFC4180.print(text)) {
            printer.printRecord(SheetRows.HEADER);
            for (var row : SheetRows.of(sheet)) {
                printer.printRecord(row.stream().map(SheetTables::harmless).toList());
            }
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** A name from a file must not become a formula where the table is opened; only figures with their unit may begin with a sign. */
    private static String harmless(String text) {
        return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 && !FIGURE.matcher(text).matches() ? "'" + text : text;
    }

    /** {@return the same as a workbook of one sheet, figures as figures} */
    static byte[] xlsx(ModeSheet sheet) {
        var out = new ByteArrayOutputStream();
        try (var book = new Workbook(out, "Yellow Kite", "1.0")) {
            var tab = book.newWorksheet(tabName(sheet.mode()));
            for (int column = 0; column < WIDTHS.length; column++) {
                tab.width(column, WIDTHS[column]);
                tab.value(0, column, SheetRows.HEADER.get(column));
            }
            tab.range(0, 0, 0, WIDTHS.length - 1).style().bold().set();
            tab.freezePane(0, 1);
            int at = 1;
            for (var row : SheetRows.of(sheet)) {
                fill(tab, at++, row);
            }
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static void fill(Worksheet tab, int at, List<String> row) {
        for (int column = 0; column < row.size(); column++) {
            var text = row.get(column).substring(0, Math.min(row.get(column).length(), LONGEST_CELL));
            if (text.matches("0|[1-9]\\d{0,9}")) { // "007" is a name
                tab.value(at, column, Long.parseLong(text));
            } else {
                tab.value(at, column, text);
            }
        }
    }

    /** Spreadsheets take no more letters there, and not all. */
    private static String tabName(String mode) {
        var safe = mode.replaceAll("[\\[\\]*/\\\\?:']", " ").strip();
        return safe.isEmpty() ? "Mode" : safe.substring(0, Math.min(LONGEST_TAB, safe.length()));
    }
}
