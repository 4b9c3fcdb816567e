package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.Fixtures.channel;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.Fixtures;
import yellowkite.core.dmx.CellGrid.GridCell;
import yellowkite.core.edit.CellPlan.PlannedCell;
import yellowkite.core.profile.FixtureType;

class CellPlanTest {
    private final FixtureType spot = Fixtures.spot();

    @Test
    void withoutWishesCellsFollowEachOtherInARowFromTheFirstChannelOn() {
        int mode = spot.modes().getFirst().id();
        var pan = channel(spot, "Pan");

        // Pan stands on two addresses, 1 and 2
        assertThat(CellPlan.of(spot, mode, List.of(pan.id()), "Eye", 3, null, null, null, MakeCells.Order.ROWS, ""))
            .isEqualTo(new CellPlan(1, 2, 3, List.of(new PlannedCell(new GridCell(0, 0), 1), new PlannedCell(new GridCell(1, 0), 3),
                    new PlannedCell(new GridCell(2, 0), 5)),
                    new MakeCells(mode, List.of(pan.id()), "Eye", 3, 1, 2, 3, MakeCells.Order.ROWS), ""));
    }

    @Test
    void whatIsAskedForIsKept() {
        int mode = spot.modes().getFirst().id();

        assertThat(CellPlan.of(spot, mode, List.of(), "Eye", 4, 10, 5, 2, MakeCells.Order.SERPENTINE, ""))
            .isEqualTo(new CellPlan(10, 5, 2, List.of(new PlannedCell(new GridCell(0, 0), 10), new PlannedCell(new GridCell(1, 0), 15),
                    new PlannedCell(new GridCell(1, 1), 20), new PlannedCell(new GridCell(0, 1), 25)),
                    new MakeCells(mode, List.of(), "Eye", 4, 10, 5, 2, MakeCells.Order.SERPENTINE), ""));
    }

    @Test
    void whereThereIsNoSuchGridThereAreNoCells() {
        int mode = spot.modes().getFirst().id();

        assertThat(CellPlan.of(spot, mode, List.of(), "Eye", 0, null, null, null, MakeCells.Order.ROWS, "").cells()).isEmpty();
        assertThat(CellPlan.of(spot, mode, List.of(), "Eye", 2_000_000_000, null, null, null, MakeCells.Order.ROWS, "").cells()).isEmpty();
        assertThat(CellPlan.of(spot, mode, List.of(), "Eye", 4, 1, 1, 5, MakeCells.Order.ROWS, "").cells()).isEmpty();
        assertThat(CellPlan.of(spot, mode, List.of(), "Eye", 4, 1, 2_000_000_000, 2, MakeCells.Order.ROWS, "").cells()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.25, 0.25", "25 cm, 0.25", "1 m / 10, 0.1", "2 m /, 0.5", "1/4, 0.25"})
    void cellsThatShareALengthStandThatFarApart(String typed, double metres) {
        int mode = spot.modes().getFirst().id();

        var plan = CellPlan.of(spot, mode, List.of(), "Eye", 4, 1, 1, 4, MakeCells.Order.ROWS, typed);

        assertThat(plan.edit()).isEqualTo(new Several(
                List.of(new MakeCells(mode, List.of(), "Eye", 4, 1, 1, 4, MakeCells.Order.ROWS), new SetCellPitch(mode, "Eye", metres))));
    }

    @ParameterizedTest
    @ValueSource(strings = {"wide", "1 m / many", "1 m / 0", "5 kg"})
    void whatIsNoDistanceIsRefusedInASentence(String typed) {
        var plan = CellPlan.of(spot, spot.modes().getFirst().id(), List.of(), "Eye", 4, 1, 1, 4, MakeCells.Order.ROWS, typed);

        assertThat(plan.refusal()).matches("[A-Z'].*\\.");
        assertThat(plan.cells()).hasSize(4);
    }
}
