package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.Fixtures.channel;

import java.util.List;
import org.junit.jupiter.api.Test;
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
        assertThat(CellPlan.of(spot, mode, List.of(pan.id()), 3, null, null, null, MakeCells.Order.ROWS))
            .isEqualTo(new CellPlan(1, 2, 3, List.of(new PlannedCell(new GridCell(0, 0), 1), new PlannedCell(new GridCell(1, 0), 3),
                    new PlannedCell(new GridCell(2, 0), 5))));
    }

    @Test
    void whatIsAskedForIsKept() {
        int mode = spot.modes().getFirst().id();

        assertThat(CellPlan.of(spot, mode, List.of(), 4, 10, 5, 2, MakeCells.Order.SERPENTINE))
            .isEqualTo(new CellPlan(10, 5, 2, List.of(new PlannedCell(new GridCell(0, 0), 10), new PlannedCell(new GridCell(1, 0), 15),
                    new PlannedCell(new GridCell(1, 1), 20), new PlannedCell(new GridCell(0, 1), 25))));
    }

    @Test
    void whereThereIsNoSuchGridThereAreNoCells() {
        int mode = spot.modes().getFirst().id();

        assertThat(CellPlan.of(spot, mode, List.of(), 0, null, null, null, MakeCells.Order.ROWS).cells()).isEmpty();
        assertThat(CellPlan.of(spot, mode, List.of(), 2_000_000_000, null, null, null, MakeCells.Order.ROWS).cells()).isEmpty();
        assertThat(CellPlan.of(spot, mode, List.of(), 4, 1, 1, 5, MakeCells.Order.ROWS).cells()).isEmpty();
        assertThat(CellPlan.of(spot, mode, List.of(), 4, 1, 2_000_000_000, 2, MakeCells.Order.ROWS).cells()).isEmpty();
    }
}
