package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class MeasuredTest {
    private final Walk walk = Walk.of(BenchFixtures.first(BenchFixtures.head()), false);

    private Step step(String channel, Step.Kind kind) {
        return walk.steps().stream().filter(each -> each.channel().equals(channel) && each.kind() == kind).findFirst().orElseThrow();
    }

    @Test
    void aPersonMeasuresToAFiftiethOfWhatAnAxisRunsThrough() {
        var pan = Measured.of(walk, step("Yoke_Pan", Step.Kind.LAST)).orElseThrow();

        assertThat(pan.wanted()).isEqualTo(270);
        assertThat(pan.near()).isCloseTo(10.8, within(1e-9)); // 540 / 50
        assertThat(pan.judge(260)).isEqualTo(Walk.Verdict.AGREES);
        assertThat(pan.judge(259)).isEqualTo(Walk.Verdict.DIFFERS);
        assertThat(pan.words(-270)).isEqualTo("measured -270\u00b0, the profile says 270\u00b0");
    }

    @Test
    void aMeterReadsTheLightInPercent() {
        var half = Measured.of(walk, step("Lens_Dimmer", Step.Kind.MIDDLE)).orElseThrow();

        assertThat(half.unit()).isEqualTo("%");
        assertThat(half.wanted()).isCloseTo(100.0 * 127 / 255, within(1e-9));
        assertThat(half.judge(51)).isEqualTo(Walk.Verdict.AGREES);
        assertThat(half.judge(53)).isEqualTo(Walk.Verdict.DIFFERS);
    }

    @Test
    void aSlotOrAnUnseenFanIsNoNumber() {
        assertThat(Measured.of(walk, step("Lens_Gobo1", Step.Kind.MIDDLE))).isEmpty();
        assertThat(Measured.of(walk, step("Base_Fan1", Step.Kind.LAST))).isEmpty();
        assertThat(Measured.of(walk, walk.steps().getFirst())).isEmpty();
    }
}
