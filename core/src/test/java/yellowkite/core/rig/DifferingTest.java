package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

class DifferingTest {
    @Test
    void aUnitLikeItsProfileDiffersInNothing() {
        assertThat(Differing.of(Adjustments.NONE)).isEmpty();
    }

    @Test
    void namesEachStepOnceInTheOrderOfThePath() {
        var own = new Adjustments(true, false, 0.04, true,
                Map.of("Pan", new ChannelAdjustment(true, List.of(), 1, 0, 1, false, null, null), "Tilt",
                        new ChannelAdjustment(true, List.of(new Knot(0, 0), new Knot(1, 1)), 0.5, 0, 0.9, true, true, 0.5)));

        assertThat(Differing.of(own)).extracting(mark -> mark.kind() + " " + mark.says())
            .containsExactly("MASTER Outside the grand master: Tilt", "SWAP Pan and tilt swapped", "INVERT Inverted: Pan, Tilt",
                    "CURVE Curve: Tilt", "SCALE Scaled: Tilt", "LIMIT Stays warm: Tilt", "FADE Snap or fade: Tilt",
                    "START Begins at 0: Tilt");
    }
}
