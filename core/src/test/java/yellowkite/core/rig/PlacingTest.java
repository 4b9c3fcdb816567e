package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class PlacingTest {
    private static List<SortedMap<Integer, Integer>> units(int count, Map<Integer, Integer> breaks) {
        return Collections.nCopies(count, new TreeMap<>(breaks));
    }

    private static List<String> straight(int count, Map<Integer, Integer> breaks, String from) {
        return words(Placing.straight(units(count, breaks), At.of(from)));
    }

    private static List<String> words(List<List<Patch>> placed) {
        return placed.stream().map(unit -> String.join("+", unit.stream().map(each -> each.at().toString()).toList())).toList();
    }

    @Test
    void unitsStandBehindEachOther() {
        assertThat(straight(3, Map.of(1, 22), "2.1")).containsExactly("2.1", "2.23", "2.45");
    }

    @Test
    void whatDoesNotFitTheRestOfAUniverseBeginsTheNext() {
        // 491 + 22 - 1 = 512 is the last that fits
        assertThat(straight(2, Map.of(1, 22), "1.491")).containsExactly("1.491", "2.1");
        assertThat(straight(2, Map.of(1, 22), "1.492")).containsExactly("2.1", "2.23");
        assertThat(straight(3, Map.of(1, 512), "1.1")).containsExactly("1.1", "2.1", "3.1");
    }

    @Test
    void breaksStandTogetherIfTheyFitOneUniverse() {
        assertThat(straight(2, Map.of(1, 4, 2, 40), "1.440")).containsExactly("1.440+1.444", "2.1+2.5");
        assertThat(straight(1, Map.of(1, 300, 2, 400), "1.200")).containsExactly("1.200+2.1");
    }

    @Test
    void gapsAreFilledByWholeUnits() {
        var occupancy = Occupancy.of(List.of(Rigs.unit("1", Rigs.SPOT, "1.10"), Rigs.unit("2", Rigs.PAR, "1.50")));

        // 1.1 to 1.9 hold one of nine; 1.32 to 1.49 two more; the next begins at 1.59
        assertThat(words(Placing.free(occupancy, units(5, Map.of(1, 9)), new At(1, 1)))).containsExactly("1.1", "1.32", "1.41", "1.59",
                "1.68");
    }

    @Test
    void unitsWithoutAddressesGetNone() {
        assertThat(Placing.straight(units(1, Map.of()), new At(1, 1))).containsExactly(List.of());
    }

    @Test
    void aFootprintIsOne() {
        assertThatThrownBy(() -> new Patch(1, new At(1, 1), 0)).hasMessage("A footprint has 1 to 65536 addresses, not 0.");
        assertThatThrownBy(() -> new Patch(1, new At(1, 1), Integer.MAX_VALUE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Found.placeholder(-1)).hasMessage("Break 1 cannot take -1 addresses.");
    }

    @Test
    void refusesWhatFitsNoUniverse() {
        assertThatThrownBy(() -> straight(1, Map.of(1, 513), "1.1"))
            .hasMessage("A footprint of 513 does not fit a universe, which has 512 addresses.");
        assertThatThrownBy(() -> straight(2, Map.of(1, 512), "63999.1"))
            .hasMessage("Universe 64000 does not exist: there are universes 1 to 63999.");
    }
}
