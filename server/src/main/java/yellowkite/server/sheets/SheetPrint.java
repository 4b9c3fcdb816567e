package yellowkite.server.sheets;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.media.paper.Lettering;
import yellowkite.media.paper.QrCode;

/**
 * A mode on paper, to be taped inside the lid of a case: a table with addresses large at the left, a row for each function with a bar to
 * scale, its named ranges below it. Every row has its line and every column its place, so that programs can read it, too. Measures in
 * points, from the bottom left; this is one thing because every part shares the pen and the page.
 */
final class SheetPrint {
    private static final float MARGIN = 36;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    /** Where columns begin, from the left margin. */
    private static final float CHANNEL = 50;
    private static final float PART = 142;
    private static final float START = 194;
    private static final float VALUES = 230;
    private static final float DOES = 300;
    private static final float SCALE = 470;
    private static final float GAP = 6;
    private static final float INDENT = 6;
    private static final float LINE = 11;
    private static final float QR = 54;
    private static final Color INK = new Color(0x1B2226);
    private static final Color QUIET = new Color(0x5A666D);
    private static final Color RULE = new Color(0xC9C9C2);
    private static final Color FAINT = new Color(0xE2E2DC);
    private static final Color BAR = new Color(0xE4E1D8);

    private final PDDocument document = new PDDocument();
    private final Lettering letters;
    private final ModeSheet sheet;
    private final SheetFacts facts;
    private final List<PDPage> pages = new ArrayList<>();
    private PDPageContentStream pen;
    private float y;

    private SheetPrint(ModeSheet sheet, SheetFacts facts) throws IOException {
        this.sheet = sheet;
        this.facts = facts;
        this.letters = Lettering.on(document);
        this.pen = page();
    }

    /** {@return the sheet as a PDF of A4 pages} */
    static byte[] of(ModeSheet sheet, SheetFacts facts) {
        try {
            return new SheetPrint(sheet, facts).print();
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
    }

    private byte[] print() throws IOException {
        document.getDocumentInformation().setTitle(facts.title() + ", " + sheet.mode());
        head();
        for (var line : sheet.lines()) {
            channel(line);
        }
        pen.close();
        for (int i = 0; i < pages.size(); i++) {
            try (var foot = new PDPageContentStream(document, pages.get(i), PDPageContentStream.AppendMode.APPEND, true)) {
                pen = foot;
                text(MARGIN, 22, 8, QUIET,
                        facts.title() + " · " + sheet.mode() + " · revision " + facts.revision() + " of " + facts.date());
                var count = (i + 1) + " / " + pages.size();
                text(MARGIN + WIDTH - letters.width(count, 8), 22, 8, QUIET, count);
            }
        }
        var out = new ByteArrayOutputStream();
        document.save(out);
        document.close();
        return out.toByteArray();
    }

    private PDPageContentStream page() throws IOException {
        var page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        pages.add(page);
        y = PDRectangle.A4.getHeight() - MARGIN;
        return new PDPageContentStream(document, page);
    }

    private void head() throws IOException {
        float top = y;
        QrCode.draw(pen, facts.link(), MARGIN + WIDTH, top, QR);
        text(MARGIN, top - 16, 18, INK, letters.fitted(facts.title(), 18, WIDTH - QR - 12));
        text(MARGIN, top - 34, 13, INK, letters.fitted(
                sheet.mode() + ": " + sheet.footprint() + (sheet.footprint() == 1 ? " address" : " addresses"), 13, WIDTH - QR - 12));
        var held = facts.firmware().isEmpty() ? "" : ", from firmware " + facts.firmware();
        text(MARGIN, top - 49, 9, QUIET, letters.fitted("Revision " + facts.revision() + " of " + facts.date() + held
                + (sheet.description().isEmpty() ? "" : ". " + sheet.description()), 9, WIDTH - QR - 12));
        y = top - QR - 8;
        if (!facts.warns().isEmpty()) {
            text(MARGIN, y, 10, new Color(0xB3261E), letters.fitted("Withdrawn: " + facts.warns(), 10, WIDTH));
            y -= 14;
        }
        rule(0, INK, 1.2f);
        captions();
    }

    private void captions() throws IOException {
        y -= 11;
        text(MARGIN, y, 8, QUIET, "Address");
        text(MARGIN + CHANNEL, y, 8, QUIET, "Channel");
        text(MARGIN + PART, y, 8, QUIET, "Part");
        text(MARGIN + START, y, 8, QUIET, "Start");
        text(MARGIN + VALUES, y, 8, QUIET, "Values");
        text(MARGIN + DOES, y, 8, QUIET, "Function");
        y -= 4;
        rule(0, INK, 0.6f);
    }

    private void channel(ModeSheet.ChannelLine line) throws IOException {
        var functions = line.functions().stream().map(each -> letters.wrapped(says(each), 8.5f, SCALE - DOES - GAP)).toList();
        room((functions.isEmpty() ? 1 : functions.getFirst().size()) * LINE + 10);
        float top = y;
        text(MARGIN, top - 12, 12, INK, line.virtual() ? "–" : line.addresses());
        text(MARGIN + CHANNEL, top - 12, 10.5f, INK, letters.fitted(line.pretty(), 10.5f, PART - CHANNEL - GAP));
        text(MARGIN + PART, top - 12, 8.5f, QUIET, letters.fitted(line.part(), 8.5f, START - PART - GAP));
        text(MARGIN + START, top - 12, 8.5f, QUIET, String.valueOf(line.start()));
        if (!line.cells().isEmpty()) {
            text(MARGIN + CHANNEL, top - 21, 7.5f, QUIET,
                    letters.fitted(line.cells().size() + " cells, at " + shown(line.cells()), 7.5f, START - CHANNEL - GAP));
        }
        for (int i = 0; i < functions.size(); i++) {
            function(line, line.functions().get(i), functions.get(i), i == 0 && !line.cells().isEmpty());
        }
        y = functions.isEmpty() ? y - 2 * LINE - 4 : y;
        rule(0, RULE, 0.8f);
    }

    private static String shown(List<Integer> cells) {
        var first = cells.subList(0, Math.min(6, cells.size())).stream().map(String::valueOf).toList();
        return String.join(", ", first) + (cells.size() > first.size() ? " ..." : "");
    }

    private static String says(ModeSheet.FunctionLine span) {
        return span.name() + (span.meaning().isEmpty() ? "" : ", " + span.meaning()) + (span.when().isEmpty() ? "" : ", " + span.when());
    }

    private void function(ModeSheet.ChannelLine line, ModeSheet.FunctionLine span, List<String> says, boolean besideCells)
            throws IOException {
        float high = Math.max(says.size() * LINE, besideCells ? 2 * LINE : 0) + 6;
        room(high);
        text(MARGIN + VALUES, y - 12, 8.5f, INK, stretch(span.from(), span.to()));
        for (int i = 0; i < says.size(); i++) {
            text(MARGIN + DOES, y - 12 - i * LINE, 8.5f, INK, says.get(i));
        }
        float right = WIDTH - SCALE;
        float max = DmxValue.max(line.bytes());
        pen.setNonStrokingColor(BAR);
        pen.addRect(MARGIN + SCALE + right * span.from() / max, y - 13, Math.max(1.5f, right * (span.to() - span.from()) / max), 9);
        pen.fill();
        y -= high;
        for (var part : span.parts()) {
            var name = part.name() + (part.slot().isEmpty() || part.slot().endsWith(" " + part.name()) ? "" : " (" + part.slot() + ")")
                    + (part.meaning().isEmpty() ? "" : ", " + part.meaning());
            var words = letters.wrapped(name, 8, SCALE - DOES - INDENT - GAP);
            room(words.size() * (LINE - 1) + 4);
            rule(VALUES, FAINT, 0.4f);
            text(MARGIN + VALUES + INDENT, y - 9, 8, QUIET, stretch(part.from(), part.to()));
            for (int i = 0; i < words.size(); i++) {
                text(MARGIN + DOES + INDENT, y - 9 - i * (LINE - 1), 8, INK, words.get(i));
            }
            y -= words.size() * (LINE - 1) + 3;
        }
        rule(VALUES, FAINT, 0.4f);
    }

    private static String stretch(long from, long to) {
        return from == to ? String.valueOf(from) : from + "–" + to;
    }

    /** Begins a new page if less than that is left. */
    private void room(float height) throws IOException {
        if (y - height < MARGIN) {
            rule(0, RULE, 0.8f);
            pen.close();
            pen = page();
            captions();
        }
    }

    private void rule(float from, Color color, float thick) throws IOException {
        pen.setStrokingColor(color);
        pen.setLineWidth(thick);
        pen.moveTo(MARGIN + from, y);
        pen.lineTo(MARGIN + WIDTH, y);
        pen.stroke();
    }

    private void text(float x, float at, float size, Color color, String words) throws IOException {
        letters.text(pen, x, at, size, color, words);
    }
}
