package yellowkite.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.demo.charts.ChartCorpus;
import yellowkite.demo.charts.CorpusScore;
import yellowkite.media.chart.ChartFile;

/** {@code ./kite measure chart}: how much of the corpus is read right without a touch, and how long reading takes. */
public final class ChartMeasure {
    private static final int WARM = 60;
    private static final int TIMED = 60;
    private static final int CHANNELS = 60;
    private static final int PAGES = 40;
    private static final int LINES = 50;
    private static final double TEXT_BUDGET_MILLIS = 50;
    private static final double PDF_BUDGET_MILLIS = 5_000;

    private ChartMeasure() {}

    public static void main(String[] arguments) throws IOException {
        shares();
        text();
        pdf();
    }

    private static void shares() {
        var layouts = new LinkedHashMap<String, CorpusScore>();
        var all = new CorpusScore();
        for (var each : ChartCorpus.cases()) {
            layouts.computeIfAbsent(each.layout(), none -> new CorpusScore()).add(each);
            all.add(each);
        }
        layouts.forEach(ChartMeasure::print);
        print("all", all);
        System.out.printf(Locale.ROOT, "wrong and sure: %d (budget 0)%n", all.sureAndWrong().size());
        all.wrong().forEach(each -> System.out.println("  not right: " + each));
    }

    private static void print(String name, CorpusScore score) {
        System.out.printf(Locale.ROOT, "%-36s channels %5.1f %% (95)  boundaries %5.1f %% (95)  physical ends %5.1f %% (90)%n", name,
                100 * score.channels(), 100 * score.boundaries(), 100 * score.ends());
    }

    private static void text() {
        var chart = new StringBuilder("Channel\tFunction\tValue\tDescription\n");
        var channels = ChartCorpus.fixtures().getFirst().channels();
        for (int address = 1; address <= CHANNELS; address++) {
            var channel = channels.get((address - 1) % channels.size());
            for (int i = 0; i < channel.rows().size(); i++) {
                var row = channel.rows().get(i);
                chart.append(i == 0 ? address + "\t" + channel.words() : "\t")
                    .append('\t')
                    .append(row.from())
                    .append('-')
                    .append(row.to())
                    .append('\t')
                    .append(row.words())
                    .append('\n');
            }
        }
        var text = chart.toString();
        var times = new ArrayList<Long>();
        for (int i = 0; i < WARM + TIMED; i++) {
            long begun = System.nanoTime();
            ChartReader.read(List.of(TextSheets.read(text)), null, null);
            times.add(System.nanoTime() - begun);
        }
        var timed = times.subList(WARM, times.size()).stream().sorted().toList();
        System.out.printf(Locale.ROOT, "text of %d channels, %d lines: median %.1f ms, first call %.0f ms (budget %.0f)%n", CHANNELS,
                text.lines().count(), millis(timed.get(TIMED / 2)), millis(times.getFirst()), TEXT_BUDGET_MILLIS);
    }

    private static void pdf() throws IOException {
        var bytes = pages();
        long begun = System.nanoTime();
        var sheets = ChartFile.read(bytes);
        ChartReader.read(sheets, null, null);
        long took = System.nanoTime() - begun;
        var runtime = Runtime.getRuntime();
        System.out.printf(Locale.ROOT,
                "PDF of %d pages, %d rows with lines around each cell: %.0f ms (budget %.0f), heap %d MB of at most %d%n", PAGES,
                sheets.stream().mapToInt(each -> each.lines().size()).sum(), millis(took), PDF_BUDGET_MILLIS,
                runtime.totalMemory() >> 20, runtime.maxMemory() >> 20);
    }

    private static byte[] pages() throws IOException {
        float[] columns = {40, 80, 200, 270};
        float right = 560;
        try (var document = new PDDocument()) {
            for (int number = 0; number < PAGES; number++) {
                var page = new PDPage();
                document.addPage(page);
                try (var content = new PDPageContentStream(document, page)) {
                    content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 8);
                    for (int line = 0; line < LINES; line++) {
                        float y = 750 - 14 * line;
                        int address = number * LINES + line;
                        var cells = List.of(line % 4 == 0 ? String.valueOf(1 + address / 4) : "",
                                line % 4 == 0 ? "Gobo wheel " + (1 + address / 4) : "", line % 4 * 64 + "-" + (line % 4 * 64 + 63),
                                "Gobo " + (1 + line % 4) + " shake, slow to fast (1 to 5 Hz)");
                        for (int column = 0; column < columns.length; column++) {
                            content.beginText();
                            content.newLineAtOffset(columns[column] + 3, y);
                            content.showText(cells.get(column));
                            content.endText();
                            line(content, columns[column], y - 4, columns[column], y + 10);
                        }
                        line(content, columns[0], y + 10, right, y + 10);
                        line(content, columns[0], y - 4, right, y - 4);
                    }
                }
            }
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static void line(PDPageContentStream content, float x1, float y1, float x2, float y2) throws IOException {
        content.moveTo(x1, y1);
        content.lineTo(x2, y2);
        content.stroke();
    }

    private static double millis(long nanos) {
        return nanos / (double) TimeUnit.MILLISECONDS.toNanos(1);
    }
}
