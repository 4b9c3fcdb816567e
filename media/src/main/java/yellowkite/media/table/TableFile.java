package yellowkite.media.table;

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
import yellowkite.core.archive.FormatException;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.Delimited;
import yellowkite.media.chart.ChartFile;

/** A table as a file for other programs. Nothing in it becomes a formula where it is opened. */
public final class TableFile {
    private static final int LONGEST_TAB = 31;
    /** Letters that a cell of a workbook takes. */
    private static final int LONGEST_CELL = 32_767;
    private static final int WIDEST = 40;
    private static final int NARROWEST = 6;

    /** What a formula begins with, in full width, too, as some spreadsheets read it. */
    private static final String FORMULA = "=+-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20";
    private static final String NUMBER = "[+-]?\\d+(?:\\.\\d+)?(?: (?:" + Arrays.stream(PhysicalUnit.values())
        .map(PhysicalUnit::symbol)
        .filter(symbol -> !symbol.isEmpty())
        .map(Pattern::quote)
        .collect(Collectors.joining("|")) + "))?";
    /** What we write ourselves: figures, and words behind them that hold nothing to be reckoned. */
    private static final Pattern FIGURE = Pattern.compile(NUMBER + "(?: to " + NUMBER + ")?(?:, [\\p{L} ,;]*)?");

    private TableFile() {}

    /** {@return the rows, UTF-8 with a mark that spreadsheets know it by} @param rows the headings first */
    public static byte[] csv(List<List<String>> rows) {
        var text = new StringBuilder("\uFEFF");
        try (var printer = CSVFormat.RFC4180.print(text)) {
            for (var row : rows) {
                printer.printRecord(row.stream().map(TableFile::harmless).toList());
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

    /** {@return the same as a workbook of one sheet, figures as figures} @param tab what the sheet is called */
    public static byte[] xlsx(String tab, List<List<String>> rows) {
        var out = new ByteArrayOutputStream();
        try (var book = new Workbook(out, "Yellow Kite", "1.0")) {
            var sheet = book.newWorksheet(tabName(tab));
            int columns = rows.getFirst().size();
            for (int column = 0; column < columns; column++) {
                sheet.width(column, width(rows, column));
                sheet.value(0, column, rows.getFirst().get(column));
            }
            sheet.range(0, 0, 0, columns - 1).style().bold().set();
            sheet.freezePane(0, 1);
            for (int at = 1; at < rows.size(); at++) {
                fill(sheet, at, rows.get(at));
            }
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static int width(List<List<String>> rows, int column) {
        return Math.clamp(rows.stream().mapToInt(row -> row.get(column).length() + 2).max().orElse(0), NARROWEST, WIDEST);
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
    private static String tabName(String name) {
        var safe = name.replaceAll("[\\[\\]*/\\\\?:']", " ").strip();
        return safe.isEmpty() ? "Sheet" : safe.substring(0, Math.min(LONGEST_TAB, safe.length()));
    }

    /**
     * {@return the rows of a CSV file, or of the first sheet of a workbook that holds any}
     *
     * @throws FormatException if it is neither, with the end of a sentence that begins with the file
     */
    public static List<List<String>> read(byte[] bytes) {
        if (bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K') {
            return ChartFile.read(bytes)
                .stream()
                .filter(sheet -> !sheet.lines().isEmpty())
                .findFirst()
                .orElseThrow(() -> new FormatException("is a workbook without a row"))
                .lines()
                .stream()
                .map(line -> line.cells())
                .toList();
        }
        return Delimited.rows(new String(bytes, StandardCharsets.UTF_8));
    }
}
