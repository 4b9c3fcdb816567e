package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rigs;

class SceneLossesTest {
    @Test
    void aSoundRigLosesNothing() {
        var turned = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true));

        assertThat(SceneLosses.of(Rigs.of(Rigs.unit("1", Rigs.SPOT, f -> f.adjustments = turned, "1.1")), Map.of())).isEmpty();
    }

    @Test
    void eachThingThatStaysOrIsWrongIsToldWithItsUnit() {
        var half = Adjustments.NONE.with("Dimmer", new ChannelAdjustment(true, List.of(), 0.5, 0, 1, false, null, null));
        var rig = Rigs.of(Rigs.unit("1", Rigs.SPOT, f -> f.adjustments = half, "1.1"),
                Rigs.unit("2", Rigs.PAR, f -> f.note = "Loose", "1.5"),
                Rigs.unit("3", Found.NOTHING, f -> f.colour = "teal"));

        assertThat(SceneLosses.of(rig, Map.of("par", 2))).extracting(each -> each.kind() + " " + each.unit() + " " + each.says())
            .containsExactly("NO_PROFILE 3 Unit 3 (Unit 3) has no profile: it goes out by name alone, as an unknown fixture.",
                    "PROFILE_ERRORS 2 The checks find 2 errors in Lumbrook Moth.", "NO_ADDRESS 3 Unit 3 (Unit 3) has no address.",
                    "COLLISION 1 Units 1 (Unit 1) and 2 (Unit 2) collide on addresses 1.5 to 1.13.",
                    "ADJUSTMENT 1 Unit 1 (Unit 1): the format cannot carry Inverted: Dimmer; Scaled: Dimmer.",
                    "NOTE 2 The note of unit 2 (Unit 2) stays here.",
                    "TAG 3 Colour tag and DIP offset of unit 3 (Unit 3) stay here.");
    }
}
