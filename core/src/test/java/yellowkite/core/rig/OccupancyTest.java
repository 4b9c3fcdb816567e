package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.BATTEN;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Occupancy.Stretch;

class OccupancyTest {
    /** 1.1 to 1.22, 1.32 to 1.40, 1.504 to 1.512; 3.1 to 3.4 and 2.10 to 2.49. */
    private final Occupancy occupancy = Occupancy.of(List.of(unit("1", SPOT, "1.1"), unit("2", PAR, "1.32"), unit("3", PAR, "1.504"),
            unit("4", BATTEN, "3.1", "2.10")));

    @Test
    void countsWhatIsHeld() {
        assertThat(occupancy.universes()).containsExactly(1, 2, 3);
        assertThat(List.of(occupancy.used(1), occupancy.used(2), occupancy.used(3), occupancy.used(4))).containsExactly(40, 40, 4, 0);
    }

    @Test
    void knowsTheFreeStretches() {
        assertThat(occupancy.free(1)).containsExactly(new Stretch(1, 23, 31), new Stretch(1, 41, 503));
        assertThat(occupancy.free(2)).containsExactly(new Stretch(2, 1, 9), new Stretch(2, 50, 512));
        assertThat(occupancy.free(4)).containsExactly(new Stretch(4, 1, 512));
        assertThat(new Stretch(1, 23, 31).length()).isEqualTo(9);
    }

    @Test
    void findsTheFirstGapThatHoldsAWholeUnit() {
        assertThat(occupancy.firstGap(9, new At(1, 1))).contains(new At(1, 23));
        assertThat(occupancy.firstGap(10, new At(1, 1))).contains(new At(1, 41));
        assertThat(occupancy.firstGap(463, new At(1, 1))).contains(new At(1, 41));
        assertThat(occupancy.firstGap(464, new At(1, 1))).contains(new At(3, 5));
        assertThat(occupancy.firstGap(512, new At(1, 1))).contains(new At(4, 1));
        assertThat(occupancy.firstGap(513, new At(1, 1))).isEmpty();
    }

    @Test
    void looksFromAnAddressOn() {
        assertThat(occupancy.firstGap(9, new At(1, 24))).contains(new At(1, 41));
        assertThat(occupancy.firstGap(9, new At(1, 496))).contains(new At(2, 1));
        assertThat(occupancy.firstGap(1, new At(63_999, 512))).contains(new At(63_999, 512));
        assertThat(occupancy.firstGap(2, new At(63_999, 512))).isEmpty();
    }

    @Test
    void aUnitOverTheUniversesEndHoldsWhatThereIs() {
        var over = Occupancy.of(List.of(unit("1", SPOT, "1.500")));

        assertThat(over.used(1)).isEqualTo(13);
        assertThat(over.free(1)).containsExactly(new Stretch(1, 1, 499));
    }

    @Test
    void isFreeUpToItsLastAddress() {
        assertThat(occupancy.isFree(new Patch(1, new At(1, 23), 9))).isTrue();
        assertThat(occupancy.isFree(new Patch(1, new At(1, 23), 10))).isFalse();
        assertThat(occupancy.isFree(new Patch(1, new At(4, 503), 10))).isTrue();
        assertThat(occupancy.isFree(new Patch(1, new At(4, 504), 10))).isFalse();
    }
}
