package yellowkite.media.chart;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.util.XMLHelper;
import org.apache.poi.xssf.eventusermodel.ReadOnlySharedStringsTable;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.eventusermodel.XSSFSheetXMLHandler;
import org.apache.poi.xssf.usermodel.XSSFComment;
import org.jspecify.annotations.Nullable;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Limits;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;
import yellowkite.core.chart.source.TextSheets;

/** The sheets of a workbook, row by row: as they are shown, formulas by the value that was stored with them. */
final class XlsxSheets {
    private static final Limits LIMITS = new Limits(2_000, ChartFile.MAX_BYTES, 256 << 20, 512 << 20, 300, 8 << 20, 1);
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_COLUMNS = 64;
    private static final int MOST_SHEETS = 40;

    private XlsxSheets() {}

    static List<Sheet> read(byte[] bytes) {
        try (var archive = Archive.open(bytes, new Budget(LIMITS))) {
            if (!archive.holds("[Content_Types].xml") || archive.paths().stream().noneMatch(path -> path.startsWith("xl/"))) {
                throw new FormatException("is an archive, but no workbook");
            }
        }
        try (var workbook = OPCPackage.open(new ByteArrayInputStream(bytes))) {
            var reader = new XSSFReader(workbook);
            var strings = new ReadOnlySharedStringsTable(workbook);
            var sheets = new ArrayList<Sheet>();
            var each = (XSSFReader.SheetIterator) reader.getSheetsData();
            while (each.hasNext() && sheets.size() < MOST_SHEETS) {
                try (InputStream in = each.next()) {
                    sheets.add(sheet(in, each.getSheetName(), reader, strings));
                }
            }
            return sheets;
        } catch (OpenXML4JException | IOException | SAXException | ParserConfigurationException | RuntimeException damaged) {
            throw damaged instanceof FormatException known ? known : new FormatException("is a workbook that is damaged or protected");
        }
    }

    private static Sheet sheet(InputStream in, String name, XSSFReader reader, ReadOnlySharedStringsTable strings)
            throws SAXException, ParserConfigurationException, IOException, OpenXML4JException {
        var rows = new Rows(name);
        var parser = XMLHelper.newXMLReader();
        parser.setContentHandler(
                new XSSFSheetXMLHandler(reader.getStylesTable(), null, strings, rows, new DataFormatter(java.util.Locale.ROOT), false));
        try {
            parser.parse(new InputSource(in));
        } catch (IllegalStateException enough) {
            // the rest of the sheet is left out
        }
        return new Sheet(name, rows.lines);
    }

    private static final class Rows implements XSSFSheetXMLHandler.SheetContentsHandler {
        private final String name;
        private final List<Line> lines = new ArrayList<>();
        private final List<String> cells = new ArrayList<>();

        private Rows(String name) {
            this.name = name;
        }

        @Override
        public void startRow(int row) {
            cells.clear();
            if (lines.size() >= MOST_ROWS) {
                throw new IllegalStateException("enough");
            }
        }

        @Override
        public void cell(@Nullable String reference, @Nullable String shown, @Nullable XSSFComment comment) {
            int column = reference == null ? cells.size() : new CellReference(reference).getCol();
            if (column >= MOST_COLUMNS || shown == null) {
                return;
            }
            while (cells.size() <= column) {
                cells.add("");
            }
            cells.set(column, TextSheets.plain(shown).replaceAll("\\s+", " ").strip());
        }

        @Override
        public void endRow(int row) {
            if (cells.stream().anyMatch(cell -> !cell.isEmpty())) {
                lines.add(new Line("sheet '" + name + "', row " + (row + 1), cells));
            }
        }
    }
}
