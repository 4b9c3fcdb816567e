package yellowkite.core.chart.correct;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.Reading;
import yellowkite.core.chart.correct.Correction.ChooseAddresses;
import yellowkite.core.chart.correct.Correction.ChooseAttribute;
import yellowkite.core.chart.correct.Correction.ChooseEnds;
import yellowkite.core.chart.correct.Correction.ChooseFunctionAttribute;
import yellowkite.core.chart.correct.Correction.ChooseStart;
import yellowkite.core.chart.correct.Correction.JoinFunction;
import yellowkite.core.chart.correct.Correction.MakeChannel;
import yellowkite.core.chart.correct.Correction.MoveBoundary;
import yellowkite.core.chart.correct.Correction.PlaceLine;
import yellowkite.core.chart.correct.Correction.SetAside;
import yellowkite.core.chart.correct.Correction.Settle;
import yellowkite.core.chart.correct.Correction.SplitFunction;
import yellowkite.core.chart.correct.Correction.TakeBack;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.source.TextSheets;
import static org.assertj.core.api.Assertions.assertThat;

class CorrectionsTest {
    private static final String CHART = """
            Full\tShort\tFunction\tDMX\tDescription
            1\t1\tShutter\t0-19\tClosed
            \t\t\t20-49\tOpen
            \t\t\t50-255\tStrobe 1 Hz to 20 Hz
            2\t2\tDimmer\t0-255\t0 to 100 %
            3\t-\tWhatnot\t0-127\tLow
            \t\t\t128-255\tHigh
            4\t3\tZoom\t0-255\tNarrow to wide
            x5\t\tFrost\t0-255\t0 to 100 %
            """;

    private static Reading read(Correction... said) {
        return ChartReader.read(List.of(TextSheets.read(CHART)), null, null, new Corrections(List.of(said)));
    }

    private static ChannelProposal channel(Reading reading, int mode, String words) {
        return reading.proposal()
            .modes()
            .get(mode)
            .channels()
            .stream()
            .filter(each -> each.words().equals(words))
            .findFirst()
            .orElseThrow();
    }

    private static List<String> spans(ChannelProposal channel) {
        return channel.functions().stream().map(each -> each.from() + "-" + each.to() + " " + each.attribute()).toList();
    }

    @Test
    void withoutAWordTheChartIsReadAsEver() {
        assertThat(read().proposal()).isEqualTo(ChartReader.read(List.of(TextSheets.read(CHART)), null, null));
    }

    @Test
    void aChosenAttributeHoldsInEachModeThatHasTheChannel() {
        var reading = read(new ChooseAttribute("line 5", "Dimmer"), new ChooseAttribute("line 8", "Focus1"));

        assertThat(channel(reading, 0, "Zoom").attribute()).isEqualTo("Focus1");
        assertThat(channel(reading, 1, "Zoom").attribute()).isEqualTo("Focus1");
        assertThat(channel(reading, 1, "Zoom").sure()).isEqualTo(1);
    }

    @Test
    void aChannelMovesInOneModeAlone() {
        var reading = read(new ChooseAddresses("line 8", 1, List.of(7, 8)));

        assertThat(channel(reading, 0, "Zoom").addresses()).containsExactly(4);
        assertThat(channel(reading, 1, "Zoom").addresses()).containsExactly(7, 8);
        assertThat(channel(reading, 1, "Zoom").functions().getLast().to()).as("the span grows with the width").isEqualTo(65_535);
    }

    @Test
    void aLineIsLaidOntoAChannelByHand() {
        assertThat(read().open()).extracting(each -> each.place()).containsExactly("line 9");

        var reading = read(new PlaceLine("line 9", "line 6", "200-255", "Reset, hold 3 s"));

        assertThat(reading.open()).isEmpty();
        assertThat(channel(reading, 0, "Whatnot").places()).contains("line 9");
    }

    @Test
    void aLineBecomesAChannelOfItsOwn() {
        var reading = read(new MakeChannel("line 9", 0, List.of(5), "Frost"));

        assertThat(reading.open()).isEmpty();
        assertThat(channel(reading, 0, "Frost").attribute()).isEqualTo("Frost1");
        assertThat(channel(reading, 0, "Frost").addresses()).containsExactly(5);
        assertThat(reading.proposal().modes().getFirst().footprint()).isEqualTo(5);
    }

    @Test
    void whatIsSetAsideIsGoneUntilItIsTakenBack() {
        var aside = new SetAside(List.of("line 9", "line 6"), "no function in this firmware");
        var reading = read(aside);

        assertThat(reading.open()).isEmpty();
        assertThat(reading.aside()).containsEntry("line 6", "no function in this firmware");
        assertThat(reading.proposal().modes().getFirst().channels()).noneMatch(each -> each.words().equals("Whatnot"));
        assertThat(read(aside, new TakeBack("line 6")).proposal().modes().getFirst().channels())
            .anyMatch(each -> each.words().equals("Whatnot"));
    }

    @Test
    void aFunctionIsSplitWhereItsLineIsAtThatValue() {
        var strobe = channel(read(new SplitFunction("line 2", 2, 153)), 0, "Shutter").functions();

        assertThat(strobe).extracting(FunctionProposal::from).containsExactly(0L, 20L, 50L, 153L);
        // 1 Hz at 50 to 20 Hz at 255: 19 / 205 Hz a step
        assertThat(strobe.get(2).physicalTo()).isCloseTo(1 + 102 * 19 / 205.0, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(strobe.get(3).physicalFrom()).isCloseTo(1 + 103 * 19 / 205.0, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(strobe.get(3).physicalTo()).isEqualTo(20);
    }

    @Test
    void joinedFunctionsKeepTheirWordsAsRanges() {
        var shutter = channel(read(new JoinFunction("line 2", 1)), 0, "Shutter").functions();

        assertThat(shutter).extracting(each -> each.from() + "-" + each.to()).containsExactly("0-49", "50-255");
        assertThat(shutter.getFirst().ranges()).extracting(each -> each.from() + " " + each.name()).containsExactly("0 Closed", "20 Open");
    }

    @Test
    void aBoundaryMovesBothItsSides() {
        assertThat(spans(channel(read(new MoveBoundary("line 2", 1, 16)), 0, "Shutter"))).containsExactly("0-15 Shutter1", "16-49 Shutter1",
                "50-255 Shutter1Strobe");
        assertThat(spans(channel(read(new MoveBoundary("line 2", 1, 50)), 0, "Shutter"))).as("past its own end it stays")
            .isEqualTo(spans(channel(read(), 0, "Shutter")));
    }

    @Test
    void endsThatAreTypedAreAssumedNoMore() {
        assertThat(channel(read(), 0, "Zoom").doubts()).anyMatch(each -> each.contains("assumed"));

        var zoom = channel(read(new ChooseEnds("line 8", 0, 6, 42)), 0, "Zoom");

        assertThat(zoom.functions().getFirst().physicalTo()).isEqualTo(42);
        assertThat(zoom.doubts()).isEmpty();
    }

    @Test
    void aFunctionGetsAnotherAttributeWithItsUsualEnds() {
        var strobe = channel(read(new ChooseFunctionAttribute("line 2", 2, "Shutter1StrobeRandom")), 0, "Shutter").functions().get(2);

        assertThat(strobe.attribute()).isEqualTo("Shutter1StrobeRandom");
        assertThat(strobe.assumed()).isTrue();
    }

    @Test
    void aStartValueIsWhatWasTyped() {
        assertThat(channel(read(new ChooseStart("line 5", 12)), 0, "Dimmer").start()).isEqualTo(12);
        assertThat(channel(read(new ChooseStart("line 5", 256)), 0, "Dimmer").start()).as("beyond the channel").isEqualTo(0);
    }

    @Test
    void somebodyWhoLookedEndsADoubt() {
        var zoom = channel(read(), 0, "Zoom");

        assertThat(read().wantsALook(zoom)).isTrue();
        assertThat(read(new Settle("line 8")).wantsALook(zoom)).isFalse();
        assertThat(read(new Settle("line 6")).wantsALook(channel(read(new Settle("line 6")), 0, "Whatnot")))
            .as("without an attribute nothing is right")
            .isEqualTo(channel(read(), 0, "Whatnot").attribute() == null);
    }

    @Test
    void anotherAttributeBeginsTheFunctionsAnew() {
        var said = new ArrayList<Correction>(List.of(new MoveBoundary("line 2", 1, 16), new ChooseAttribute("line 2", "Shutter1")));

        assertThat(spans(channel(read(said.toArray(Correction[]::new)), 0, "Shutter")).get(1)).startsWith("20-49");
    }

    @Test
    void whatWasSaidLastIsTakenBackFirst() {
        var said = Corrections.NONE.and(new Settle("line 8")).and(new Settle("line 6"));

        assertThat(said.undone()).isEqualTo(Corrections.NONE.and(new Settle("line 8")));
        assertThat(Corrections.NONE.undone()).isEqualTo(Corrections.NONE);
    }
}
