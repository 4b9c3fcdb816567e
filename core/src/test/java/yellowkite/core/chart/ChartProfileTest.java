package yellowkite.core.chart;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Severity;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import static org.assertj.core.api.Assertions.assertThat;

class ChartProfileTest {
    private static final String ID = "4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D10";
    private static final String SPOT = """
            Extended\tBasic\tFunction\tDMX\tDescription\tDefault
            1\t1\tPan\t0-255\t540 °\t128
            2\t-\tPan fine\t0-255\t\t0
            3\t2\tTilt\t0-255\t270 °\t128
            4\t3\tShutter\t0-19\tClosed\t20
            \t\t\t20-49\tOpen
            \t\t\t50-255\tStrobe 0.5 Hz to 20 Hz
            5\t4\tDimmer\t0-255\t0 to 100 %\t0
            6\t5\tColour wheel\t0-9\tOpen\t0
            \t\t\t10-19\tRed
            \t\t\t20-29\tDeep blue
            \t\t\t30-255\tRainbow, slow to fast (1 rpm to 10 rpm)
            7\t6\tGobo wheel\t0-9\tOpen\t0
            \t\t\t10-99\tGobo 1
            \t\t\t100-255\tGobo 2
            8\t-\tGobo rotation\t0-255\tIf CH7 = 10-99: Index 0 to 360 °\t0
            9\t7\tZoom\t0-255\t6.0° → 42°\t128
            """;

    private static FixtureType profile(String chart) {
        return ChartProfile.of(ChartReader.read(List.of(TextSheets.read(chart)), "Tidewick", "Ketch"), ID, "");
    }

    @Test
    void theProfileHasNoErrorsAndComesBackFromItsFile() {
        var type = profile(SPOT);
        var file = new GdtfFile(GdtfDescription.of(type), Map.of());

        assertThat(Checks.of(file).stream().filter(finding -> finding.severity() == Severity.ERROR)).isEmpty();
        assertThat(GdtfFile.read(file.write()).description().type().modes()).hasSize(2);
    }

    @Test
    void footprintsWheelsAndUnitsAreThoseOfTheChart() {
        var type = profile(SPOT);
        var extended = type.modes().getFirst();

        assertThat(AddressMap.of(type, extended).footprint()).isEqualTo(Map.of(1, 9));
        assertThat(AddressMap.of(type, type.modes().get(1)).footprint()).isEqualTo(Map.of(1, 7));
        assertThat(type.wheels()).extracting(wheel -> wheel.name() + " " + wheel.slots().size())
            .containsExactly("Colour wheel 1 3", "Gobo wheel 1 3");
        assertThat(type.findWheel("Colour wheel 1").orElseThrow().slots().get(1).color().x()).as("red lies to the right")
            .isGreaterThan(0.6);
        var zoom = extended.channels().getLast().logicalChannels().getFirst().functions().getFirst();
        assertThat(List.of(zoom.physicalFrom(), zoom.physicalTo())).containsExactly(6.0, 42.0);
    }

    @Test
    void aConditionIsAModeMaster() {
        var rotation = profile(SPOT).modes().getFirst().channels().get(6).logicalChannels().getFirst().functions();

        assertThat(rotation).extracting(ChannelFunction::attribute, ChannelFunction::modeMaster)
            .containsExactly(org.assertj.core.api.Assertions.tuple("Gobo1Pos", "Beam_Gobo1"));
        assertThat(rotation.getFirst().modeFrom().raw()).isEqualTo(10);
        assertThat(rotation.getFirst().modeTo().raw()).isEqualTo(99);
    }

    @Test
    void cellsAreReferences() {
        var chart = new StringBuilder("Channel;Function;Value\n1;Dimmer;0-255\n");
        for (int i = 0; i < 12; i++) {
            chart.append(2 + i)
                .append(";Pixel ")
                .append(i / 3 + 1)
                .append(' ')
                .append(List.of("Red", "Green", "Blue").get(i % 3))
                .append(";0-255\n");
        }
        var type = profile(chart.toString());

        assertThat(AddressMap.of(type, type.modes().getFirst()).footprint()).isEqualTo(Map.of(1, 13));
        assertThat(Checks.of(new GdtfFile(GdtfDescription.of(type), Map.of()))
            .stream()
            .filter(finding -> finding.severity() == Severity.ERROR)).isEmpty();
    }
}
