package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

class RigLevelsTest {
    private static final Found HEAD = Found.chosen("head", "Tidewick", "Petrel Spot", "Short", new TreeMap<>(Map.of(1, 8)));
    private final CompiledMode mode = Rigs.head();

    private RigLevels levels(Unit... units) {
        return RigLevels.of(List.of(units), unit -> unit.found().hasProfile() ? mode : null);
    }

    private static List<Integer> bytes(RigLevels levels, int universe, int from, int to) {
        var frame = levels.frames().get(universe);
        return IntStream.rangeClosed(from, to).mapToObj(at -> frame[at - 1] & 0xFF).toList();
    }

    @Test
    void sendsTheStartValues() {
        var levels = levels(unit("1", HEAD, "1.1"), unit("2", HEAD, "2.505"));

        levels.send(1);

        assertThat(bytes(levels, 1, 1, 8)).containsExactly(0, 128, 0, 128, 0, 20, 0, 0);
        assertThat(bytes(levels, 2, 505, 512)).containsExactly(0, 128, 0, 128, 0, 20, 0, 0);
    }

    @Test
    void sendsWhatIsPlayedThroughEachUnitsOwnPath() {
        var inverted = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true));
        var levels = levels(unit("1", HEAD, "1.1"), unit("2", HEAD, f -> f.adjustments = inverted, "1.9"));

        levels.lines().forEach(line -> {
            line.levels()[0] = 1;
            line.levels()[1] = 0.75;
        });
        levels.send(0.8);

        // 204; 49151 is 191:255, and the other way 16384 is 64:0
        assertThat(bytes(levels, 1, 1, 3)).containsExactly(204, 191, 255);
        assertThat(bytes(levels, 1, 9, 11)).containsExactly(204, 64, 0);
    }

    @Test
    void rawValuesArePlayedThroughTheUnitsPathAsWell() {
        var inverted = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true));
        var levels = levels(unit("1", HEAD, f -> f.adjustments = inverted, "1.1"));

        levels.find("1").orElseThrow().play(new long[]{255, 1, 0x1234, 20, 7});
        levels.send(1);

        // pan 1 of 65535 the other way is 65534
        assertThat(bytes(levels, 1, 1, 8)).containsExactly(255, 255, 254, 0x12, 0x34, 20, 0, 7);
        assertThat(levels.find("2")).isEmpty();
    }

    @Test
    void placesOfWideChannelsAndOfThoseThatJump() {
        var jumps = Adjustments.NONE.with("Gobo1", new ChannelAdjustment(false, List.of(), 1, 0, 1, false, true, null));
        var levels = levels(unit("1", HEAD, "1.1"), unit("2", HEAD, f -> f.adjustments = jumps, "1.9"), unit("3", HEAD, "2.1"));

        assertThat(levels.wide(1)).containsExactly(List.of(1, 2), List.of(3, 4), List.of(9, 10), List.of(11, 12));
        assertThat(levels.jumps(1)).as("the second one's gobo, at address 14").containsExactly(13);
        assertThat(levels.jumps(2)).isEmpty();
        assertThat(levels.wide(3)).isEmpty();
    }

    @Test
    void turnsAloneLeaveNothingThatKeepsLightUp() {
        var warm = new Adjustments(true, true, 0.1, true,
                Map.of("Pan", ChannelAdjustment.NONE.withInvert(true), "Dimmer",
                        new ChannelAdjustment(false, List.of(), 1, 0.2, 1, false, null, 0.5)));

        assertThat(warm.turns())
            .isEqualTo(new Adjustments(true, false, null, false, Map.of("Pan", ChannelAdjustment.NONE.withInvert(true))));
    }

    @Test
    void aUnitNobodyKnowsStaysDarkAndHoldsItsAddresses() {
        var levels = levels(unit("1", Found.placeholder(3), "1.5"));

        levels.send(1);

        assertThat(bytes(levels, 1, 5, 7)).containsExactly(0, 0, 0);
        assertThat(IntStream.rangeClosed(1, 512).filter(at -> levels.holds(1, at))).containsExactly(5, 6, 7);
    }

    @Test
    void nothingIsSentOverTheUniversesEnd() {
        var levels = levels(unit("1", HEAD, "1.510"));

        levels.send(1);

        assertThat(bytes(levels, 1, 509, 512)).containsExactly(0, 0, 128, 0);
        assertThat(levels.frames().keySet()).containsExactly(1);
    }

    @Test
    void whatWasSentBeforeIsSentAnew() {
        var levels = levels(unit("1", HEAD, "1.1"));
        levels.lines().getFirst().levels()[0] = 1;
        levels.send(1);
        levels.lines().getFirst().levels()[0] = 0;

        levels.send(1);

        assertThat(bytes(levels, 1, 1, 1)).containsExactly(0);
    }
}
