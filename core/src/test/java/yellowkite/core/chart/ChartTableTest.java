package yellowkite.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ChartTableTest {
    private static List<String> rows(String text) {
        return ChartTable.read(text, Set.of()).channels().stream().map(each -> (each.matches().isEmpty() ? "?" : each.matches().getFirst().name()) + each.addresses()
                + each.ranges().stream().map(range -> " " + range.from() + (range.name().isEmpty() ? "" : "=" + range.name())).reduce("", String::concat)).toList();
    }

    @Test
    void readsChannelsWithTheirRanges() {
        assertThat(rows("""
                Address\tName\tFrom\tTo\tMeaning
                1-2\tPan
                3\tTilt
                4\tTilt fine
                5\tStrobe\t0\t7\tClosed
                \t\t8\t200\tSlow to fast
                6\tGobo wheel\t0\t31\tOpen
                6\tGobo wheel\t32\t255\tKite
                """)).containsExactly("Pan[1, 2]", "Tilt[3, 4]", "Shutter1Strobe[5] 0=Closed 8=Slow to fast 201", "Gobo1[6] 0=Open 32=Kite");
    }

    @Test
    void valuesOfOneByteOnAWiderChannelAreItsCoarseByte() {
        assertThat(rows("1, Zoom 16 bit, 0-127, Narrow\n, , 128-255, Wide")).containsExactly("Zoom[1, 2] 0=Narrow 32768=Wide");
        assertThat(rows("1, Blade 1A")).containsExactly("Blade1A[1]");
        assertThat(rows("1, Zoom 16 bit, 0, 1000, Narrow\n, , 1001, 65535, Wide")).containsExactly("Zoom[1, 2] 0=Narrow 1001=Wide");
    }

    @Test
    void whatIsNotUnderstoodIsShownNotDropped() {
        var table = ChartTable.read("see page 4\n1;Dimmer\n;;ten;twenty;Soft\n2;Snorkel;0;9;Up\n;;10;255;Down\n3;Zoom;narrow to wide", Set.of());

        assertThat(table.left()).containsExactly("see page 4", ";;ten;twenty;Soft", "3;Zoom;narrow to wide");
        assertThat(table.channels()).extracting(ChartTable.Row::words).containsExactly("Dimmer", "Snorkel");
        assertThat(table.channels().getLast().matches()).as("its words fit no attribute").isEmpty();
        assertThat(table.channels().getLast().lines()).containsExactly("2;Snorkel;0;9;Up", ";;10;255;Down");
    }

    @Test
    void aNumberedAttributeTakesTheNextFreeNumber() {
        assertThat(ChartTable.read("1,Gobo wheel\n2,Gobo wheel", Set.of("Gobo1")).channels()).extracting(row -> row.matches().getFirst().name()).containsExactly("Gobo2", "Gobo3");
    }
}
