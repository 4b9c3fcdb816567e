package yellowkite.server.bench;

import static yellowkite.media.paper.Pages.INK;
import static yellowkite.media.paper.Pages.MARGIN;
import static yellowkite.media.paper.Pages.QUIET;
import static yellowkite.media.paper.Pages.RULE;
import static yellowkite.media.paper.Pages.WIDTH;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.function.Function;
import yellowkite.core.bench.Walk.Verdict;
import yellowkite.media.paper.Pages;
import yellowkite.server.bench.WalkRecord.RecordedStep;

/** A walk on paper: what was walked, what was found, every step, and the photographs. Measures in points, from the bottom left. */
final class RecordPrint {
    private static final float CHANNEL = 34;
    private static final float DMX = 210;
    private static final float SHOWS = 256;
    private static final float ANSWER = 400;
    private static final float LINE = 12;
    private static final float PHOTO = 230;
    private final Pages pages;
    private final WalkRecord record;

    private RecordPrint(WalkRecord record) throws IOException {
        this.record = record;
        this.pages = Pages.called(title(record));
    }

    private static String title(WalkRecord record) {
        return record.manufacturer() + " " + record.profile() + ", " + record.mode() + ", walked on "
                + record.startedAt().toLocalDate();
    }

    /** {@return the record as a PDF} @param photos each as a PNG, by its hash */
    static byte[] of(WalkRecord record, Function<String, byte[]> photos) {
        try {
            return new RecordPrint(record).print(photos);
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
    }

    private byte[] print(Function<String, byte[]> photos) throws IOException {
        head();
        if (!record.causes().isEmpty()) {
            heading("Causes");
            for (var each : record.causes()) {
                paragraph(each.says() + " Explains " + each.steps() + (each.steps() == 1 ? " step." : " steps."));
            }
        }
        if (!record.differing().isEmpty()) {
            heading("Steps that differ");
            for (var each : record.differing()) {
                step(each);
            }
        }
        heading("All steps");
        for (var each : record.steps()) {
            step(each);
        }
        photographs(photos);
        return pages.done(title(record));
    }

    private void head() throws IOException {
        pages.down(18);
        line(18, true, record.manufacturer() + " " + record.profile() + ", " + record.mode());
        line(9, false, "Revision " + record.revision() + ", walked on " + record.startedAt().toLocalDate() + " by " + record.author()
                + ("hand".equals(record.instruments()) ? ", by hand" : ", by instruments"));
        line(9, false, (record.fixtureSerial().isEmpty() ? "No serial number" : "Serial number " + record.fixtureSerial())
                + (record.firmware().isEmpty() ? "" : ", firmware " + record.firmware())
                + (record.footprint() == null ? "" : ", " + record.footprint() + " slots"));
        line(11, true, record.count(Verdict.AGREES) + " steps agree, " + record.count(Verdict.DIFFERS) + " differ, "
                + record.count(Verdict.CANNOT_TELL) + " cannot be told");
        if (!record.notes().isEmpty()) {
            paragraph(record.notes());
        }
    }

    private void line(float size, boolean ink, String words) throws IOException {
        pages.text(MARGIN, pages.y(), size, ink ? INK : QUIET, pages.letters().fitted(words, size, WIDTH));
        pages.down(size + 6);
    }

    private void heading(String words) throws IOException {
        room(3 * LINE);
        pages.down(8);
        line(12, true, words);
        pages.rule(0, RULE, 0.8f);
        pages.down(LINE);
    }

    private void paragraph(String words) throws IOException {
        for (var each : pages.letters().wrapped(words, 9, WIDTH)) {
            room(LINE);
            pages.text(MARGIN, pages.y(), 9, INK, each);
            pages.down(LINE);
        }
    }

    private void step(RecordedStep step) throws IOException {
        room(LINE);
        var where = step.channel().isEmpty() ? step.kind().name().toLowerCase(Locale.ROOT)
                : step.channel() + (step.range() == null ? "" : ", " + step.range());
        put(0, CHANNEL, String.valueOf(step.number()), false);
        put(CHANNEL, DMX, where, true);
        put(DMX, SHOWS, step.channel().isEmpty() ? "" : String.valueOf(step.dmx()), false);
        put(SHOWS, ANSWER, step.shows(), true);
        var more = step.seen().isEmpty() || step.verdict() == Verdict.AGREES ? step.reason() : step.seen();
        put(ANSWER, WIDTH, words(step.verdict()) + (more.isEmpty() ? "" : ": " + more), step.verdict() == Verdict.DIFFERS);
        pages.down(LINE);
    }

    private static String words(Verdict verdict) {
        return switch (verdict) {
            case AGREES -> "agrees";
            case DIFFERS -> "differs";
            case CANNOT_TELL -> "cannot tell";
        };
    }

    private void put(float from, float to, String words, boolean ink) throws IOException {
        pages.text(MARGIN + from, pages.y(), 8, ink ? INK : QUIET, pages.letters().fitted(words, 8, to - from - 6));
    }

    private void photographs(Function<String, byte[]> photos) throws IOException {
        if (record.photographs().isEmpty()) {
            return;
        }
        heading("Photographs");
        for (var each : record.photographs()) {
            room(PHOTO + 2 * LINE);
            pages.down(PHOTO);
            pages.fitted(photos.apply(each.sha256()), MARGIN, pages.y(), WIDTH, PHOTO);
            pages.down(LINE);
            pages.text(MARGIN, pages.y(), 8, QUIET, pages.letters().fitted(each.name(), 8, WIDTH));
            pages.down(LINE);
        }
    }

    /** Begins a new page if less than that is left. */
    private void room(float height) throws IOException {
        if (!pages.hasRoom(height)) {
            pages.turn();
            pages.down(LINE);
        }
    }
}
