package yellowkite.core.rig.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AddLineTest {
    private static AddLine line(int count, String what, String at, String id, String name) {
        return new AddLine(count, what, at, id, name, "", List.of(), null, null, false);
    }

    @Test
    void readsWhatOneWouldSay() {
        assertThat(AddLine.of("8 Petrel Spot Extended from 2.1 as 201")).isEqualTo(line(8, "Petrel Spot Extended", "2.1", "201", null));
        assertThat(AddLine.of("12 Moth Nine, next free, as 301, name Rail 1")).isEqualTo(line(12, "Moth Nine", null, "301", "Rail 1"));
        assertThat(AddLine.of("Reedline 10")).isEqualTo(line(1, "Reedline 10", null, null, null));
    }

    @Test
    void theOrderAndTheCommasAreFree() {
        var expected = line(8, "Petrel Spot", "2.1", "201", null);

        assertThat(AddLine.of("8 x Petrel Spot as 201 from 2.1")).isEqualTo(expected);
        assertThat(AddLine.of("8 Petrel Spot, as 201, at 513")).isEqualTo(expected);
        assertThat(AddLine.of("8 petrel spot AT 2/1 AS 201").what()).isEqualTo("petrel spot");
        assertThat(AddLine.of("4 Moth next free as 5")).isEqualTo(line(4, "Moth", null, "5", null));
    }

    @Test
    void readsWhereTheyBelong() {
        var line = AddLine.of("2 Candle, layer Floor, group Warm + Front, position Rail 2, on 36, shared");

        assertThat(line).isEqualTo(
                new AddLine(2, "Candle", null, null, null, "Floor", List.of("Warm", "Front"), "Rail 2", "36", true));
    }

    @Test
    void wordsOfAFixtureStayItsOwn() {
        assertThat(AddLine.of("2 Lantern at Sea").what()).isEqualTo("Lantern at Sea");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "8 | Say which fixture, such as '8 Petrel Spot Extended from 2.1 as 201, name Rail 1'.",
            "0 Moth | At once 1 to 5000 units are added, not 0.",
            "100000 Moth | At once 1 to 5000 units are added, not 100000.",
            "2 Moth from 1.513 | Address 513 does not exist: a universe has addresses 1 to 512.",
            "2 Moth, from 2. | '2.' is no address. Write universe and address, such as 2.1, or the absolute address, such as 513.",
            "2 Moth, shared yes | After 'shared' nothing follows but a comma; 'yes' is too much.",
            "2 Moth, name | 'name' is followed by something, such as '8 Petrel Spot Extended from 2.1 as 201, name Rail 1'."})
    void saysWhatItDoesNotUnderstand(String text, String sentence) {
        assertThatThrownBy(() -> AddLine.of(text)).isInstanceOf(IllegalArgumentException.class).hasMessage(sentence);
    }
}
