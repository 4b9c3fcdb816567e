package yellowkite.core.rig.taking;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.taking.Laid.Block;
import yellowkite.core.rig.taking.Laid.Lane;
import yellowkite.core.rig.taking.Laid.Trouble;

class LaidTest {
    private static final Found WIDE = Found.chosen("wide", "Tidewick", "Petrel Spot", "Wide", new TreeMap<>(Map.of(1, 100)));

    private static Laid laid(Unit... units) {
        var all = List.of(units);
        return Laid.of(all, all.stream().map(Unit::asked).distinct().toList());
    }

    @Test
    void whatFitsIsSeenAndNothingIsToldOfIt() {
        assertThat(laid(unit("1", WIDE, "1.1"), unit("2", PAR, "1.101"), unit("3", PAR, "2.1")))
            .isEqualTo(new Laid(List.of(new Lane(1, List.of(new Block(1, 100, 0, false), new Block(101, 109, 1, false))),
                    new Lane(2, List.of(new Block(1, 9, 1, false)))), List.of()));
    }

    /** Laid 75 apart, as the drawing has them: the first two run into what comes behind them, the third has the room up to 512. */
    @Test
    void aModeThatIsWiderThanTheDrawingHasRoomForIsTold() {
        var laid = laid(unit("1", WIDE, "1.1"), unit("2", WIDE, "1.76"), unit("3", WIDE, "1.151"), unit("4", PAR, "2.1"));

        assertThat(laid.troubles()).containsExactly(
                new Trouble(0, "3 units collide; it takes 100 addresses where the drawing has room for 75."));
        assertThat(laid.lanes().getFirst().blocks()).allMatch(Block::collides);
    }

    @Test
    void whatRunsOverTheEndIsToldAndEndsThere() {
        var laid = laid(unit("1", WIDE, "1.450"));

        assertThat(laid.troubles()).containsExactly(new Trouble(0, "1 unit runs over the end of the universe."));
        assertThat(laid.lanes().getFirst().blocks()).containsExactly(new Block(450, 512, 0, false));
    }

    @Test
    void twoAtTheSameAddressAreTold() {
        assertThat(laid(unit("1", PAR, "1.1"), unit("2", PAR, "1.1")).troubles())
            .containsExactly(new Trouble(0, "2 units collide; another unit begins at the same address."));
    }
}
