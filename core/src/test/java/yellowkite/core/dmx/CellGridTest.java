package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.edit.MakeCells;

class CellGridTest {
    private static String said(List<CellGrid.GridCell> cells) {
        return cells.stream().map(each -> each.column() + "/" + each.row()).toList().toString();
    }

    @Test
    void addressesRunThroughTheGridAsAsked() {
        assertThat(said(MakeCells.grid(6, 3, MakeCells.Order.ROWS))).isEqualTo("[0/0, 1/0, 2/0, 0/1, 1/1, 2/1]");
        assertThat(said(MakeCells.grid(6, 3, MakeCells.Order.COLUMNS))).isEqualTo("[0/0, 0/1, 1/0, 1/1, 2/0, 2/1]");
        assertThat(said(MakeCells.grid(6, 3, MakeCells.Order.SERPENTINE))).isEqualTo("[0/0, 1/0, 2/0, 2/1, 1/1, 0/1]");
    }

    @Test
    void cellsWhosePositionsSayNothingStandInARow() {
        var type = Fixtures.nestedCells();

        assertThat(said(CellGrid.of(type, Fixtures.mode(type), "Cell", 4))).isEqualTo("[0/0, 1/0, 2/0, 3/0]");
    }
}
