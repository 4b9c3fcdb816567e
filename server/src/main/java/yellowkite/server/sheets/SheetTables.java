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
import org.apache.poi.ss.SpreadsheetVersion;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.core.sheet.SheetRows;

/** A sheet as tables for other programs. */
final class SheetTables {
    private static final int LONGEST_TAB = 31;
    /** Letters that a cell of a workbook takes. */
    private static final int LONGEST_CELL = SpreadsheetVersion.EXCEL2007.getMaxTextLength();
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
        try (var book = new SXSSFWorkbook(); var out = new ByteArrayOutputStream()) {
            var tab = book.createSheet(tabName(sheet.mode()));
            var bold = book.createCellStyle();
            var font = book.createFont();
            font.setBold(true);
            bold.setFont(font);
            for (int i = 0; i < WIDTHS.length; i++) {
                tab.setColumnWidth(i, 256 * WIDTHS[i]);
            }
            tab.createFreezePane(0, 1);
            int at = 0;
            var head = tab.createRow(at++);
            for (int i = 0; i < SheetRows.HEADER.size(); i++) {
                var cell = head.createCell(i);
                cell.setCellValue(SheetRows.HEADER.get(i));
                cell.setCellStyle(bold);
            }
            for (var row : SheetRows.of(sheet)) {
                fill(tab.createRow(at++), row);
            }
            book.write(out);
            return out.toByteArray();
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
    }

    private static void fill(Row into, List<String> row) {
        for (int i = 0; i < row.size(); i++) {
            Cell cell = into.createCell(i);
            var text = row.get(i).substring(0, Math.min(row.get(i).length(), LONGEST_CELL));
            if (text.matches("0|[1-9]\\d{0,9}")) { // "007" is a name
                cell.setCellValue(Double.parseDouble(text));
            } else {
                cell.setCellValue(text);
            }
        }
    }

    /** Spreadsheets take no more letters there, and not all. */
    private static String tabName(String mode) {
        var safe = mode.replaceAll("[\\[\\]*/\\\\?:']", " ").strip();
        return safe.isEmpty() ? "Mode" : safe.substring(0, Math.min(LONGEST_TAB, safe.length()));
    }
}
