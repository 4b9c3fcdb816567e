package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.edit.Applying.applied;
import static yellowkite.core.edit.Applying.refusal;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Mode;

/** What is done to several channels, to ranges and beside the document. */
class CareTest {
    private final FixtureType empty = applied(
            applied(FixtureType.of(f -> {}), new Begin("Tidewick", "Dunlin", "ID", Begin.Body.MOVING_HEAD)), new AddMode("Standard"));
    private final FixtureType fixture = applied(empty,
            new AddChannels(mode(empty).id(),
                    List.of(new NewChannel("Dimmer", "", 1, null, null, null), new NewChannel("Zoom", "", 2, null, null, null),
                            new NewChannel("Gobo1", "Gobos", 1, null, null, List.of(row(0, "Open"), row(10, "Kite"), row(20, "Reeds")))),
                    null));
    private final int dimmer = mode(fixture).channels().get(0).id();
    private final int zoom = mode(fixture).channels().get(1).id();
    private final int gobo = mode(fixture).channels().get(2).id();

    private static SetRanges.Row row(long from, String name) {
        return new SetRanges.Row(from, name, null, null, 0);
    }

    private static Mode mode(FixtureType type) {
        return type.modes().getFirst();
    }

    private static Channel channel(FixtureType type, int id) {
        return mode(type).findChannel(id).orElseThrow();
    }

    private static List<String> ranges(FixtureType type, int channel) {
        return channel(type, channel).functions()
            .findFirst()
            .orElseThrow()
            .ranges()
            .stream()
            .map(each -> each.dmxFrom().raw() + " " + each.name())
            .toList();
    }

    private int range(int index) {
        return channel(fixture, gobo).functions().findFirst().orElseThrow().ranges().get(index).id();
    }

    @Test
    void aValueIsReadInTheWidthOfEachChannel() {
        var after = applied(fixture, new SetLevels(List.of(dimmer, zoom), SetLevels.Level.START, "50 %"));

        assertThat(channel(after, dimmer).start()).as("127.5, half up").isEqualTo(128);
        assertThat(channel(after, zoom).start()).isEqualTo(32768);
        assertThat(refusal(fixture, new SetLevels(List.of(zoom, dimmer), SetLevels.Level.START, "256"))).contains("Beam_Dimmer")
            .contains("lie from 0 to 255; 256 is outside");
        assertThat(refusal(fixture, new SetLevels(List.of(zoom), SetLevels.Level.START, "")))
            .isEqualTo("to: A channel always has a start value.");
        var highlighted = applied(fixture, new SetLevels(List.of(zoom), SetLevels.Level.HIGHLIGHT, "0x8000"));
        assertThat(channel(highlighted, zoom).highlight().raw()).isEqualTo(32768);
        assertThat(channel(applied(highlighted, new SetLevels(List.of(zoom), SetLevels.Level.HIGHLIGHT, "")), zoom).highlight()).isNull();
    }

    @Test
    void theValueAtBlackoutIsKeptInTheHousePart() {
        var edit = new SetLevels(List.of(dimmer, zoom), SetLevels.Level.BLACKOUT, "0");

        var after = applied(fixture, edit);

        assertThat(after.house().care(dimmer).blackout()).isEqualTo(new DmxValue(0, 1));
        assertThat(after.house().care(zoom).blackout()).isEqualTo(new DmxValue(0, 2));
        assertThat(edit.describe(fixture)).isEqualTo("Value at blackout of channel 'Beam_Dimmer' of mode 'Standard' and 1 more → 0");
        assertThat(applied(after, new SetLevels(List.of(dimmer, zoom), SetLevels.Level.BLACKOUT, "")).house()).isEqualTo(fixture.house());
    }

    @Test
    void theValueAtBlackoutKeepsItsShareWhenTheWidthChanges() {
        var wide = applied(applied(fixture, new SetLevels(List.of(dimmer), SetLevels.Level.BLACKOUT, "255")), new ChangeWidth(dimmer, 2));

        assertThat(wide.house().care(dimmer).blackout().at(channel(wide, dimmer).bytes())).as("full stays full").isEqualTo(65535);
    }

    @Test
    void marksAndNotesAreTheHouses() {
        var after = applied(fixture, new SetCare(List.of(dimmer, zoom), House.Tint.GREEN, null));
        after = applied(after, new SetCare(List.of(zoom), null, " Slow "));

        assertThat(after.house().care(zoom)).isEqualTo(new House.Care(House.Tint.GREEN, "Slow", null, null));
        assertThat(after.house().care(dimmer).note()).isEmpty();
        assertThat(refusal(fixture, new SetCare(List.of(999), House.Tint.RED, null))).startsWith("channel:");
        assertThat(refusal(fixture, new SetCare(List.of(zoom), null, "a\u0007b"))).contains("control characters");
        assertThat(applied(applied(fixture, new SetNotes("Fans are loud")), new SetCategory(House.Category.PAR)).house())
            .isEqualTo(fixture.house().withNotes("Fans are loud").withCategory(House.Category.PAR));
    }

    @Test
    void aRangeCarriesAMark() {
        var after = applied(fixture, new MarkRange(range(1), new House.Mark(House.Sign.SPLIT, "#ff0000", "#0000ff")));

        assertThat(after.house().marks()).containsEntry(range(1), new House.Mark(House.Sign.SPLIT, "#ff0000", "#0000ff"));
        assertThat(applied(after, new MarkRange(range(1), null)).house()).isEqualTo(fixture.house());
        assertThat(refusal(fixture, new MarkRange(range(1), new House.Mark(House.Sign.SPLIT, "#ff0000", "")))).startsWith("second:");
        assertThat(refusal(fixture, new MarkRange(range(1), new House.Mark(House.Sign.COLOR, "red", "")))).startsWith("color:");
        assertThat(refusal(fixture, new MarkRange(range(1), new House.Mark(House.Sign.SHAKE, "#ff0000", "")))).startsWith("color:");
    }

    @Test
    void theChartsCountIsCheckedAgainstTheMap() {
        int mode = mode(fixture).id();

        assertThat(Checks.of(applied(fixture, new SetChartCount(mode, 4)))).extracting(Finding::rule).doesNotContain("chart-count");
        assertThat(Checks.of(applied(fixture, new SetChartCount(mode, 6)))).filteredOn(each -> each.rule().equals("chart-count"))
            .extracting(Finding::says)
            .containsExactly("The chart has 6 addresses; the map takes 4, 2 too few.");
        assertThat(refusal(fixture, new SetChartCount(mode, 513))).isEqualTo("count: A mode has 1 to 512 addresses.");
    }

    @Test
    void anEndThatIsMovedFreesOrTakesWhatIsBehind() {
        assertThat(ranges(applied(fixture, new MoveRangeEnd(range(0), 7)), gobo)).as("8 and 9 are free now")
            .containsExactly("0 Open", "8 ", "10 Kite", "20 Reeds");
        assertThat(ranges(applied(fixture, new MoveRangeEnd(range(0), 14)), gobo)).as("the one behind is pushed")
            .containsExactly("0 Open", "15 Kite", "20 Reeds");
        var ended = applied(fixture, new MoveRangeEnd(range(2), 29));
        assertThat(ranges(ended, gobo)).containsExactly("0 Open", "10 Kite", "20 Reeds", "30 ");
        assertThat(ranges(applied(ended, new MoveRangeEnd(range(2), 255)), gobo)).as("all that was free is taken")
            .containsExactly("0 Open", "10 Kite", "20 Reeds");
        assertThat(ranges(applied(ended, new MoveRangeEnd(range(2), 39)), gobo)).containsExactly("0 Open", "10 Kite", "20 Reeds", "40 ");
        assertThat(refusal(fixture, new MoveRangeEnd(range(0), 19)))
            .isEqualTo("to: The end of 'Open' can lie from 0 to 18; 19 is outside.");
    }

    @Test
    void holesAreClosedByANeighbour() {
        var holed = applied(applied(fixture, new MoveRangeEnd(range(0), 7)), new MoveRangeStart(range(0), 3));
        var holes = Holes.of(Located.function(holed, channel(holed, gobo).functions().findFirst().orElseThrow().id()).orElseThrow().span());

        assertThat(holes).extracting(each -> each.from() + "-" + each.to()).containsExactly("0-2", "8-9");
        assertThat(ranges(applied(applied(holed, holes.get(0).closes()), holes.get(1).closes()), gobo)).containsExactly("0 Open", "10 Kite",
                "20 Reeds");
        var nameless = applied(fixture, new RenameRange(range(0), ""));
        var first = Holes
            .of(Located.function(nameless, channel(nameless, gobo).functions().findFirst().orElseThrow().id()).orElseThrow().span())
            .getFirst();
        assertThat(ranges(applied(nameless, first.closes()), gobo)).as("the first one's values go to the second")
            .containsExactly("0 Kite", "20 Reeds");
    }

    @Test
    void turnedRoundIsSaidInWords() {
        int function = channel(fixture, dimmer).functions().findFirst().orElseThrow().id();
        var edit = new InvertFunction(function);

        var after = applied(fixture, edit);

        assertThat(edit.describe(fixture)).isEqualTo("'Dimmer' reversed: 255 is now dark");
        assertThat(channel(after, dimmer).functions().findFirst().orElseThrow().physicalFrom()).isEqualTo(1);
        assertThat(applied(after, edit)).isEqualTo(fixture);
    }

    @Test
    void channelsAreCopiedWithinAModeAndToAnother() {
        var two = applied(fixture, new AddMode("Wide"));
        int wide = two.modes().getLast().id();

        var there = applied(two, new CopyChannels(List.of(dimmer, zoom), wide));
        assertThat(there.modes().getLast().channels()).extracting(each -> each.name() + each.offsets())
            .containsExactly("Beam_Dimmer[1]", "Beam_Zoom[2, 3]");

        var here = applied(fixture, new CopyChannels(List.of(gobo), mode(fixture).id()));
        assertThat(mode(here).channels().getLast().name() + mode(here).channels().getLast().offsets()).as("the next free number")
            .isEqualTo("Beam_Gobo2[5]");
        assertThat(ranges(here, mode(here).channels().getLast().id())).containsExactly("0 Open", "10 Kite", "20 Reeds");
        assertThat(refusal(fixture, new CopyChannels(List.of(dimmer), mode(fixture).id())))
            .isEqualTo("channels: Mode 'Standard' already has the channel 'Beam_Dimmer'.");
    }

    @Test
    void whatTheHouseKeepsOfAChannelGoesAlongWithItsCopy() {
        var marked = applied(fixture, new SetCare(List.of(gobo), House.Tint.RED, "Sticks"));

        var after = applied(marked, new DuplicateMode(mode(marked).id(), "Second"));

        int copy = after.modes().getLast().channels().get(2).id();
        assertThat(after.house().care(copy)).isEqualTo(new House.Care(House.Tint.RED, "Sticks", null, null));
    }

    @Test
    void aStencilIsLaidOntoAChannelOfAnotherProfile() {
        var stencil = Stencil.of(channel(fixture, gobo));

        var after = applied(fixture, new LayStencil(zoom, stencil));

        assertThat(channel(after, zoom).attribute()).as("it stays what it was").isEqualTo("Zoom");
        assertThat(ranges(after, zoom)).as("in its own width").containsExactly("0 Open", "2560 Kite", "5120 Reeds");
        var unsound = new Stencil("Zoom", 1, stencil.snap(), stencil.master(),
                List.of(new Stencil.Part("A", "Zoom", 300, null, 0, 1, 0, 0, null, null, "", List.of())));
        assertThat(refusal(fixture, new LayStencil(zoom, unsound))).contains("do not fit their own width");
        var unknown = new Stencil("Snorkel", 1, stencil.snap(), stencil.master(),
                List.of(new Stencil.Part("A", "Snorkel", 0, null, 0, 1, 0, 0, null, null, "", List.of())));
        assertThat(refusal(fixture, new LayStencil(zoom, unknown))).contains("'Snorkel' is neither defined in this profile");
    }

    @Test
    void aChannelWithoutAFunctionIsMarkedUntilItHasOne() {
        var bare = fixture.mapChannel(dimmer, each -> each.withLogicalChannels(List.of()));

        assertThat(Checks.of(bare)).extracting(Finding::rule).contains("channel-without-function");
        var mended = applied(bare, new ChangeAttribute(dimmer, "Dimmer"));
        assertThat(Checks.of(mended)).extracting(Finding::rule).doesNotContain("channel-without-function");
        assertThat(channel(mended, dimmer).functions().findFirst().orElseThrow().attribute()).isEqualTo("Dimmer");
    }
}
