package yellowkite.media.chart;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.poi.xssf.usermodel.XSSFRichTextString;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.archive.FormatException;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.source.Sheet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** The same chart in every kind of file gives the same channels. */
class ChartFileTest {
    private static final List<List<String>> CHART = List.of(
            List.of("Channel", "Function", "Value", "Description"),
            List.of("1/2", "Pan", "0-255", "0 to 540 deg"),
            List.of("3", "Shutter", "0-19", "Closed"),
            List.of("", "", "20-49", "Open"),
            List.of("", "", "50-255", "Strobe 0.5 Hz to 20 Hz"),
            List.of("4", "Dimmer", "0-255", "0 to 100 %"),
            List.of("5", "Zoom", "0-255", "6 deg to 42 deg"));
    private static final float[] COLUMNS = {50, 110, 230, 310};

    private static PDDocument pdf(int pages) throws IOException {
        var document = new PDDocument();
        for (int page = 0; page < pages; page++) {
            var sheet = new PDPage();
            document.addPage(sheet);
            try (var content = new PDPageContentStream(document, sheet)) {
                for (int row = 0; page == 0 && row < CHART.size(); row++) {
                    for (int column = 0; column < COLUMNS.length; column++) {
                        content.beginText();
                        content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 9);
                        content.newLineAtOffset(COLUMNS[column], 700 - 14 * row);
                        content.showText(CHART.get(row).get(column));
                        content.endText();
                    }
                }
            }
        }
        return document;
    }

    private static byte[] bytes(PDDocument document) throws IOException {
        var out = new ByteArrayOutputStream();
        try (document) {
            document.save(out);
        }
        return out.toByteArray();
    }

    private static void isTheChart(List<Sheet> sheets) {
        var proposal = ChartReader.read(sheets, null, null);

        assertThat(proposal.modes()).hasSize(1);
        var channels = proposal.modes().getFirst().channels();
        assertThat(channels).extracting(ChannelProposal::attribute).containsExactly("Pan", "Shutter1", "Dimmer", "Zoom");
        assertThat(channels).extracting(ChannelProposal::addresses).containsExactly(List.of(1, 2), List.of(3), List.of(4), List.of(5));
        assertThat(channels.get(1).functions()).extracting(Proposal.FunctionProposal::from).containsExactly(0L, 20L, 50L);
        assertThat(channels.get(3).functions().getFirst().physicalTo()).isEqualTo(42);
    }

    @Test
    void pagesOfAPdf() throws IOException {
        var sheets = ChartFile.read(bytes(pdf(1)));

        isTheChart(sheets);
        assertThat(sheets.getFirst().lines().get(1).place()).isEqualTo("page 1, line 2");
    }

    /** A workbook by another program's hand: what its table shows is what is read. */
    @Test
    void cellsOfAWorkbookAreReadAsTheyAreShown() throws IOException {
        var out = new ByteArrayOutputStream();
        try (var workbook = new XSSFWorkbook()) {
            var row = workbook.createSheet("Cells").createRow(4);
            double[] numbers = {0.5, 0.125, 7, 255, 2.5, 1e10, 45_231};
            String[] forms = {"0%", "0.0%", "000", "General", "0.00", "General", "d-mmm"};
            for (int i = 0; i < numbers.length; i++) {
                var style = workbook.createCellStyle();
                style.setDataFormat(workbook.createDataFormat().getFormat(forms[i]));
                row.createCell(i).setCellValue(numbers[i]);
                row.getCell(i).setCellStyle(style);
            }
            row.createCell(8).setCellFormula("100+28");
            row.createCell(9).setCellFormula("\"Open\"&\"ed\"");
            row.createCell(10).setCellValue(new XSSFRichTextString("Strobe\n slow to  fast"));
            workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();
            workbook.write(out);
        }

        var sheet = ChartFile.read(out.toByteArray()).getFirst();

        assertThat(sheet.lines()).singleElement().satisfies(line -> {
            assertThat(line.place()).isEqualTo("sheet 'Cells', row 5");
            assertThat(line.cells()).containsExactly("50%", "12.5%", "007", "255", "2.50", "10000000000", "2023-11-01", "", "128",
                    "Opened", "Strobe slow to fast");
        });
    }

    @Test
    void aWorkbook() throws IOException {
        var out = new ByteArrayOutputStream();
        try (var workbook = new XSSFWorkbook()) {
            var sheet = workbook.createSheet("Modes");
            for (int row = 0; row < CHART.size(); row++) {
                var cells = sheet.createRow(row);
                for (int column = 0; column < COLUMNS.length; column++) {
                    cells.createCell(column).setCellValue(CHART.get(row).get(column));
                }
            }
            workbook.write(out);
        }
        var sheets = ChartFile.read(out.toByteArray());

        isTheChart(sheets);
        assertThat(sheets.getFirst().lines().get(1).place()).isEqualTo("sheet 'Modes', row 2");
    }

    @Test
    void aTableOfHtmlWithCellsThatSpanRows() {
        isTheChart(ChartFile.read("""
                <!doctype html><html><body><h1>Ketch</h1><table>
                <tr><th>Channel</th><th>Function</th><th>Value</th><th>Description</th></tr>
                <tr><td>1/2</td><td>Pan</td><td>0-255</td><td>0 to 540 deg</td></tr>
                <tr><td rowspan="3">3</td><td rowspan="3">Shutter</td><td>0&ndash;19</td><td>Closed</td></tr>
                <tr><td>20&ndash;49</td><td>Open</td></tr>
                <tr><td>50&ndash;255</td><td>Strobe 0.5&nbsp;Hz to 20&nbsp;Hz</td></tr>
                <tr><td>4</td><td>Dimmer</td><td>0-255</td><td>0 to 100 %</td></tr>
                <tr><td>5</td><td>Zoom</td><td>0-255</td><td>6 deg to 42 deg</td></tr>
                </table></body></html>
                """.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void textInTheSpellingsOfItsDay() {
        var chart = String.join("\n", CHART.stream().map(row -> String.join("\t", row).replace(" deg", "\u00B0")).toList());

        isTheChart(ChartFile.read(chart.getBytes(StandardCharsets.UTF_8)));
        isTheChart(ChartFile.read(chart.getBytes(java.nio.charset.Charset.forName("windows-1252"))));
        isTheChart(ChartFile.read(("\uFEFF" + chart).getBytes(StandardCharsets.UTF_16LE)));
    }

    @Test
    void aPdfThatIsLockedIsRefusedInWords() throws IOException {
        var document = pdf(1);
        document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));

        assertThatThrownBy(() -> ChartFile.read(bytes(document))).isInstanceOf(FormatException.class)
            .hasMessage("is locked with a password");
    }

    @Test
    void pagesWithoutTextAreRefusedInWords() throws IOException {
        var empty = new PDDocument();
        empty.addPage(new PDPage());

        assertThatThrownBy(() -> ChartFile.read(bytes(empty))).isInstanceOf(FormatException.class)
            .hasMessageStartingWith("holds pictures of text and no text");
    }

    @Test
    void tooManyPagesAreRefusedInWords() throws IOException {
        var thick = bytes(pdf(5_000));

        assertThatThrownBy(() -> ChartFile.read(thick)).isInstanceOf(FormatException.class)
            .hasMessage("has 5000 pages; up to 200 are read");
    }

    @ParameterizedTest
    @ValueSource(strings = {"%PDF-1.7\nnothing of the kind", "PK\u0003\u0004cut short"})
    void damagedFilesAreRefused(String content) {
        assertThatThrownBy(() -> ChartFile.read(content.getBytes(StandardCharsets.ISO_8859_1))).isInstanceOf(FormatException.class);
    }

    @Test
    void anEmptyFileIsRefused() {
        assertThatThrownBy(() -> ChartFile.read(new byte[0])).isInstanceOf(FormatException.class).hasMessage("holds no text");
    }
}
