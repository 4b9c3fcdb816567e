package yellowkite.media.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

class PatchPrintTest {
    private static final Found MOTH = Found.chosen("moth", "Lumbrook", "Moth", "Nine", new TreeMap<>(Map.of(1, 9)));

    private static Unit unit(int number) {
        return Unit.of(f -> {
            f.id = String.valueOf(100 + number);
            f.name = "Rail " + number;
            f.found = MOTH;
            f.position = "Front rail";
            f.number = number;
            f.addresses = List.of(new Patch(1, new At(1 + number / 50, 1 + number % 50 * 9), 9));
        });
    }

    private static String printed(Rig rig, PatchPrint.Order order, String... headings) throws IOException {
        var columns = PatchPrint.Column.of(List.of(headings));
        try (var document = Loader.loadPDF(PatchPrint.of(rig, order, columns, "http://127.0.0.1:8080/rigs/1"))) {
            return document.getNumberOfPages() + " pages\n" + new PDFTextStripper().getText(document);
        }
    }

    private static Rig rig(int units) {
        return Rig.EMPTY.withName("Summer").withUnits(IntStream.range(0, units).mapToObj(PatchPrintTest::unit).toList());
    }

    @Test
    void everyUnitStandsUnderItsUniverse() throws IOException {
        var text = printed(rig(120), PatchPrint.Order.UNIVERSE);

        assertThat(text).startsWith("3 pages").contains("120 units, 3 universes", "Universe 1", "Universe 3", "50 rows, 450 addresses");
        assertThat(IntStream.range(0, 120)).allMatch(i -> text.contains("Rail " + i + " "));
    }

    @Test
    void orUnderItsPosition() throws IOException {
        assertThat(printed(rig(3), PatchPrint.Order.POSITION)).contains("Front rail", "3 rows, 27 addresses", "Moth, Nine");
        assertThat(printed(rig(3), PatchPrint.Order.ID)).contains("All units");
    }

    @Test
    void columnsAreChosen() throws IOException {
        var turned = rig(1).withUnits(List.of(unit(1).with(f -> {
            f.layer = "Overhead";
            f.adjustments = Adjustments.NONE.with("Pan", Adjustments.ChannelAdjustment.NONE.withInvert(true));
        })));

        assertThat(printed(turned, PatchPrint.Order.ID, "Layer", "Path")).contains("Overhead", "Inverted: Pan")
            .doesNotContain("Moth, Nine");
        assertThat(printed(turned, PatchPrint.Order.ID)).contains("Moth, Nine").doesNotContain("Overhead");
    }

    @Test
    void anEmptyRigIsAPage() throws IOException {
        assertThat(printed(rig(0), PatchPrint.Order.ID)).startsWith("1 pages").contains("0 units, 0 universes");
    }

    @Test
    void namesOfAnyLengthAreCut() throws IOException {
        var long1 = rig(1).withUnits(List.of(unit(1).with(f -> {
            f.name = "Ω".repeat(5_000);
            f.note = "漢\u0000" + "x".repeat(9_000);
        })));

        assertThat(printed(long1, PatchPrint.Order.UNIVERSE)).startsWith("1 pages").contains("...");
    }
}
