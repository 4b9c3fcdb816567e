package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Severity;
import yellowkite.core.compare.ChartDifference;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.history.Outcome;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

class LayChartTest {
    private static final String CHART = """
            Full\tShort\tFunction\tDMX\tDescription\tDefault
            1\t1\tPan\t0-255\t540°\t128
            2\t-\tPan fine\t0-255\t\t0
            3\t2\tTilt\t0-255\t270°\t128
            4\t3\tDimmer\t0-255\t0 to 100 %\t0
            5\t4\tGobo wheel\t0-9\tOpen\t0
            \t\t\t10-99\tReeds
            \t\t\t100-255\tRipples
            6\t5\tZoom\t0-255\tNarrow to wide\t0
            """;

    private static Proposal read(String chart) {
        return ChartReader.read(List.of(TextSheets.read(chart)), null, null);
    }

    private static FixtureType empty() {
        return applied(FixtureType.of(type -> {}),
                new Begin("Tidewick", "Ketch", "4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D21", Begin.Body.FIXED));
    }

    private static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied(var after) -> after;
            case Outcome.Rejected(var field, var reason) -> throw new AssertionError(field + ": " + reason);
        };
    }

    private static String refused(FixtureType before, Edit edit) {
        return edit.acceptedOn(before) instanceof Outcome.Rejected(var field, var reason) ? reason : "was applied";
    }

    private static Edit lay(Proposal chart, int mode, @Nullable Integer onto) {
        return new LayChart(onto, chart.modes().get(mode), chart.wheels(), List.of(), "ketch.pdf");
    }

    private static FixtureType twoModes() {
        var chart = read(CHART);
        return applied(applied(empty(), lay(chart, 0, null)), lay(chart, 1, null));
    }

    private static Channel channel(FixtureType type, String attribute) {
        return type.modes().getFirst().channels().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow();
    }

    private static ChannelFunction function(FixtureType type, String attribute) {
        return channel(type, attribute).functions().findFirst().orElseThrow();
    }

    @Test
    void eachModeIsOneEditAndSharesBodyWheelsAndAttributes() {
        var type = twoModes();

        assertThat(type.modes()).extracting(mode -> mode.name() + " " + mode.channels().size()).containsExactly("Full 5", "Short 5");
        assertThat(type.wheels()).hasSize(1);
        assertThat(type.geometries()).as("an empty, fixed body got the axes that the chart needs").hasSize(1);
        assertThat(channel(type, "Pan").geometry()).isEqualTo("Yoke");
        assertThat(channel(type, "Tilt").geometry()).isEqualTo("Head");
        assertThat(Checks.of(new GdtfFile(GdtfDescription.of(type), Map.of())).stream().filter(each -> each.severity() == Severity.ERROR))
            .isEmpty();
    }

    @Test
    void theManufacturersWordsAndThePlaceOfEachChannelStay() {
        var type = twoModes();
        var gobo = channel(type, "Gobo1");

        assertThat(gobo.functions().findFirst().orElseThrow().originalAttribute()).startsWith("Gobo wheel");
        assertThat(type.house().care(gobo.id()).source()).isEqualTo("ketch.pdf, line 6");
        assertThat(StoredHouse.of(type).laidOnto(type.with(f -> f.house = yellowkite.core.profile.House.NONE)).house())
            .as("also beside a revision")
            .isEqualTo(type.house());
    }

    @Test
    void whatTheChartDoesNotStateCountsAsAssumed() {
        var type = twoModes();

        assertThat(type.house().assumed()).contains(function(type, "Zoom").id())
            .doesNotContain(function(type, "Pan").id(), function(type, "Dimmer").id());
    }

    @Test
    void aModeOfThatNameIsNotMadeTwice() {
        assertThat(refused(twoModes(), lay(read(CHART), 0, null))).contains("already a mode called 'Full'");
    }

    @Test
    void theSameChartAgainChangesNothing() {
        var type = twoModes();
        var mode = type.modes().getFirst();
        var chart = read(CHART);

        assertThat(ChartDifference.of(type, mode, chart.modes().getFirst(), chart.wheels())).allMatch(each -> each.says().isEmpty());
        assertThat(applied(type, lay(chart, 0, mode.id())).modes()).isEqualTo(type.modes());
    }

    @Test
    void aNewerChartShowsWhatItChangesAndOnlyThatIsChanged() {
        var type = twoModes();
        var mode = type.modes().getFirst();
        var newer = read(CHART.replace("Narrow to wide", "6° to 42°")
            .replace("10-99\tReeds", "10-79\tReeds")
            .replace("100-255\tRipples", "80-255\tRipples") + "7\t6\tFrost\t0-255\t0 to 100 %\t0\n");

        var differences = ChartDifference.of(type, mode, newer.modes().getFirst(), newer.wheels());
        assertThat(differences).filteredOn(each -> !each.says().isEmpty())
            .extracting(ChartDifference::called)
            .containsExactly("5 Gobo 1", "6 Zoom", "7 Frost 1");

        var zoomOnly = newer.modes()
            .getFirst()
            .withChannels(newer.modes().getFirst().channels().stream().filter(each -> "Zoom".equals(each.attribute())).toList());
        var after = applied(type, new LayChart(mode.id(), zoomOnly, newer.wheels(), List.of(), "ketch 2.pdf"));
        assertThat(function(after, "Zoom").physicalTo()).isEqualTo(42);
        assertThat(after.house().assumed()).as("it is stated now").doesNotContain(function(after, "Zoom").id());
        assertThat(channel(after, "Gobo1")).isEqualTo(channel(type, "Gobo1"));
    }

    @Test
    void endsThatSomebodyTypedOutliveAChartThatStatesNone() {
        var type = applied(twoModes(), new SetFunctionPhysical(function(twoModes(), "Zoom").id(), 6.0, 42.0));
        assertThat(type.house().assumed()).doesNotContain(function(type, "Zoom").id());

        var after = applied(type, lay(read(CHART), 0, type.modes().getFirst().id()));

        assertThat(function(after, "Zoom").physicalTo()).isEqualTo(42);
    }

    @Test
    void aChannelThatTheChartLacksLeavesOnlyIfThatIsSaid() {
        var type = twoModes();
        var mode = type.modes().getFirst();
        var less = read(CHART.replaceAll("(?m)^6.*\\n", ""));

        assertThat(ChartDifference.of(type, mode, less.modes().getFirst(), less.wheels())).last()
            .extracting(ChartDifference::key, ChartDifference::called)
            .containsExactly(null, "6 Zoom");
        var after = applied(type,
                new LayChart(mode.id(), less.modes().getFirst(), less.wheels(), List.of(channel(type, "Zoom").id()), "x"));
        assertThat(after.modes().getFirst().channels()).noneMatch(each -> each.attribute().equals("Zoom"));
    }

    @Test
    void addressesThatOverlapOrLieOutsideAreRefusedByName() {
        assertThat(refused(empty(), lay(read("1\tDimmer\t0-255\n1\tZoom\t0-255\n2\tIris\t0-255\n"), 0, null)))
            .contains("'Dimmer' and 'Zoom' would both stand on address 1");
        assertThat(refused(empty(), new LayChart(null, read(CHART).modes().getFirst().withChannels(List.of()), List.of(), List.of(), "")))
            .contains("no channel");
    }

    @Test
    void aChannelWhoseFirstFunctionIsGoneStartsWhereTheChartSays() {
        var type = applied(empty(), lay(read("1\tShutter\t0-127\tClosed\t200\n\t\t128-255\tStrobe, slow to fast"), 0, null));
        assertThat(channel(type, "Shutter1").start()).isEqualTo(0);
        var strobing = applied(type, new SetStartValue(channel(type, "Shutter1").id(), 200));
        assertThat(strobing.modes().getFirst().channels().getFirst().initialFunction()).as("it starts in its second function").isNotEmpty();
        var plain = read("Address\tName\tValue\tMeaning\tDefault\n1\tShutter\t0-99\tClosed\t0\n\t\t100-255\tOpen");

        var after = applied(strobing, lay(plain, 0, strobing.modes().getFirst().id()));

        assertThat(channel(after, "Shutter1").start()).isEqualTo(0);
        assertThat(Checks.of(after)).extracting(each -> each.rule()).doesNotContain("broken-initial-function");
    }
}
