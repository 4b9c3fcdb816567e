package yellowkite.core.rig.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;

class ByModeTest {
    private static final Found NEWER = Found.chosen("newer", "Lumbrook", "Moth", "Nine", new TreeMap<>(Map.of(1, 10)));
    private final Rig rig = Rigs.of(unit("1", Rigs.PAR, "1.1"), unit("2", Rigs.PAR, "1.10"), unit("3", Rigs.SPOT, "2.1"));

    /** Two pars of nine stand right behind each other; of ten addresses the first does not fit, the second does. */
    @Test
    void eachUnitBecomesTheModeOfItsNameAndWhoDoesNotFitIsCounted() {
        var byMode = ByMode.of(rig.units(), name -> name.equals("Nine") ? Optional.of(NEWER) : Optional.empty());

        assertThat(byMode.gone()).containsExactly("Extended");
        assertThat(byMode.edit().edits()).containsExactly(new ReplaceFixture(List.of("1", "2"), NEWER));
        assertThat(byMode.displaced(rig)).isEqualTo(1);
        assertThat(Rigs.addresses(Rigs.after(rig, byMode.edit()))).contains("3 2.1");
    }

    @Test
    void nothingIsDisplacedWhereNothingChanges() {
        assertThat(ByMode.of(rig.units(), name -> Optional.empty()).displaced(rig)).isZero();
    }
}
