package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;

/** Pan crosses 540 degrees in 2 s: 270 degrees a second. */
class MovingTest {
    private static Moving moving(double fade, double acceleration) {
        var mode = mode(fade, acceleration);
        var fixture = Obeying.of(mode, List.of());
        var moving = new Moving(mode, fixture.at(slots(0)));
        moving.aim(fixture.meanings(slots(255)), fixture.at(slots(255)), 10);
        return moving;
    }

    private static CompiledMode mode(double fade, double acceleration) {
        FixtureType type = BenchFixtures.head();
        var pan = type.modes().getFirst().channels().getFirst();
        return BenchFixtures.first(type.mapChannel(pan.id(), channel -> channel.mapFunctions(function -> function.with(f -> {
            f.realFade = fade;
            f.realAcceleration = acceleration;
        }))));
    }

    private static byte[] slots(int pan) {
        return new byte[]{(byte) pan, (byte) pan, 0, 0, 0, 0, 0, 0};
    }

    @Test
    void withoutAWordOnItItIsThereAtOnce() {
        assertThat(moving(0, 0).at(10).axes()).containsEntry("Pan", 270.0);
    }

    @Test
    void itTakesAsLongAsItsFadeSays() {
        var moving = moving(2, 0);

        assertThat(moving.at(10).axes()).containsEntry("Pan", -270.0);
        assertThat(moving.at(10.5).axes().get("Pan")).isCloseTo(-135, within(1e-9));
        assertThat(moving.rests(11.99)).isFalse();
        assertThat(moving.at(12).axes()).containsEntry("Pan", 270.0);
        assertThat(moving.rests(12)).isTrue();
    }

    @Test
    void itGainsAndLosesSpeed() {
        var moving = moving(2, 0.5);

        // 270 * 0.5^2 / (2 * 0.5) = 67.5 after the gain; then 270 a second; 2.5 s in all
        assertThat(moving.at(10.5).axes().get("Pan")).isCloseTo(-202.5, within(1e-9));
        assertThat(moving.at(11.25).axes().get("Pan")).isCloseTo(0, within(1e-9));
        assertThat(moving.at(12).axes().get("Pan")).isCloseTo(202.5, within(1e-9));
        assertThat(moving.at(12.5).axes()).containsEntry("Pan", 270.0);
    }

    @Test
    void aWayThatIsTooShortForFullSpeedIsGoneInHalvesOfGainAndLoss() {
        var mode = mode(2, 4);
        var fixture = Obeying.of(mode, List.of());
        var moving = new Moving(mode, fixture.at(slots(0)));
        moving.aim(fixture.meanings(slots(255)), fixture.at(slots(255)), 0);

        // 67.5 degrees a second a second: 540 = 67.5 * t^2, t = 2.828 s for each half
        assertThat(moving.at(Math.sqrt(8)).axes().get("Pan")).isCloseTo(0, within(1e-9));
        assertThat(moving.at(2 * Math.sqrt(8)).axes()).containsEntry("Pan", 270.0);
    }

    @Test
    void anotherAimBeginsWhereItIs() {
        var mode = mode(2, 0);
        var fixture = Obeying.of(mode, List.of());
        var moving = moving(2, 0);
        moving.aim(fixture.meanings(slots(0)), fixture.at(slots(0)), 11);

        assertThat(moving.at(11).axes().get("Pan")).isCloseTo(0, within(1e-9));
        assertThat(moving.at(11.5).axes().get("Pan")).isCloseTo(-135, within(1e-9));
        assertThat(moving.at(12).axes()).containsEntry("Pan", -270.0);
    }
}
