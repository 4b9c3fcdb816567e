package yellowkite.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class RangeTableTest {
    /** Each row as its first value and its meaning. */
    private static List<String> rows(String text) {
        return RangeTable.read(text, 255).rows().stream().map(row -> row.from() + " " + row.name()).toList();
    }

    @Test
    void readsRowsAsChartsWriteThem() {
        assertThat(rows("0, 31, Open\n32\t127\tKite\n128-255 Reeds")).containsExactly("0 Open", "32 Kite", "128 Reeds");
        assertThat(rows("0 to 7: Closed\n8..15 = Lamp on\n16 Idle")).containsExactly("0 Closed", "8 Lamp on", "16 Idle");
        assertThat(rows("10 \u2013 20 \u2013 Slow, to fast")).containsExactly("10 Slow to fast", "21 ");
    }

    @Test
    void keepsWhatItCannotPlace() {
        var table = RangeTable.read("Value\tMeaning\n0\t9\tOpen\n10\t20\t\n-5 Below", 255);

        assertThat(table.rows()).extracting(row -> row.from() + row.name()).containsExactly("0Open", "10");
        assertThat(table.left()).containsExactly("Value\tMeaning", "10\t20\t", "-5 Below");
        assertThat(RangeTable.read("", 255).rows()).isEmpty();
    }

    @Test
    void namesThatTheStandardCannotHoldAreSpelledOtherwise() {
        assertThat(RangeTable.read("0-99 Strobe 0.5 Hz \u2192 10 Hz\n100-255 Zoom 42\u00B0", 255).rows()).extracting(RangeTable.Row::name).containsExactly("Strobe 0,5 Hz -> 10 Hz", "Zoom 42 deg");
    }
}
