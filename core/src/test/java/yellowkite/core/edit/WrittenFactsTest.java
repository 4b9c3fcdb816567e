package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.edit.WrittenFacts.WrittenPersonality;

class WrittenFactsTest {
    private static final FixtureFacts NONE = new FixtureFacts(null, null, null, null, null, null, null, List.of(), null, null, List.of());
    private static final FixtureFacts FACTS = new FixtureFacts(21.123456, 480.0, "LED", 4.5, 6.0, 12_000.0, 6_500.0,
            List.of(new FixtureFacts.Plug("DMX in", "XLR5"), new FixtureFacts.Plug("Power", "PowerconTRUE1")), 0x7ff0, 0x0101,
            List.of(new FixtureFacts.Personality(1, "Main"), new FixtureFacts.Personality(2, "Short")));

    @Test
    void areWrittenAsPeopleReadThem() {
        assertThat(WrittenFacts.of(FACTS)).isEqualTo(new WrittenFacts("4.5", "6", "12000", "6500", "480", "21.123", "LED", "7FF0", "0101",
                "DMX in: XLR5\nPower: PowerconTRUE1", List.of(new WrittenPersonality("Main", "1"), new WrittenPersonality("Short", "2"))));
        assertThat(WrittenFacts.of(NONE).read(FACTS)).as("what is empty is not said").isEqualTo(NONE);
    }

    @Test
    void whatWasNotTouchedKeepsAllItsDigits() {
        assertThat(WrittenFacts.of(FACTS).read(FACTS)).isEqualTo(FACTS);
        assertThat(WrittenFacts.of(FACTS).read(NONE).weight()).isEqualTo(21.123);
    }

    @Test
    void whatAFileSaysOddlyStaysWhileItIsNotTouched() {
        var odd = new FixtureFacts(null, null, null, null, null, null, null, List.of(new FixtureFacts.Plug("DMX: in", "XLR5"),
                new FixtureFacts.Plug("Power", "")), 0x12345, null, List.of());

        assertThat(WrittenFacts.of(odd).read(odd)).isEqualTo(odd);
        assertThatThrownBy(() -> WrittenFacts.of(odd).read(NONE)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void unitsMayStandBehindTheNumbers() {
        var facts = written("4,5 deg", "6°", "12000 lm", "6500 K", "480 W", "21.5 kg", "7ff0", "").read(NONE);

        assertThat(facts).isEqualTo(new FixtureFacts(21.5, 480.0, null, 4.5, 6.0, 12_000.0, 6_500.0, List.of(), 0x7ff0, null, List.of()));
    }

    @ParameterizedTest
    @CsvSource({"narrow, '', '', 'is no number'", "'', 7FF00, '', 'up to four hexadecimal digits'", "'', '', XLR5, 'its name and its type'",
            "'', '', 'a: b: c', 'its name and its type'"})
    void whatDoesNotFitIsRefusedInASentence(String angle, String id, String connectors, String says) {
        var written = new WrittenFacts(angle, "", "", "", "", "", "", id, "", connectors, List.of());

        assertThatThrownBy(() -> written.read(NONE)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining(says);
    }

    @Test
    void aPersonalityIsANumberAndModesWithoutOneAreLeftOut() {
        var written = new WrittenFacts("", "", "", "", "", "", "", "", "", "",
                List.of(new WrittenPersonality("Wide", " 12 "), new WrittenPersonality("Main", ""), new WrittenPersonality("Short", "3")));

        assertThat(written.read(NONE).personalities()).containsExactly(new FixtureFacts.Personality(3, "Short"),
                new FixtureFacts.Personality(12, "Wide"));
        assertThatThrownBy(() -> new WrittenFacts("", "", "", "", "", "", "", "", "", "", List.of(new WrittenPersonality("Wide", "two")))
            .read(NONE)).hasMessage("A personality is a number from 1 to 255.");
    }

    private static WrittenFacts written(String beam, String field, String flux, String temperature, String power, String weight, String id,
            String model) {
        return new WrittenFacts(beam, field, flux, temperature, power, weight, "", id, model, "", List.of());
    }
}
