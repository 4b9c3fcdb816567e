package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

/** By hand: 8 bits hold 255 steps, 16 bits 65,535; a half is rounded up. */
class UnitPathTest {
    private static final int DIMMER = 0;
    private static final int PAN = 1;
    private static final int TILT = 2;

    private static Adjustments on(String channel, ChannelAdjustment adjustment) {
        return Adjustments.NONE.with(channel, adjustment);
    }

    private static ChannelAdjustment curve(double... points) {
        return new ChannelAdjustment(false, List.of(new Knot(0, points[0]), new Knot(0.5, points[1]), new Knot(1, points[2])), 1, 0, 1,
                false,
                null, null);
    }

    private static ChannelAdjustment scale(double scale) {
        return new ChannelAdjustment(false, List.of(), scale, 0, 1, false, null, null);
    }

    private static ChannelAdjustment limit(double from, double to) {
        return new ChannelAdjustment(false, List.of(), 1, from, to, false, null, null);
    }

    private static final ChannelAdjustment INVERTED = ChannelAdjustment.NONE.withInvert(true);

    private static long raw(Adjustments adjustments, int channel, double level, double master) {
        var path = UnitPath.of(Rigs.head(), adjustments);
        var levels = path.starts();
        levels[channel] = level;
        assertThat(path.raw(channel, levels, master)).isEqualTo(path.steps(channel, levels, master).raw());
        return path.raw(channel, levels, master);
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0", "1, 255, 65535", "0.5, 128, 32768", "0.25, 64, 16384", "0.75, 191, 49151"})
    void nothingAdjustedIsTheLevelInTheChannelsWidth(double level, long in8, long in16) {
        assertThat(raw(Adjustments.NONE, DIMMER, level, 1)).isEqualTo(in8);
        assertThat(raw(Adjustments.NONE, PAN, level, 1)).isEqualTo(in16);
    }

    @Test
    void everyValueOfAChannelComesBackAsItWas() {
        var path = UnitPath.of(Rigs.head(), Adjustments.NONE);
        for (int value = 0; value <= 65_535; value++) {
            var levels = new double[]{0, value / 65_535.0, 0, 0, 0};
            assertThat(path.raw(PAN, levels, 1)).isEqualTo(value);
        }
    }

    @ParameterizedTest
    @CsvSource({"1, 0.8, 204", "0.5, 0.5, 64", "1, 0, 0", "1, 1, 255"})
    void theMasterScalesWhatItIsMeantFor(double level, double master, long dimmer) {
        assertThat(raw(Adjustments.NONE, DIMMER, level, master)).isEqualTo(dimmer);
        assertThat(raw(Adjustments.NONE, PAN, 1, master)).isEqualTo(65_535);
    }

    @Test
    void aUnitOrAChannelOutsideTheMasterStays() {
        assertThat(raw(new Adjustments(false, true, null, false, Map.of()), DIMMER, 1, 0.5)).isEqualTo(255);
        var outside = new ChannelAdjustment(false, List.of(), 1, 0, 1, true, null, null);
        assertThat(raw(on("Dimmer", outside), DIMMER, 1, 0.5)).isEqualTo(255);
        assertThat(raw(on("Pan", outside), DIMMER, 1, 0.5)).isEqualTo(128);
    }

    @Test
    void swapExchangesTheLevelsOfPanAndTilt() {
        var path = UnitPath.of(Rigs.head(), new Adjustments(true, false, null, false, Map.of()));
        var levels = new double[]{0, 0.25, 0.75, 0, 0};

        assertThat(path.raw(PAN, levels, 1)).isEqualTo(49_151); // 49151.25
        assertThat(path.raw(TILT, levels, 1)).isEqualTo(16_384); // 16383.75
        assertThat(path.raw(DIMMER, levels, 1)).isEqualTo(0);
    }

    @ParameterizedTest
    @CsvSource({"0, 255, 65535", "1, 0, 0", "0.75, 64, 16384", "0.5, 128, 32768"})
    void invertRunsTheOtherWay(double level, long in8, long in16) {
        assertThat(raw(on("Dimmer", INVERTED), DIMMER, level, 1)).isEqualTo(in8);
        assertThat(raw(on("Pan", INVERTED), PAN, level, 1)).isEqualTo(in16);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "0.25, 32", "0.5, 64", "0.75, 159", "1, 255"}) // at a quarter an eighth, at three quarters five eighths
    void aCurveReshapes(double level, long expected) {
        assertThat(raw(on("Dimmer", curve(0, 0.25, 1)), DIMMER, level, 1)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "0.5, 191", "0.6, 230", "0.8, 255", "1, 255"}) // one and a half: 0.75, 0.9, clipped
    void aScaleMultipliesAndClips(double level, long expected) {
        assertThat(raw(on("Dimmer", scale(1.5)), DIMMER, level, 1)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"0, 26, 6554", "0.05, 26, 6554", "0.5, 128, 32768", "0.95, 230, 58982", "1, 230, 58982"}) // 25.5 and 229.5, 6553.5 and 58981.5
    void aLimitClamps(double level, long in8, long in16) {
        assertThat(raw(on("Dimmer", limit(0.1, 0.9)), DIMMER, level, 1)).isEqualTo(in8);
        assertThat(raw(on("Pan", limit(0.1, 0.9)), PAN, level, 1)).isEqualTo(in16);
    }

    @Test
    void theStepsComeInTheirOrder() {
        var everything = new ChannelAdjustment(true, List.of(new Knot(0, 0), new Knot(0.5, 0.25), new Knot(1, 1)), 2, 0.1, 0.9, false, null,
                null);
        var path = UnitPath.of(Rigs.head(), on("Dimmer", everything));

        var steps = path.steps(DIMMER, new double[]{0.5, 0, 0, 0, 0}, 0.5);

        // master 0.25, inverted 0.75, curve 0.25 + 0.25 * 1.5 = 0.625, twice that is clipped to 1, limited to 0.9
        assertThat(
                List.of(steps.asked(), steps.afterMaster(), steps.afterSwap(), steps.afterInvert(), steps.afterCurve(), steps.afterScale(),
                        steps.afterLimit()))
            .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-12 ? 0 : 1)
            .containsExactly(0.5, 0.25, 0.25, 0.75, 0.625, 1.0, 0.9);
        assertThat(steps.raw()).isEqualTo(230);
    }

    @Test
    void theSwapComesBeforeWhatEachChannelDoesForItself() {
        var swapped = new Adjustments(true, false, null, false, Map.of("Pan", INVERTED));
        var path = UnitPath.of(Rigs.head(), swapped);
        var levels = new double[]{0, 0.25, 0.75, 0, 0};

        assertThat(path.steps(PAN, levels, 1).afterSwap()).isEqualTo(0.75);
        assertThat(path.raw(PAN, levels, 1)).isEqualTo(16_384); // tilt's level, inverted by pan
        assertThat(path.raw(TILT, levels, 1)).isEqualTo(16_384); // pan's level as it came
    }

    @Test
    void theNameOfAChannelCountsBeforeItsAttribute() {
        var both = Adjustments.NONE.with("Pan", INVERTED).with("Yoke_Pan", scale(0.5));

        assertThat(raw(both, PAN, 1, 1)).isEqualTo(32_768); // 32767.5
    }

    @Test
    void dimmersStayWarm() {
        var warm = new Adjustments(false, false, 0.1, false, Map.of());

        assertThat(raw(warm, DIMMER, 0, 1)).isEqualTo(26);
        assertThat(raw(warm, DIMMER, 1, 0)).isEqualTo(26);
        assertThat(raw(warm, DIMMER, 0.5, 1)).isEqualTo(128);
        assertThat(raw(warm, PAN, 0, 1)).isEqualTo(0);
    }

    @Test
    void channelsBeginWhereTheProfileOrTheUnitSays() {
        var gobo = new ChannelAdjustment(false, List.of(), 1, 0, 1, false, null, 0.5);

        assertThat(UnitPath.of(Rigs.head(), Adjustments.NONE).starts()).usingComparatorWithPrecision(1e-12)
            .containsExactly(0, 32_768 / 65_535.0, 32_768 / 65_535.0, 20 / 255.0, 0);
        assertThat(UnitPath.of(Rigs.head(), new Adjustments(false, false, null, true, Map.of("Gobo1", gobo))).starts())
            .containsExactly(new double[]{0, 0, 0, 0.5, 0}, within(1e-12));
    }
}
