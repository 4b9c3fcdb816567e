package yellowkite.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import yellowkite.core.Lamps;

class ModeSheetTest {
    private final ModeSheet sheet = ModeSheet.of(Lamps.spot(), Lamps.mode(Lamps.spot()));

    private ModeSheet.ChannelLine line(String attribute) {
        return sheet.lines().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow();
    }

    @Test
    void linesStandInTheOrderOfAddresses() {
        assertThat(sheet.lines()).extracting(ModeSheet.ChannelLine::first).isSorted();
        assertThat(line("Pan").addresses()).isEqualTo("1–2");
        assertThat(line("Pan").bytes()).isEqualTo(2);
    }

    @Test
    void rangesSayWhatTheyBringInAndMean() {
        var still = line("Gobo1").functions().getFirst();

        assertThat(still.parts()).extracting(part -> part.from() + "-" + part.to() + " " + part.name() + " " + part.slot()).containsExactly("0-19 Open 1 Open", "20-39 Dots 2 Dots", "40-99 Bars 3 Bars");
        assertThat(line("Gobo1").functions().getLast().parts().getFirst().meaning()).isEqualTo("0.5 Hz to 6 Hz");
    }

    @Test
    void conditionsAreSaidInTheMastersOwnWidth() {
        assertThat(line("Shutter1").functions()).anySatisfy(function -> assertThat(function.when()).startsWith("while Base_StrobeMode is "));
    }

    @Test
    void repeatedChannelsHaveOneLineWithTheirCells() {
        var type = Lamps.nestedCells();

        assertThat(ModeSheet.of(type, Lamps.mode(type)).lines()).anySatisfy(each -> assertThat(each.cells()).hasSizeGreaterThan(1));
    }

    @Test
    void flatRowsAreAsWideAsTheirHeader() {
        assertThat(SheetRows.of(sheet)).allSatisfy(row -> assertThat(row).hasSameSizeAs(SheetRows.HEADER));
        assertThat(SheetRows.of(sheet)).anySatisfy(row -> assertThat(row).startsWith("1–2", "Pan"));
    }
}
