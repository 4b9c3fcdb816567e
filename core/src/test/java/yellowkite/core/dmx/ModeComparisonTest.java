package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;

class ModeComparisonTest {
    private final ModeComparison both = ModeComparison.of(List.of(
            new ModeComparison.Candidate(Fixtures.spot(), Fixtures.mode(Fixtures.spot())),
            new ModeComparison.Candidate(Fixtures.nestedCells(), Fixtures.mode(Fixtures.nestedCells()))), 103);

    @Test
    void countsWhatFixturesCostWithoutCrossingAUniverse() {
        // 5 addresses: 102 to a universe, the 103rd begins another
        assertThat(both.costs().getFirst()).isEqualTo(new ModeComparison.Cost(5, 4, 515, 102, 2));
        assertThat(both.costs().getLast().footprint()).isEqualTo(13);
    }

    @Test
    void saysWhichAttributesEachModeHasHowFinelyAndHowOften() {
        assertThat(row("Pan")).containsExactly(new ModeComparison.Cell(2, 1, false), new ModeComparison.Cell(0, 0, false));
        assertThat(row("ColorAdd_R")).containsExactly(new ModeComparison.Cell(0, 0, false), new ModeComparison.Cell(2, 4, false));
        assertThat(row("Shutter1Strobe").getFirst().bytes()).as("a function of the shutter's channel").isEqualTo(1);
    }

    private List<ModeComparison.Cell> row(String attribute) {
        return both.rows().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow().cells();
    }
}
