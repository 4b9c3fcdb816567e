package yellowkite.core.chart;

import java.util.List;
import org.junit.jupiter.api.Test;
import static org.assertj.core.api.Assertions.assertThat;

class ChannelTableTest {
    private static ChannelTable read(String attribute, int bytes, String text) {
        return ChannelTable.read(text, attribute, "Channel", bytes, null);
    }

    private static List<String> spans(ChannelTable table) {
        return table.meaning().functions().stream().map(each -> each.from() + "-" + each.to() + " " + each.attribute()).toList();
    }

    @Test
    void rowsInAnyNotationBecomeFunctions() {
        var expected = List.of("0-19 Shutter1", "20-49 Shutter1", "50-255 Shutter1Strobe");

        assertThat(spans(read("Shutter1", 1, "0-19 Closed\n20-49 Open\n50-255 Strobe 1 Hz to 10 Hz"))).isEqualTo(expected);
        assertThat(spans(read("Shutter1", 1, "0\t19\tClosed\n20\t49\tOpen\n50\t255\tStrobe 1 Hz to 10 Hz"))).isEqualTo(expected);
        assertThat(spans(read("Shutter1", 1, "000~019\t00-13\tClosed\n020~049\t14-31\tOpen\n050~255\t32-FF\tStrobe 1 Hz to 10 Hz")))
            .isEqualTo(expected);
        assertThat(spans(read("Shutter1", 1, "0-19: Closed\n20-49 = Open\n50..255 - Strobe 1 Hz to 10 Hz"))).isEqualTo(expected);
    }

    @Test
    void eachLineMayHaveItsOwnSigns() {
        assertThat(spans(read("Shutter1", 1, "0, 19, Closed\n20; 49; Open\n50-255 Strobe 1 Hz to 10 Hz"))).containsExactly("0-19 Shutter1",
                "20-49 Shutter1", "50-255 Shutter1Strobe");
    }

    @Test
    void valuesUpTo255OnAWiderChannelAreItsCoarseByte() {
        assertThat(spans(read("Zoom", 2, "0-127 Narrow to wide\n128-255 Wide to narrow")).getFirst()).isEqualTo("0-32767 Zoom");
    }

    @Test
    void slotsOfTheWheelThatIsThereAreFoundByTheirNames() {
        var table = ChannelTable.read("0-9 Open\n10-19 Ripples\n20-29 Reeds\n30-39 Kite", "Gobo1", "Gobo 1", 1,
                List.of("Open", "Reeds", "Ripples"));

        assertThat(table.meaning().functions().getFirst().ranges()).extracting(each -> each.name() + " " + each.slot())
            .containsExactly("Open 1", "Ripples 3", "Reeds 2", "Kite 4");
        assertThat(table.meaning().wheels().getFirst().slots()).as("what is new stands at the end")
            .containsExactly("Open", "Reeds", "Ripples", "Kite");
    }

    @Test
    void whatIsNoRowIsLeft() {
        var table = read("Dimmer", 1, "Value\tMeaning\n0-255\t0 to 100 %\nsee page 4");

        assertThat(table.left()).extracting(each -> each.text()).containsExactly("Value Meaning", "see page 4");
        assertThat(spans(table)).containsExactly("0-255 Dimmer");
        assertThat(read("Dimmer", 1, "").meaning().functions()).isEmpty();
    }
}
