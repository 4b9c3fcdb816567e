package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.body.PhysicalFacts;

class WrittenPhysicalTest {
    private static final WrittenPhysical NOTHING = new WrittenPhysical("", "", "", "", "");

    @Test
    void factsAreReadLineByLineAndWrittenAsTheyAreRead() {
        var facts = new PhysicalFacts(-5.0, 40.0, null, List.of(new PhysicalFacts.Supply("Power in", 470, 0.95, 100, 240, 50, 60)),
                List.of(new PhysicalFacts.Socket("DMX in", "XLR5", 1, 1, 0), new PhysicalFacts.Socket("DMX out", "XLR5", 1, -1, 1.5)));

        assertThat(new WrittenPhysical("-5", "40", "", "Power in; 470; 0,95; 100; 240; 50; 60",
                "DMX in; XLR5; 1; Male; 0\n\nDMX out; XLR5; 1; female; 1.5")
            .read()).isEqualTo(facts);
        assertThat(WrittenPhysical.of(facts).read()).isEqualTo(facts);
        assertThat(NOTHING.read()).isEqualTo(new PhysicalFacts(null, null, null, List.of(), List.of()));
    }

    @Test
    void whatIsLeftEmptyIsNotSaid() {
        var fed = new PhysicalFacts.Supply("Power in", 60, 1, 230, 230, 0, 0);
        assertThat(new WrittenPhysical("", "", "", "Power in; 60; ; 230; ; ;\n; ; ; ; ; ;", "; ; ; ;").read())
            .isEqualTo(new PhysicalFacts(null, null, null, List.of(fed), List.of()));
        assertThat(WrittenPhysical.of(new PhysicalFacts(null, null, null, List.of(fed), List.of())).supplies())
            .isEqualTo("Power in; 60; 1; 230; 230; ; ");
    }

    @Test
    void whatIsLeftOutAtTheEndIsNotSaid() {
        assertThat(new WrittenPhysical("", "", "", "Power in; 60", "Power in; Schuko").read())
            .isEqualTo(new PhysicalFacts(null, null, null, List.of(new PhysicalFacts.Supply("Power in", 60, 1, 0, 0, 0, 0)),
                    List.of(new PhysicalFacts.Socket("Power in", "Schuko", 0, 0, 0))));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"cold | '' | '' | 'cold' is no number.", "NaN | '' | '' | 'NaN' is no number.",
            "'' | Power in; much | '' | 'Power in; much' is no line of power.", "'' | Power in | '' | 'Power in' is no line of power.",
            "'' | '' | DMX in; XLR5; 1; both; 0 | 'DMX in; XLR5; 1; both; 0' is no connector.",
            "'' | '' | DMX in; XLR5; 1.5 | 'DMX in; XLR5; 1.5' is no connector."})
    void aLineThatIsNoneIsNamed(String lowest, String supplies, String plugs, String says) {
        assertThatThrownBy(() -> new WrittenPhysical(lowest, "", "", supplies, plugs).read()).isInstanceOf(IllegalArgumentException.class)
            .hasMessageStartingWith(says);
    }

    @Test
    void pinsLeadWhereTheyAreWrittenTo() {
        assertThat(WrittenPhysical.readPins("DMX in", "1 -> DMX out 1, 2: Board A 7").pins())
            .containsExactly(new SetPins.Pin(1, "DMX out", 1), new SetPins.Pin(2, "Board A", 7));
        assertThat(WrittenPhysical.readPins("DMX in", " ").pins()).isEmpty();
        assertThatThrownBy(() -> WrittenPhysical.readPins("DMX in", "one")).hasMessageStartingWith("'one' is no pin.");
    }
}
