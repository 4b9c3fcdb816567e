package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;

/** Two bars of two cells each: a dimmer for all, red in each cell with two bytes. */
class CellTest {
    private final FixtureType type = Fixtures.nestedCells();
    private final int red = Fixtures.channel(type, "ColorAdd_R").id();
    private final Probe probe = Probe.atStart(CompiledMode.of(type, Fixtures.mode(type)));

    @Test
    void cellsInCellsAreNamedByTheWayToThem() {
        assertThat(Cell.of(probe.mode().map())).extracting(Cell::called, Cell::channels)
            .containsExactly(tuple("Left", List.of(red)), tuple("Left, One", List.of(red)), tuple("Left, Two", List.of(red)),
                    tuple("Right", List.of(red)), tuple("Right, One", List.of(red)), tuple("Right, Two", List.of(red)));
    }

    @Test
    void anInnerCellSaysMoreThanTheOneAroundIt() {
        var put = probe.with(Map.of(red, 5L))
            .withCells(Map.of(List.of("Right", "One"), Map.of(red, 700L), List.of("Right"), Map.of(red, 60L)));

        // dimmer; left one and two, right one and two
        assertThat(put.raws()).containsExactly(0, 5, 5, 700, 60);
    }

    @Test
    void whatLeadsNowhereChangesNothing() {
        assertThat(probe.withCells(Map.of(List.of("One"), Map.of(red, 9L), List.of("Left", "Nine"), Map.of(red, 9L))).raws())
            .isEqualTo(probe.raws());
        assertThatThrownBy(() -> probe.withCells(Map.of(List.of("Left"), Map.of(red, 65_536L))))
            .hasMessage("A value of this channel lies from 0 to 65535; 65536 is outside.");
    }

    @Test
    void noMoreAreTold() {
        var references = new ArrayList<Geometry>();
        for (int i = 0; i < 1_100; i++) {
            references.add(reference("Cell " + i, "Cell", 1));
        }
        var wide = ProfileBuilder.profile("Testers", "Wide")
            .body(part(Kind.Geometry, "Base", references.toArray(Geometry[]::new)))
            .body(part(Kind.Beam, "Cell"))
            .mode("M", "Base", m -> m.channel("ColorAdd_R", "Cell", at(1), c -> {}))
            .build();

        assertThat(Cell.of(AddressMap.of(wide, wide.modes().getFirst()))).hasSize(1_024);
    }
}
