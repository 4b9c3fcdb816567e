package yellowkite.media.chart;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Limits;
import yellowkite.core.chart.source.Sheet.Line;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.TextSheets;

/** The sheets of a workbook, row by row: as they are shown, formulas by the value that was stored with them. */
final class XlsxSheets {
    private static final Limits LIMITS = new Limits(2_000, ChartFile.MAX_BYTES, 256 << 20, 512 << 20, 300, 8 << 20, 1);
    /** A little more than whoever reads them takes, so that too many are told. */
    private static final int MOST_ROWS = 20_100;
    private static final int MOST_COLUMNS = 64;
    private static final int MOST_SHEETS = 40;

    private static final Pattern FORM = Pattern.compile("(?<zeros>0+)(?:\\.(?<places>0+))?(?<percent>%)?");
    private static final Pattern DATE = Pattern.compile("^[^\\[\"]*[dDyY]");

    private XlsxSheets() {}

    static List<Sheet> read(byte[] bytes) {
        try (var archive = Archive.open(bytes, new Budget(LIMITS))) {
            if (!archive.holds("[Content_Types].xml") || archive.paths().stream().noneMatch(path -> path.startsWith("xl/"))) {
                throw new FormatException("is an archive, but no workbook");
            }
        }
        try (var workbook = new ReadableWorkbook(new ByteArrayInputStream(bytes), new ReadingOptions(true, true))) {
            var sheets = new ArrayList<Sheet>();
            for (var sheet : workbook.getSheets().limit(MOST_SHEETS).toList()) {
                try (var rows = sheet.openStream()) {
                    sheets.add(new Sheet(sheet.getName(), rows.limit(MOST_ROWS)
                        .map(row -> new Line("sheet '" + sheet.getName() + "', row " + row.getRowNum(), cells(row)))
                        .filter(line -> line.cells().stream().anyMatch(cell -> !cell.isEmpty()))
                        .toList()));
                }
            }
            return sheets;
        } catch (IOException | RuntimeException damaged) {
            throw damaged instanceof FormatException known ? known : new FormatException("is a workbook that is damaged or protected");
        }
    }

    private static List<String> cells(Row row) {
        return IntStream.range(0, Math.min(MOST_COLUMNS, row.getCellCount()))
            .mapToObj(column -> row.getOptionalCell(column).map(XlsxSheets::shown).orElse(""))
            .map(shown -> TextSheets.plain(shown).replaceAll("\\s+", " ").strip())
            .toList();
    }

    /** {@return a cell as its table shows it, as far as charts make use of that: per cent, places behind the point, leading zeros} */
    private static String shown(Cell cell) {
        if (cell.getType() != CellType.NUMBER && !isNumberOfFormula(cell)) {
            return cell.getText();
        }
        var number = new BigDecimal(Objects.requireNonNullElse(cell.getRawValue(), "0"));
        var says = Objects.requireNonNullElse(cell.getDataFormatString(), "");
        var form = FORM.matcher(says);
        if (!form.matches() && DATE.matcher(says).find()) {
            return cell.asDate().toLocalDate().toString();
        }
        if (!form.matches()) {
            return number.stripTrailingZeros().toPlainString();
        }
        boolean percent = form.group("percent") != null;
        int places = form.group("places") == null ? 0 : form.group("places").length();
        var rounded = (percent ? number.movePointRight(2) : number).setScale(places, RoundingMode.HALF_UP).toPlainString();
        var zeros = "0".repeat(Math.max(0, form.group("zeros").length() - rounded.replaceFirst("^-|\\..*", "").length()));
        return zeros + rounded + (percent ? "%" : "");
    }

    private static boolean isNumberOfFormula(Cell cell) {
        return cell.getType() == CellType.FORMULA && cell.getValue() instanceof BigDecimal;
    }
}
