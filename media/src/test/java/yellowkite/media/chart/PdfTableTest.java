package yellowkite.media.chart;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import static org.assertj.core.api.Assertions.assertThat;

/** Tables as manufacturers print them, all of one content: what is read does not depend on how they are drawn. */
class PdfTableTest {
    private static PdfTable chart() {
        return PdfTable.columns(40, 40, 70, 60, 130)
            .row("12 CH", "9 CH", "Function", "DMX", "Description")
            .row("1", "1", "Pan", "0-255", "0 deg to 540 deg")
            .row("2", "-", "Pan fine", "0-255", "")
            .row("3", "2", "Shutter and strobe", "0-19", "Closed")
            .row("", "", "", "20-49", "Open, which is also the value that the fixture starts at")
            .row("", "", "", "50-255", "Strobe, slow to fast (0.5 Hz to 20 Hz), with the light at full in between")
            .row("4", "3", "Dimmer", "0-255", "0 to 100 %")
            .row("5", "4", "Colour wheel", "0-9", "Open")
            .row("", "", "", "10-19", "Red")
            .row("", "", "", "20-255", "Deep blue")
            .row("6", "5", "Zoom", "0-255", "6 deg to 42 deg");
    }

    private static Proposal read(PdfTable table) {
        return ChartReader.read(ChartFile.read(table.pdf()), null, null);
    }

    private static void isTheChart(Proposal proposal) {
        assertThat(proposal.unplaced()).isEmpty();
        assertThat(proposal.modes()).extracting(Proposal.ModeProposal::name).containsExactly("12 CH", "9 CH");
        var channels = proposal.modes().getFirst().channels();
        assertThat(channels).extracting(ChannelProposal::attribute).containsExactly("Pan", "Shutter1", "Dimmer", "Color1", "Zoom");
        assertThat(channels).extracting(ChannelProposal::addresses)
            .containsExactly(List.of(1, 2), List.of(3), List.of(4), List.of(5), List.of(6));
        assertThat(proposal.modes().get(1).channels()).extracting(ChannelProposal::addresses)
            .containsExactly(List.of(1), List.of(2), List.of(3), List.of(4), List.of(5));
        assertThat(channels.get(1).words()).isEqualTo("Shutter and strobe");
        assertThat(channels.get(1).functions()).extracting(FunctionProposal::from).containsExactly(0L, 20L, 50L);
        assertThat(channels.get(1).functions().getLast().physicalTo()).isEqualTo(20);
        assertThat(proposal.wheels()).singleElement()
            .extracting(Proposal.WheelProposal::slots)
            .isEqualTo(List.of("Open", "Red", "Deep blue"));
    }

    @Test
    void linesAroundEachCell() {
        isTheChart(read(chart()));
    }

    @Test
    void cellsThatAreMergedOverSeveralRowsWithTheirTextInTheMiddle() {
        isTheChart(read(chart().mergedInTheFirst(3).centred()));
    }

    @Test
    void linesAcrossThePageAlone() {
        isTheChart(read(chart().lines(true, false).centred()));
        isTheChart(read(chart().lines(true, false)));
    }

    @Test
    void noLinesAtAll() {
        isTheChart(read(chart().lines(false, false)));
    }

    @Test
    void aPageIsDrawnAndItsLinesStandWhereTheyAre() throws IOException {
        var pdf = chart().pdf();

        var picture = ImageIO.read(new ByteArrayInputStream(PdfPages.png(pdf, 1).orElseThrow()));
        assertThat(picture.getWidth()).isBetween(1_190, 1_210);
        assertThat(PdfPages.count(pdf)).isEqualTo(1);
        assertThat(PdfPages.png(pdf, 2)).isEmpty();
        assertThat(PdfPages.count("no pdf at all".getBytes(java.nio.charset.StandardCharsets.US_ASCII))).isZero();
        var lines = PdfPages.lines(pdf, 1);
        assertThat(lines).hasSize(11);
        // 52 points of 792 lie above the table; its first row is 17.5 points high
        assertThat(lines.getFirst().top()).isCloseTo(52 / 792.0, org.assertj.core.data.Offset.offset(0.003));
        assertThat(lines.getFirst().height()).isCloseTo(17.5 / 792, org.assertj.core.data.Offset.offset(0.003));
        assertThat(lines).extracting(PdfPages.PageLine::place).startsWith("page 1, line 1", "page 1, line 2");
        assertThat(PdfPages.lines(pdf, 7)).isEmpty();
    }
}
