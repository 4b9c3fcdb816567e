package yellowkite.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ChartWordsTest {

    /** Each channel as attribute and bits. */
    private static List<String> read(String text, String... taken) {
        return ChartWords.read(text, Set.of(taken))
            .stream()
            .map(each -> (each.matches().isEmpty() ? "?" : each.matches().getFirst().name()) + " " + 8 * each.bytes())
            .toList();
    }

    @Test
    void readsARunOfColours() {
        assertThat(read("red, green, blue, white, all 16 bit")).containsExactly("ColorAdd_R 16", "ColorAdd_G 16", "ColorAdd_B 16",
                "ColorAdd_W 16");
    }

    @Test
    void readsOneChannelALineWithItsFineByteBehind() {
        assertThat(read("Pan\nPan fine\nTilt\nTilt fine\nPan/Tilt speed\nDimmer 16 bit\nStrobe")).containsExactly("Pan 16", "Tilt 16",
                "PositionMSpeed 8", "Dimmer 16", "Shutter1Strobe 8");
    }

    @Test
    void takesTheNextNumberWhereOneIsTaken() {
        assertThat(read("gobo wheel, gobo rotation, gobo wheel")).containsExactly("Gobo1 8", "Gobo1PosRotate 8", "Gobo2 8");
        assertThat(read("prism", "Prism1")).containsExactly("Prism2 8");
        assertThat(read("prism 1", "Prism1")).as("as it was said").containsExactly("Prism1 8");
    }

    @Test
    void keepsWhatItDoesNotUnderstand() {
        assertThat(ChartWords.read("marmalade 16 bit", Set.of())).containsExactly(new ChartWords.Read("marmalade", 2, List.of()));
        assertThat(read("dard 15, bard, dimer")).as("a word is not taken for one that it only resembles")
            .containsExactly("? 8", "? 8", "Dimmer 8");
        assertThat(ChartWords.read(" , ;\n", Set.of())).isEmpty();
    }
}
