package yellowkite.server.sheets;

import static yellowkite.media.paper.Pages.INK;
import static yellowkite.media.paper.Pages.MARGIN;
import static yellowkite.media.paper.Pages.QUIET;
import static yellowkite.media.paper.Pages.RULE;
import static yellowkite.media.paper.Pages.WIDTH;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.shape.Views;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.media.paper.Lettering;
import yellowkite.media.paper.OutlinePrint;
import yellowkite.media.paper.Pages;
import yellowkite.media.paper.QrCode;

/**
 * A mode on paper, to be taped inside the lid of a case: a table with addresses large at the left, a row for each function with a bar to
 * scale, its named ranges below it. Every row has its line and every column its place, so that programs can read it, too. Measures in
 * points, from the bottom left; this is one thing because every part shares the pages.pen() and the page.
 */
final class SheetPrint {
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
    private static final Color FAINT = new Color(0xE2E2DC);
    private static final Color BAR = new Color(0xE4E1D8);

    private final Pages pages;
    private final Lettering letters;
    private final ModeSheet sheet;
    private final SheetFacts facts;
    private final List<List<Views.Outline>> drawn;

    private SheetPrint(ModeSheet sheet, SheetFacts facts, List<List<Views.Outline>> drawn) throws IOException {
        this.drawn = drawn;
        this.sheet = sheet;
        this.facts = facts;
        this.pages = Pages.called(facts.title() + ", " + sheet.mode());
        this.letters = pages.letters();
    }

    /** {@return the sheet as a PDF of A4 pages} @param front the body from the front; @param side and from its left */
    static byte[] of(ModeSheet sheet, SheetFacts facts, List<Views.Outline> front, List<Views.Outline> side) {
        try {
            return new SheetPrint(sheet, facts, List.of(front, side)).print();
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
    }

    private byte[] print() throws IOException {
        head();
        for (var line : sheet.lines()) {
            channel(line);
        }
        return pages.done(facts.title() + " · " + sheet.mode() + " · revision " + facts.revision() + " of " + facts.date());
    }

    private void head() throws IOException {
        float top = pages.y();
        QrCode.draw(pages.pen(), facts.link(), MARGIN + WIDTH, top, QR);
        float words = WIDTH - QR - 12;
        for (var each : drawn) {
            words -= OutlinePrint.draw(pages.pen(), each, MARGIN + words, top, QR);
        }
        pages.text(MARGIN, top - 16, 18, INK, letters.fitted(facts.title(), 18, words));
        pages.text(MARGIN, top - 34, 13, INK, letters.fitted(
                sheet.mode() + ": " + sheet.footprint() + (sheet.footprint() == 1 ? " address" : " addresses"), 13, words));
        var held = facts.firmware().isEmpty() ? "" : ", from firmware " + facts.firmware();
        pages.text(MARGIN, top - 49, 9, QUIET, letters.fitted("Revision " + facts.revision() + " of " + facts.date() + held
                + (sheet.description().isEmpty() ? "" : ". " + sheet.description()), 9, words));
        if (!facts.proven().isEmpty()) {
            pages.text(MARGIN, top - 60, 9, QUIET, letters.fitted(facts.proven(), 9, words));
        }
        pages.moveTo(top - QR - 8);
        if (!facts.warns().isEmpty()) {
            pages.text(MARGIN, pages.y(), 10, new Color(0xB3261E), letters.fitted("Withdrawn: " + facts.warns(), 10, WIDTH));
            pages.down(14);
        }
        pages.rule(0, INK, 1.2f);
        captions();
    }

    private void captions() throws IOException {
        pages.down(11);
        pages.text(MARGIN, pages.y(), 8, QUIET, "Address");
        pages.text(MARGIN + CHANNEL, pages.y(), 8, QUIET, "Channel");
        pages.text(MARGIN + PART, pages.y(), 8, QUIET, "Part");
        pages.text(MARGIN + START, pages.y(), 8, QUIET, "Start");
        pages.text(MARGIN + VALUES, pages.y(), 8, QUIET, "Values");
        pages.text(MARGIN + DOES, pages.y(), 8, QUIET, "Function");
        pages.down(4);
        pages.rule(0, INK, 0.6f);
    }

    private void channel(ModeSheet.ChannelLine line) throws IOException {
        var functions = line.functions().stream().map(each -> letters.wrapped(says(each), 8.5f, SCALE - DOES - GAP)).toList();
        room((functions.isEmpty() ? 1 : functions.getFirst().size()) * LINE + 10);
        float top = pages.y();
        pages.text(MARGIN, top - 12, 12, INK, line.virtual() ? "–" : line.addresses());
        pages.text(MARGIN + CHANNEL, top - 12, 10.5f, INK, letters.fitted(line.pretty(), 10.5f, PART - CHANNEL - GAP));
        pages.text(MARGIN + PART, top - 12, 8.5f, QUIET, letters.fitted(line.part(), 8.5f, START - PART - GAP));
        pages.text(MARGIN + START, top - 12, 8.5f, QUIET, String.valueOf(line.start()));
        if (!line.cells().isEmpty()) {
            pages.text(MARGIN + CHANNEL, top - 21, 7.5f, QUIET,
                    letters.fitted(line.cells().size() + " cells, at " + shown(line.cells()), 7.5f, START - CHANNEL - GAP));
        }
        for (int i = 0; i < functions.size(); i++) {
            function(line, line.functions().get(i), functions.get(i), i == 0 && !line.cells().isEmpty());
        }
        pages.moveTo(functions.isEmpty() ? pages.y() - 2 * LINE - 4 : pages.y());
        pages.rule(0, RULE, 0.8f);
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
        pages.text(MARGIN + VALUES, pages.y() - 12, 8.5f, INK, stretch(span.from(), span.to()));
        for (int i = 0; i < says.size(); i++) {
            pages.text(MARGIN + DOES, pages.y() - 12 - i * LINE, 8.5f, INK, says.get(i));
        }
        float right = WIDTH - SCALE;
        float max = DmxValue.max(line.bytes());
        pages.pen().setNonStrokingColor(BAR);
        pages.pen()
            .addRect(MARGIN + SCALE + right * span.from() / max, pages.y() - 13, Math.max(1.5f, right * (span.to() - span.from()) / max),
                    9);
        pages.pen().fill();
        pages.down(high);
        for (var part : span.parts()) {
            var name = part.name() + (part.slot().isEmpty() || part.slot().endsWith(" " + part.name()) ? "" : " (" + part.slot() + ")")
                    + (part.meaning().isEmpty() ? "" : ", " + part.meaning());
            var words = letters.wrapped(name, 8, SCALE - DOES - INDENT - GAP);
            room(words.size() * (LINE - 1) + 4);
            pages.rule(VALUES, FAINT, 0.4f);
            pages.text(MARGIN + VALUES + INDENT, pages.y() - 9, 8, QUIET, stretch(part.from(), part.to()));
            for (int i = 0; i < words.size(); i++) {
                pages.text(MARGIN + DOES + INDENT, pages.y() - 9 - i * (LINE - 1), 8, INK, words.get(i));
            }
            pages.down(words.size() * (LINE - 1) + 3);
        }
        pages.rule(VALUES, FAINT, 0.4f);
    }

    private static String stretch(long from, long to) {
        return from == to ? String.valueOf(from) : from + "–" + to;
    }

    /** Begins a new page if less than that is left. */
    private void room(float height) throws IOException {
        if (!pages.hasRoom(height)) {
            pages.rule(0, RULE, 0.8f);
            pages.turn();
            captions();
        }
    }
}
