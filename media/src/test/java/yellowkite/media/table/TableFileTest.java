package yellowkite.media.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

class TableFileTest {
    private static final List<List<String>> ROWS = List.of(List.of("Id", "Name"), List.of("201", "Rail, \"left\""), List.of("007", "=1+1"));

    @Test
    void csvIsReadBackButForTheSignBeforeAFormula() {
        assertThat(TableFile.read(TableFile.csv(ROWS))).containsExactly(ROWS.get(0), ROWS.get(1), List.of("007", "'=1+1"));
    }

    @Test
    void aWorkbookIsReadBack() {
        assertThat(TableFile.read(TableFile.xlsx("Summer: tour", ROWS))).containsExactlyElementsOf(ROWS);
    }

    @Test
    void semicolonsAndTabsPartCellsWhereTheFirstLineHoldsMost() {
        assertThat(TableFile.read("a;b,c;d\n1;2,5;3".getBytes(StandardCharsets.UTF_8))).containsExactly(List.of("a", "b,c", "d"),
                List.of("1", "2,5", "3"));
        assertThat(TableFile.read("a\tb\n1\t2".getBytes(StandardCharsets.UTF_8))).containsExactly(List.of("a", "b"), List.of("1", "2"));
    }
}
