package yellowkite.core.chart;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.CellProposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.Counts;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.source.TextSheets;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

class ChartReaderTest {
    private static Proposal read(String chart) {
        return ChartReader.read(List.of(TextSheets.read(chart)), null, null);
    }

    private static ChannelProposal channel(Proposal proposal, int mode, String words) {
        return proposal.modes()
            .get(mode)
            .channels()
            .stream()
            .filter(each -> each.words().equals(words))
            .findFirst()
            .orElseThrow(() -> new AssertionError("no channel '" + words + "' in "
                    + proposal.modes().get(mode).channels().stream().map(ChannelProposal::words).toList()));
    }

    @Test
    void aColumnForEachModeAndADashWhereItLacksTheChannel() {
        var read = read("""
                Ketch 4 - DMX chart
                4 CH\t2 CH\tFunction\tDMX\tDescription
                CH1\tCH1\tPan\t000~255\t0…540°
                CH2\t-\tPan fine\t000~255\tfine adjustment
                CH3\tCH2\tDimmer\t000~255\t0 → 100 %
                CH4\t-\tZoom\t000~255\t6.0° → 42°
                """);

        assertThat(read.model()).isEqualTo("Ketch 4");
        assertThat(read.modes()).extracting(ModeProposal::name, ModeProposal::footprint)
            .containsExactly(tuple("4 CH", 4), tuple("2 CH", 2));
        assertThat(read.modes().get(0).channels()).extracting(ChannelProposal::addresses)
            .containsExactly(List.of(1, 2), List.of(3), List.of(4));
        assertThat(read.modes().get(1).channels()).extracting(ChannelProposal::addresses).containsExactly(List.of(1), List.of(2));
        assertThat(channel(read, 0, "Pan").functions())
            .extracting(FunctionProposal::from, FunctionProposal::to, FunctionProposal::physicalFrom, FunctionProposal::physicalTo)
            .containsExactly(tuple(0L, 65_535L, -270.0, 270.0));
        assertThat(read.unplaced()).isEmpty();
    }

    @Test
    void functionsAreSplitWhereTheMeaningChanges() {
        var shutter = channel(read("""
                Address\tName\tValue\tMeaning\tDefault
                1\tShutter\t0-19\tClosed\t32
                \t\t20-49\tOpen
                \t\t50-99\tStrobe 0.5 Hz to 20 Hz
                \t\t100-149\tOpening pulse, slow to fast
                \t\t150-199\tRandom strobe, fast to slow
                \t\t200-255\tOpen
                """), 0, "Shutter");

        assertThat(shutter.start()).isEqualTo(32);
        assertThat(shutter.functions())
            .extracting(FunctionProposal::attribute, FunctionProposal::from, FunctionProposal::to, FunctionProposal::physicalFrom,
                    FunctionProposal::physicalTo)
            .containsExactly(
                    tuple("Shutter1", 0L, 19L, 0.0, 0.0), tuple("Shutter1", 20L, 49L, 1.0, 1.0),
                    tuple("Shutter1Strobe", 50L, 99L, 0.5, 20.0), tuple("Shutter1StrobePulseOpen", 100L, 149L, 0.5, 10.0),
                    tuple("Shutter1StrobeRandom", 150L, 199L, 20.0, 0.5), tuple("Shutter1", 200L, 255L, 1.0, 1.0));
        assertThat(shutter.doubts()).as("what is assumed says so")
            .anyMatch(doubt -> doubt.contains("Opening pulse") && doubt.contains("assumed"));
    }

    @Test
    void aWheelComesOutOfItsRangesAndShakePointsAtTheSameSlots() {
        var read = read("""
                1;Gobo wheel;0-9;Open
                ;;10-19;Gobo 1 (Ferns)
                ;;20-29;Gobo 2 (Dots)
                ;;30-39;Gobo 1 shake, slow to fast
                ;;40-49;Gobo 2 shake, slow to fast
                ;;50-149;Clockwise scroll, fast to slow
                ;;150-159;Stop
                ;;160-255;No function
                """);
        var gobo = channel(read, 0, "Gobo wheel");

        assertThat(read.wheels())
            .containsExactly(new Proposal.WheelProposal("Gobo wheel 1", List.of("Open", "Gobo 1 (Ferns)", "Gobo 2 (Dots)")));
        assertThat(gobo.functions()).extracting(FunctionProposal::attribute, FunctionProposal::from, FunctionProposal::to)
            .containsExactly(tuple("Gobo1", 0L, 29L), tuple("Gobo1SelectShake", 30L, 49L), tuple("Gobo1WheelSpin", 50L, 149L),
                    tuple("Gobo1WheelSpin", 150L, 159L), tuple("NoFeature", 160L, 255L));
        assertThat(gobo.functions().get(1).ranges()).extracting(Proposal.RangeProposal::slot).containsExactly(2, 3);
        assertThat(gobo.functions().get(3).physicalFrom()).as("a stop turns at nothing").isZero();
    }

    @Test
    void neighboursAreEvidence() {
        var read = read("""
                1\tStatic gobo wheel\t0-127\tOpen
                \t\t128-255\tGobo 1
                2\tRotating gobo wheel\t0-127\tOpen
                \t\t128-255\tRotating gobo 1, index
                3\tGobo rotation\t0-127\tIndex 0 to 360 °
                \t\t128-255\tcw rotation, slow to fast
                4\tMacro\t0-255\tMacros 1 to 16
                5\tMacro speed\t0-255\tslow to fast
                """);

        assertThat(read.modes().getFirst().channels()).extracting(ChannelProposal::attribute)
            .containsExactly("Gobo1", "Gobo2", "Gobo2Pos", "Effects1", "Effects1Rate");
        assertThat(channel(read, 0, "Gobo rotation").why()).startsWith("'Gobo rotation' follows 'Rotating gobo wheel'");
    }

    @Test
    void conditionsInWordsAreConditions() {
        var read = read("""
                8 CH\tFunction\tValue\tMeaning
                1\tGobo wheel\t0-9\tOpen
                \t\t10-99\tGobo 1
                \t\t100-255\tGobo 2
                2\tGobo rotation\t0-255\tIf CH1 = 10~49 / 90~99: Index 0…360°
                \t\t0-127\tIf CH1 = 100~255: CW rotation, fast to slow
                \t\t128-255\tStop
                """);
        var rotation = channel(read, 0, "Gobo rotation").functions();

        assertThat(rotation).extracting(FunctionProposal::attribute, FunctionProposal::from, FunctionProposal::to, FunctionProposal::counts)
            .containsExactly(
                    tuple("Gobo1Pos", 0L, 255L, new Counts(1, 10, 49)), tuple("Gobo1Pos", 0L, 255L, new Counts(1, 90, 99)),
                    tuple("Gobo1PosRotate", 0L, 127L, new Counts(1, 100, 255)),
                    tuple("Gobo1PosRotate", 128L, 255L, new Counts(1, 100, 255)));
    }

    @Test
    void repeatedChannelsAreCells() {
        var chart = new StringBuilder("Channel,Function,Value\n1,Dimmer,0-255\n");
        int address = 2;
        for (int pixel = 1; pixel <= 4; pixel++) {
            for (var color : List.of("red", "green", "blue")) {
                chart.append(address++).append(",Pixel ").append(pixel).append(' ').append(color).append(",0-255\n");
            }
        }
        var channels = read(chart.toString()).modes().getFirst().channels();

        assertThat(channels).extracting(ChannelProposal::attribute, ChannelProposal::addresses, ChannelProposal::cell)
            .containsExactly(tuple("Dimmer", List.of(1), null),
                    tuple("ColorAdd_R", List.of(1), new CellProposal("Pixel", 4, 2, 3)),
                    tuple("ColorAdd_G", List.of(2), new CellProposal("Pixel", 4, 2, 3)),
                    tuple("ColorAdd_B", List.of(3), new CellProposal("Pixel", 4, 2, 3)));
    }

    @Test
    void sentencesAreRead() {
        var read = read("""
                Channel 1: Haze output. 0 to 255 = 0 % to 100 %
                Channel 2: Fan speed. 0 to 255 = 0 % to 100 %
                """);

        assertThat(read.modes().getFirst().channels()).extracting(ChannelProposal::addresses, ChannelProposal::attribute)
            .containsExactly(tuple(List.of(1), "Haze1"), tuple(List.of(2), "Fan1"));
        assertThat(channel(read, 0, "Fan speed").functions()).extracting(FunctionProposal::physicalFrom, FunctionProposal::physicalTo)
            .containsExactly(tuple(0.0, 100.0));
    }

    @Test
    void blocksAndAColumnOfModesAreModes() {
        var blocks = read("""
                Mode 1: 2 channels
                1\tDimmer\t0-255
                2\tZoom\t0-255
                Mode 2: 1 channel
                1\tDimmer\t0-255
                """);
        var column = read("""
                Mode;Channel;Function;Value
                Basic;1;Dimmer;0-255
                Basic;2;Zoom;0-255
                Full;1;Dimmer;0-255
                Full;2;Iris;0-255
                Full;3;Zoom;0-255
                """);

        assertThat(blocks.modes()).extracting(ModeProposal::name, ModeProposal::footprint)
            .containsExactly(tuple("Mode 1: 2 channels", 2), tuple("Mode 2: 1 channel", 1));
        assertThat(column.modes()).extracting(ModeProposal::name, ModeProposal::footprint)
            .containsExactly(tuple("Basic", 2), tuple("Full", 3));
    }

    @Test
    void startsAreSafeWhereTheChartIsSilentAndSaid() {
        var read = read("""
                1\tPan\t0-255\t540 °
                2\tShutter\t0-9\tclosed
                \t\t10-255\topen
                3\tRed\t0-255
                4\tGreen\t0-255
                5\tBlue\t0-255
                6\tDimmer\t0-255
                """);

        assertThat(read.modes().getFirst().channels()).extracting(ChannelProposal::start).containsExactly(128L, 10L, 255L, 255L, 255L, 0L);
        assertThat(channel(read, 0, "Pan").why()).endsWith("the chart names no start value, so it starts in the middle.");
    }

    @Test
    void nonsenseStaysNonsense() {
        var read = read("""
                1\tDimmer\t0-255
                2\tQuorzle drift\t0-255
                """);
        var nonsense = channel(read, 0, "Quorzle drift");

        assertThat(nonsense.attribute()).isNull();
        assertThat(nonsense.sure()).isZero();
        assertThat(nonsense.doubts()).containsExactly("'Quorzle drift' fits no attribute.");
    }

    @Test
    void aSlipOfTheManufacturerIsADoubt() {
        var read = read("""
                1\tPan\t0-255
                1\tTilt\t0-255
                2\tDimmer\t0-255
                """);

        assertThat(read.modes().getFirst().channels()).extracting(ChannelProposal::words).containsExactly("Pan", "Tilt", "Dimmer");
        assertThat(channel(read, 0, "Tilt").doubts()).contains("Address 1 is used by 'Pan' already.");
        assertThat(channel(read, 0, "Tilt").sure()).isLessThan(Proposal.SURE);
    }

    @Test
    void everyLineIsUsedOrListed() {
        var read = read("""
                Ketch 4 DMX chart
                Channel\tFunction\tValue\tMeaning
                1\tDimmer\t0-255\t0 to 100 %
                All rights of nobody
                page 2 of 3
                """);

        assertThat(read.unplaced()).extracting(each -> each.place() + ": " + each.text()).containsExactly("line 4: All rights of nobody");
    }

    @Test
    void anEmptyChartIsAnEmptyProposal() {
        assertThat(read("").modes()).isEmpty();
        assertThat(read("\n \t\n").modes()).isEmpty();
    }

    @Test
    void theDimmerOfAColourIsTheColourAndASecondOfOneAttributeIsADoubt() {
        var channels = read("""
                Ch1  Red dimmer       0 - 100%    0-255
                Ch2  Green dimmer     0 - 100%    0-255
                Ch3  Master dimmer    0 - 100%    0-255
                Ch4  Dimmer           0 - 100%    0-255
                """).modes().getFirst().channels();

        assertThat(channels).extracting(ChannelProposal::attribute).containsExactly("ColorAdd_R", "ColorAdd_G", "Dimmer", "Dimmer");
        assertThat(channels.get(2).doubts()).isEmpty();
        assertThat(channels.get(3).sure()).isLessThan(Proposal.SURE);
        assertThat(channels.get(3).doubts()).contains("'Master dimmer' is Dimmer already.");
    }

    @Test
    void aColumnThatOnlyCountsRowsIsNoMode() {
        var modes = read("""
                Ch.  Mode A (18)  Mode B (14)  Function        Range        Effect
                1    1            1            X axis          0 ... 255    0-540 deg
                2    2            -            X axis fine     0 ... 255
                3    3            2            Y axis          0 ... 255    0-250 deg
                """).modes();

        assertThat(modes).extracting(ModeProposal::name).containsExactly("Mode A (18)", "Mode B (14)");
        assertThat(modes.getFirst().channels()).extracting(ChannelProposal::attribute).containsExactly("Pan", "Tilt");
        assertThat(modes.getFirst().channels().get(1).functions().getFirst().physicalTo()).isEqualTo(125);
    }

    @Test
    void aColumnOfFineAddressesBelongsToTheChannel() {
        var channels = read("""
                Channel,16-bit,Function,DMX Value,Percent,Description
                1,2,Pan,0 - 255,0% - 100%,0 to 540 degree
                3,4,Tilt,0 - 255,0% - 100%,0 to 230 degree
                5,,Zoom,0 - 255,0% - 100%,8 to 40 degree
                """).modes().getFirst().channels();

        assertThat(channels).extracting(ChannelProposal::addresses).containsExactly(List.of(1, 2), List.of(3, 4), List.of(5));
    }

    @Test
    void rowsBelowASentenceAreItsValues() {
        var shutter = channel(read("""
                DMX\tHex\tPercent\tFunction
                Channel 1\tShutter
                0-15\t00-0F\t0-6%\tClosed
                16-255\t10-FF\t6-100%\tOpen
                Channel 2\tZoom
                0-255\t00-FF\t0-100%\t5° - 45°
                """), 0, "Shutter");

        assertThat(shutter.functions()).extracting(FunctionProposal::from, FunctionProposal::physicalFrom)
            .containsExactly(tuple(0L, 0.0), tuple(16L, 1.0));
    }

    @Test
    void theTitleNamesManufacturerAndModel() {
        var read = read("Tidewick - Coracle 12 (LED bar)\nChannel\tFunction\tValue\n1\tDimmer\t0-255\n");

        assertThat(List.of(String.valueOf(read.manufacturer()), String.valueOf(read.model()))).containsExactly("Tidewick", "Coracle 12");
    }

    @Test
    void aModeThatIsCalledAfterMoreAddressesThanThereAreSaysSo() {
        var channels = read("Mode 2 (36CH)\n1\tDimmer\t0-255\n2\tZoom\t0-255\n").modes().getFirst().channels();

        assertThat(channels.getLast().doubts()).contains("The mode is called 'Mode 2 (36CH)', and its last address here is 2.");
    }
}
