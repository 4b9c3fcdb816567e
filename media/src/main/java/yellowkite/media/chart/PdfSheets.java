package yellowkite.media.chart;

import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import yellowkite.core.archive.FormatException;
import yellowkite.core.chart.source.Aligned;
import yellowkite.core.chart.source.Aligned.Piece;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.media.chart.PdfRows.Row;
import yellowkite.media.chart.PdfRows.TextLine;

/** The pages of a PDF that hold text. Where the words stand is all that a page says of its columns. */
final class PdfSheets {
    private static final int MOST_PAGES = 200;
    private static final int MOST_LINES = 20_000;
    /** Words farther apart than that many widths of their letters stand in two cells. */
    private static final double CELL_GAP = 1.6;
    private static final double SAME_LINE = 0.5;
    private static final double TOLERANCE = 4;

    private PdfSheets() {}

    static List<Sheet> read(byte[] bytes) {
        try (var document = Loader.loadPDF(bytes)) {
            if (document.getNumberOfPages() > MOST_PAGES) {
                throw new FormatException("has " + document.getNumberOfPages() + " pages; up to " + MOST_PAGES + " are read");
            }
            var lines = new ArrayList<List<Piece>>();
            var places = new ArrayList<String>();
            for (int page = 1; page <= document.getNumberOfPages() && lines.size() < MOST_LINES; page++) {
                var found = rows(document, page);
                for (int i = 0; i < found.size(); i++) {
                    lines.add(found.get(i).pieces());
                    places.add(place(page, i));
                }
            }
            if (lines.isEmpty()) {
                throw new FormatException("holds pictures of text and no text; a page that was scanned cannot be read");
            }
            return List.of(sheet(lines, places));
        } catch (InvalidPasswordException locked) {
            throw new FormatException("is locked with a password");
        } catch (IOException | RuntimeException damaged) {
            throw damaged instanceof FormatException known ? known : new FormatException("is a PDF that is cut short or damaged");
        }
    }

    /** {@return how a line is called; {@code index} counts from 0} */
    static String place(int page, int index) {
        return "page " + page + ", line " + (index + 1);
    }

    /** {@return the rows of a page from its top down, the first page being 1} */
    static List<Row> rows(PDDocument document, int page) throws IOException {
        var rules = PdfRules.of(document.getPage(page - 1));
        var words = new Words(rules);
        words.setSortByPosition(true);
        words.setStartPage(page);
        words.setEndPage(page);
        words.writeText(document, Writer.nullWriter());
        return PdfRows.of(words.inOrder(), rules);
    }

    /** All pages at once: a table that runs over several has its columns in the same places. */
    private static Sheet sheet(List<List<Piece>> lines, List<String> places) {
        var cells = Aligned.cells(lines, TOLERANCE);
        var result = new ArrayList<Line>();
        for (int i = 0; i < cells.size(); i++) {
            result.add(new Line(places.get(i),
                    cells.get(i).stream().map(cell -> TextSheets.plain(cell).replaceAll("\\s+", " ").strip()).toList()));
        }
        return new Sheet("", result);
    }

    /** Gathers the words of one page with their positions. */
    private static final class Words extends PDFTextStripper {
        private final PdfRules rules;
        private final List<List<Piece>> lines = new ArrayList<>();
        private final List<Double> bases = new ArrayList<>();
        private final List<Double> tallest = new ArrayList<>();

        private Words(PdfRules rules) {
            this.rules = rules;
        }

        @Override
        protected void writeString(String text, List<TextPosition> positions) {
            for (var position : positions) {
                add(position);
            }
        }

        private void add(TextPosition at) {
            var text = at.getUnicode();
            if (text == null || text.isBlank()) {
                return;
            }
            double y = at.getYDirAdj();
            int line = lineAt(y, at.getHeightDir());
            tallest.set(line, Math.max(tallest.get(line), at.getHeightDir()));
            var pieces = lines.get(line);
            double start = at.getXDirAdj();
            double end = start + at.getWidthDirAdj();
            var last = pieces.isEmpty() ? null : pieces.getLast();
            double letter = Math.max(1.5, at.getWidthOfSpace());
            if (last != null && start >= last.start() && start - last.end() < CELL_GAP * letter
                    && !rules.parts(last.end(), start, y - at.getHeightDir() / 2)) {
                boolean space = start - last.end() > 0.35 * letter;
                pieces.set(pieces.size() - 1, new Piece(last.start(), Math.max(end, last.end()), last.text() + (space ? " " : "") + text));
            } else {
                pieces.add(new Piece(start, end, text));
            }
        }

        private int lineAt(double y, double height) {
            for (int i = lines.size() - 1; i >= Math.max(0, lines.size() - 60); i--) {
                if (Math.abs(bases.get(i) - y) <= Math.max(1, height * SAME_LINE)) {
                    return i;
                }
            }
            lines.add(new ArrayList<>());
            bases.add(y);
            tallest.add(height);
            return lines.size() - 1;
        }

        private List<TextLine> inOrder() {
            return IntStream.range(0, lines.size())
                .boxed()
                .sorted(Comparator.comparingDouble(bases::get))
                .map(i -> new TextLine(bases.get(i), tallest.get(i), lines.get(i)))
                .toList();
        }
    }
}
