package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.mvr.SceneLosses.Flaws;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rigs;

class SceneLossesTest {
    @Test
    void aSoundRigLosesNothing() {
        var turned = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true));

        assertThat(SceneLosses.of(Rigs.of(Rigs.unit("1", Rigs.SPOT, f -> f.adjustments = turned, "1.1")), Map.of(), Map.of())).isEmpty();
    }

    @Test
    void eachThingThatStaysOrIsWrongIsToldWithItsUnit() {
        var half = Adjustments.NONE.with("Dimmer", new ChannelAdjustment(true, List.of(), 0.5, 0, 1, false, null, null));
        var rig = Rigs.of(Rigs.unit("1", Rigs.SPOT, f -> f.adjustments = half, "1.1"),
                Rigs.unit("2", Rigs.PAR, f -> f.note = "Loose", "1.5"),
                Rigs.unit("3", Found.NOTHING, f -> f.colour = "teal"));

        assertThat(SceneLosses.of(rig, Map.of("par", new Flaws(2, "'reed.png' is 2000 x 2000 pixels large.")), Map.of()))
            .extracting(each -> each.kind() + " " + each.unit() + " " + each.says())
            .containsExactly("NO_PROFILE 3 Unit 3 (Unit 3) has no profile: it goes out by name alone, as an unknown fixture.",
                    "PROFILE_ERRORS 2 The checks find 2 errors in Lumbrook Moth.",
                    "PROFILE_PICTURES 2 Lumbrook Moth: 'reed.png' is 2000 x 2000 pixels large.",
                    "NO_ADDRESS 3 Unit 3 (Unit 3) has no address.",
                    "COLLISION 1 Units 1 (Unit 1) and 2 (Unit 2) collide on addresses 1.5 to 1.13.",
                    "ADJUSTMENT 1 Unit 1 (Unit 1): the format cannot carry Inverted: Dimmer; Scaled: Dimmer.",
                    "NOTE 2 The note of unit 2 (Unit 2) stays here.",
                    "TAG 3 Colour tag and DIP offset of unit 3 (Unit 3) stay here.");
    }

    @Test
    void aNoteThatTheSceneHasAlreadyIsNoLoss() {
        var rig = Rigs.of(Rigs.unit("1", Rigs.PAR, f -> f.note = "Body_Dimmer,f 50", "1.1"));

        assertThat(SceneLosses.of(rig, Map.of(), Map.of("1", "Body_Dimmer,f 50"))).isEmpty();
        assertThat(SceneLosses.of(rig, Map.of(), Map.of("1", "Body_Dimmer,f 40"))).hasSize(1);
    }

    @Test
    void aNameThatNoFileCanHaveIsTold() {
        var odd = Found.chosen("odd", "Osier/Vane", "Reed@10", "Basic", new TreeMap<>(Map.of(1, 4)));

        assertThat(SceneLosses.of(Rigs.of(Rigs.unit("1", odd, "1.1")), Map.of(), Map.of())).extracting(SceneLosses.Loss::says)
            .containsExactly(
                    "The standard cannot hold the name Osier/Vane Reed@10 as it is: its file is called 'Osier Vane@Reed 10.gdtf'.");
    }
}
