package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Matching.CandidateMode;
import yellowkite.core.rig.ModeCosts.RigModeCost;

class ModeCostsTest {
    private static final List<CandidateMode> MODES = List.of(new CandidateMode("Basic", new TreeMap<>(Map.of(1, 9))),
            new CandidateMode("Extended", new TreeMap<>(Map.of(1, 22))), new CandidateMode("Long", new TreeMap<>(Map.of(1, 30))),
            new CandidateMode("Giant", new TreeMap<>(Map.of(1, 600))));

    /**
     * 24 spots of 22 take 528 addresses: 23 fill universe 1, the last begins 2. Of 9 they take 216, 312 less, and one universe; of 30 they
     * take 720, 17 in a universe, so two universes as before.
     */
    @Test
    void saysAddressesAndUniversesOfEachOtherMode() {
        var units = new ArrayList<Unit>();
        for (int i = 0; i < 24; i++) {
            units.add(Rigs.unit(String.valueOf(i + 1), Rigs.SPOT, i < 23 ? "1." + (1 + 22 * i) : "2.1"));
        }

        assertThat(ModeCosts.of(Rig.EMPTY.withUnits(units), Rigs.SPOT, MODES)).containsExactly(new RigModeCost("Basic", 9, -312, -1),
                new RigModeCost("Long", 30, 192, 0));
    }

    @Test
    void unitsOfOtherKindsStay() {
        var rig = Rigs.of(Rigs.unit("1", Rigs.SPOT, "1.1"), Rigs.unit("2", Rigs.PAR, "1.23"), Rigs.unit("3", Rigs.SPOT));

        assertThat(ModeCosts.of(rig, Rigs.SPOT, MODES)).contains(new RigModeCost("Basic", 9, -13, 0));
    }
}
