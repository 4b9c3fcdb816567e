package yellowkite.core.chart.layout;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.CellProposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.chart.source.TextSheets;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

/** What charts leave out, write apart, or say with one letter. */
class PassedOverTest {
    private static Proposal read(String chart) {
        return ChartReader.read(List.of(TextSheets.read(chart)), null, null);
    }

    private static List<ChannelProposal> channels(String chart) {
        return read(chart).modes().getFirst().channels();
    }

    @Test
    void dotsBetweenCountedRowsStandForTheRowsBetween() {
        var gobo = channels(
                "1\tGobo wheel\t0-9\tOpen\n\t\t10-19\tGobo 1\n\t\t20-29\tGobo 2\n\t\t...\t...\n\t\t50-59\tGobo 5\n\t\t60-255\tNo function")
            .getFirst();

        assertThat(gobo.functions().getFirst().ranges()).extracting(RangeProposal::name, RangeProposal::from, RangeProposal::to)
            .containsExactly(
                    tuple("Open", 0L, 9L), tuple("Gobo 1", 10L, 19L), tuple("Gobo 2", 20L, 29L), tuple("Gobo 3", 30L, 39L),
                    tuple("Gobo 4", 40L, 49L), tuple("Gobo 5", 50L, 59L));
        assertThat(gobo.doubts()).isEmpty();
    }

    @Test
    void dotsThatCannotBeCountedOnAreADoubt() {
        assertThat(channels("1\tColour wheel\t0-9\tOpen\n\t\t10-19\tRed\n\t\t...\t\n\t\t70-79\tPink").getFirst().doubts()).singleElement()
            .asString()
            .startsWith("Line 3 passes over values");
        assertThat(channels("1\tGobo wheel\t0-9\tGobo 1\n\t\t10-19\tGobo 2\n\t\t...\t\n\t\t75-79\tGobo 5").getFirst().doubts())
            .as("55 values are no two steps")
            .hasSize(1);
    }

    @Test
    void dotsBetweenCellsStandForTheCellsBetween() {
        var channels = channels(
                "1: Dimmer 0..255\n2: Pixel 1 red\n3: Pixel 1 green\n4: Pixel 2 red\n5: Pixel 2 green\n...\n16: Pixel 8 red\n17: Pixel 8 green");

        assertThat(channels.get(1).cell()).isEqualTo(new CellProposal("Pixel", 8, 2, 2));
        assertThat(read("1: Dimmer 0..255\n2: Pixel 1 red\n3: Pixel 2 red\n...\n9: Pixel 8 red").unplaced()).as("the dots are placed")
            .isEmpty();
        assertThat(read("1: Dimmer 0..255\n2: Pixel 1 red\n3: Pixel 2 red\n...\n12: Pixel 8 red").unplaced())
            .as("addresses that leave no room for just these")
            .hasSize(1);
    }

    @Test
    void aColumnSaysWhichByteARowIs() {
        var channels = channels("Address\tName\tCoarse/Fine\tValue\n1\tDimmer\tCoarse\t0-255\n2\tDimmer\tFine\t0-255\n3\tZoom\t\t0-255");

        assertThat(channels).extracting(ChannelProposal::addresses).containsExactly(List.of(1, 2), List.of(3));
    }

    @Test
    void bytesThatStandApartAreJoinedByName() {
        var channels = channels("1\tPan\t0-255\n2\tTilt\t0-255\n3\tPan fine\t0-255\n4\tTilt fine\t0-255\n5\tDimmer\t0-255");

        assertThat(channels).extracting(ChannelProposal::attribute, ChannelProposal::addresses)
            .containsExactly(tuple("Pan", List.of(1, 3)), tuple("Tilt", List.of(2, 4)), tuple("Dimmer", List.of(5)));
    }

    @Test
    void aLetterAloneIsNeverSure() {
        assertThat(channels("1\tX\t0-255\n2\tY\t0-255\n3\tDimmer\t0-255")).extracting(ChannelProposal::attribute)
            .containsExactly("Pan", "Tilt", "Dimmer");
        assertThat(channels("1\tX\t0-255\n2\tY\t0-255\n3\tDimmer\t0-255")).filteredOn(ChannelProposal::wantsAPerson).hasSize(2);
        assertThat(channels("1\tC\t0-255\n2\tM\t0-255\n3\tY\t0-255").getLast().attribute()).isEqualTo("ColorSub_Y");
    }

    @Test
    void thousandsOfKelvinsAndSecondsToHold() {
        var channels = channels("1\tCTC\t0-9\tOff\n\t\t10-255\t10 000 K to 2.500 K\n2\tControl\t0-199\t-\n\t\t200-255\tReset (3 sec.)");

        assertThat(channels.getFirst().functions())
            .extracting(FunctionProposal::attribute, FunctionProposal::physicalFrom, FunctionProposal::physicalTo)
            .containsExactly(tuple("NoFeature", 0.0, 0.0), tuple("CTC", 10_000.0, 2_500.0));
        assertThat(channels.getLast().functions()).extracting(FunctionProposal::attribute)
            .containsExactly("NoFeature", "FixtureGlobalReset");
        assertThat(channels.getLast().functions().getLast().physicalTo()).as("three seconds are how long to hold it").isEqualTo(1);
    }

    @Test
    void valuesMayStandBelowTheNameOfTheirChannel() {
        var read = read("""
                M1  M2  Function                  Type of control
                1   1   Pan                       8 bit
                        0-255  Pan movement by 540°  proportional
                *   2   Pan fine                  16 bit
                        0-255  Fine control       proportional
                2   3   Gobo wheel
                        0-9    Open               step
                        Gobos that turn
                        10-19  Gobo 1             step
                        100-199 Gobo 1 shake from slow to fast  proportional
                3   4   Cyan
                        0-255  Cyan (0 - white, 255 - 100 % cyan)  proportional
                """);

        assertThat(read.modes()).extracting(mode -> mode.channels().stream().map(ChannelProposal::addresses).toList())
            .containsExactly(List.of(List.of(1), List.of(2), List.of(3)), List.of(List.of(1, 2), List.of(3), List.of(4)));
        var gobo = read.modes().getFirst().channels().get(1);
        assertThat(gobo.functions()).extracting(FunctionProposal::attribute, FunctionProposal::from, FunctionProposal::to)
            .containsExactly(tuple("Gobo1", 0L, 19L), tuple("Gobo1SelectShake", 100L, 199L));
        assertThat(gobo.doubts()).as("a heading among values may change what they mean")
            .anyMatch(doubt -> doubt.startsWith("Line 8 stands among its values"));
        assertThat(read.unplaced()).singleElement().satisfies(line -> assertThat(line.text()).isEqualTo("Gobos that turn"));
        assertThat(read.modes().getFirst().channels().getLast().functions())
            .extracting(FunctionProposal::physicalFrom, FunctionProposal::physicalTo)
            .containsExactly(tuple(0.0, 1.0));
    }

    @Test
    void aLampThatIsStruckIsNotReset() {
        assertThat(channels("1\tControl\t0-129\tReserved\n\t\t130-139\tLamp on, reset (hold 3 s)\n\t\t140-255\tStrobe-effect").getFirst()
            .functions()).extracting(FunctionProposal::attribute).contains("LampControl").doesNotContain("FixtureGlobalReset");
        assertThat(
                channels("1\tShutter\t0-9\tClosed\n\t\t10-199\tStrobe-effect from slow to fast\n\t\t200-255\tOpen").getFirst().functions())
            .extracting(FunctionProposal::attribute)
            .containsExactly("Shutter1", "Shutter1Strobe", "Shutter1");
    }

    @Test
    void startValuesMayStandInALineOrBehindAMeaning() {
        var read = read("Address\tName\tValue\n1\tDimmer\t0-255\n2\tRed\t0-255\n3\tGreen\t0-255\nDefaults: Dimmer 10, Red/Green 50 %");

        assertThat(read.modes().getFirst().channels()).extracting(ChannelProposal::start).containsExactly(10L, 128L, 128L);
        assertThat(read.unplaced()).isEmpty();
        assertThat(read("Address\tName\tValue\n1\tDimmer\t0-255\nDefaults: Dimmer 10, Whirl 3").unplaced()).as("a name that is no channel")
            .hasSize(1);
        assertThat(channels("Ch 1 - Pan, 0-255: 0 to 540°, default 100\nCh 2 - Dimmer, 0-255: 0 to 100 %").getFirst().start())
            .isEqualTo(100);
    }

    @Test
    void aColumnOfPercentAndAddressesThatNameTheirBytes() {
        var read = read(
                "DMX Channel,Parameter,DMX %,Action\n1 (MSB) / 2 (LSB),Pan,0-100%,-315° to +315°\n3,Colour wheel,0-49%,Open\n,,50-74%,\"CW rotation, fast-slow\"\n,,75-100%,\"CCW rotation, slow-fast\"\n4,Shaper 1A,0-100%,\n5,Blade 1 rot,0-100%,");

        assertThat(read.modes().getFirst().channels()).extracting(ChannelProposal::attribute, ChannelProposal::addresses)
            .containsExactly(tuple("Pan", List.of(1, 2)), tuple("Color1", List.of(3)), tuple("Blade1A", List.of(4)),
                    tuple("Blade1Rot", List.of(5)));
        assertThat(read.modes().getFirst().channels().get(1).functions().get(1))
            .satisfies(spin -> assertThat(spin.physicalFrom()).as("fast first").isGreaterThan(spin.physicalTo()));
        assertThat(read("Address\tName\tValue\nWhat is this\tPan\t0-255\n2\tTilt\t0-255\n3\tZoom\t0-255\n4\tFocus\t0-255").unplaced())
            .as("nothing below a heading is a title")
            .hasSize(1);
    }

    @Test
    void aConditionBesideTheNameHoldsForAllRows() {
        var turns = channels(
                "Ch 4: Gobo. 0-15 open; 16-63 gobo 1\nCh 5: Gobo rotation (while Ch 4 is 16-63). 0-127 index 0-360°; 128-255 rotation, 0.5 rpm to 60 rpm")
            .getLast();

        assertThat(turns.functions()).hasSize(2).allSatisfy(each -> assertThat(each.counts()).isEqualTo(new Proposal.Counts(4, 16, 63)));
    }

    @Test
    void bothEndsMayBeSaidOneByOne() {
        var channels = channels(
                "Channel 1: Cyan. 0 = open, 255 = full cyan.\nChannel 2: CTO. 0 = 6500 K, 255 = 2800 K.\nChannel 3: Dimmer. DMX 0 = closed, 255 = open.");

        assertThat(channels)
            .extracting(ChannelProposal::words, each -> each.functions().getFirst().physicalFrom(),
                    each -> each.functions().getFirst().physicalTo())
            .containsExactly(
                    tuple("Cyan", 0.0, 1.0), tuple("CTO", 6_500.0, 2_800.0), tuple("Dimmer", 0.0, 1.0));
        assertThat(channels(
                "1\tDimmer\t0-255\t0 = closed, 255 = open\n2\tZoom\t0-255\tBig to small 5-50 deg\n3\tPan/Tilt speed\t0-255\tfast to slow (0.2 s - 25 s)")
            .get(1)
            .functions()
            .getFirst()).satisfies(zoom -> assertThat(zoom.physicalFrom()).isEqualTo(50),
                    zoom -> assertThat(zoom.physicalTo()).isEqualTo(5));
    }

    @Test
    void aSlotKeepsTheNumbersOfItsName() {
        assertThat(read("1\tColour wheel\t0-9\tOpen\n\t\t10-127\tColours 2 to 13\n\t\t128-255\tRainbow, slow to fast").wheels()
            .getFirst()
            .slots()).containsExactly("Open", "Colours 2 to 13");
    }

    @Test
    void aTextThatBeginsWithValuesIsParted() {
        assertThat(Values.leading("96-135 Gobo 3 shake")).contains(new Values.Leading("96-135", "Gobo 3 shake"));
        assertThat(Values.leading("0x10..0x1F: Red")).contains(new Values.Leading("0x10..0x1F", "Red"));
        assertThat(Values.leading("Gobo 3")).isEmpty();
        assertThat(Values.leading("0-127")).isEmpty();
    }
}
