package yellowkite.core.chart.source;

import java.util.List;
import org.junit.jupiter.api.Test;
import static org.assertj.core.api.Assertions.assertThat;

class TextSheetsTest {
    private static List<List<String>> cells(String text) {
        return TextSheets.read(text).lines().stream().map(Sheet.Line::cells).toList();
    }

    @Test
    void tabsSemicolonsAndBarsPartCells() {
        assertThat(cells("1\tPan\t0-255\n\t\t\n2\tTilt\t0-255")).containsExactly(List.of("1", "Pan", "0-255"),
                List.of("2", "Tilt", "0-255"));
        assertThat(cells("1;Pan, fine;0-255\n2;Tilt;0-255")).containsExactly(List.of("1", "Pan, fine", "0-255"),
                List.of("2", "Tilt", "0-255"));
        assertThat(cells("|1|Pan|\n|2|Tilt|")).containsExactly(List.of("", "1", "Pan", ""), List.of("", "2", "Tilt", ""));
    }

    @Test
    void quotedCellsHoldCommasQuotesAndEndsOfLines() {
        assertThat(cells("1,\"Pan, \"\"wide\"\"\",0-255\n2,\"Tilt\nof the head\",0-255\n3,Zoom,0-255")).containsExactly(
                List.of("1", "Pan, \"wide\"", "0-255"), List.of("2", "Tilt of the head", "0-255"), List.of("3", "Zoom", "0-255"));
    }

    @Test
    void columnsOfSpacesStandWhereManyLinesBegin() {
        assertThat(cells("""
                1   Shutter   0-19    Closed
                              20-255  Open
                2   Pan       0-255   Left to right
                """)).containsExactly(List.of("1", "Shutter", "0-19", "Closed"), List.of("", "", "20-255", "Open"),
                List.of("2", "Pan", "0-255", "Left to right"));
    }

    @Test
    void whatIsIndentedBelowAColumnBelongsToIt() {
        assertThat(cells("""
                1   Gobo wheel  0-39    Still
                                  0-19    Open
                                  20-39   Reeds
                2   Zoom        0-255   Wide to narrow
                """)).containsExactly(List.of("1", "Gobo wheel", "0-39", "Still"), List.of("", "", "0-19", "Open"),
                List.of("", "", "20-39", "Reeds"), List.of("2", "Zoom", "0-255", "Wide to narrow"));
    }

    @Test
    void twoNarrowColumnsThatAreBothFilledStayTwo() {
        assertThat(cells("""
                A   B   Pan
                1   -   Pan fine
                    2   Tilt
                3   3   Dimmer
                """)).contains(List.of("1", "-", "Pan fine"), List.of("", "2", "Tilt"), List.of("3", "3", "Dimmer"));
    }

    @Test
    void typographicSpacesAndUnseenMarksAreOnlySpaces() {
        assertThat(cells("1\t\u202BPan\u00A0fine\uFEFF\t0\u2009-\u2009255")).containsExactly(List.of("1", "Pan fine", "0 - 255"));
    }

    @Test
    void placesCountTheLinesOfTheFile() {
        assertThat(TextSheets.read("a\n\n\nb").lines()).extracting(Sheet.Line::place).containsExactly("line 1", "line 4");
    }

    @Test
    void tenMillionCommasEndSoon() {
        var lines = TextSheets.read(",".repeat(10_000_000)).lines();

        assertThat(lines.stream().mapToInt(line -> line.cells().size()).max().orElse(0)).isLessThanOrEqualTo(64);
    }
}
